import { useEffect, useId, useRef, useState } from 'react';
import { boundsOfPoints, type Drawing, type DrawnLine, type LineRole } from '@arcus/core';
import { COLOUR } from '../theme/tokens.ts';
import { placeLabels, wrapped } from './labels.ts';
import { viewOf, type Frame, type View } from './view.ts';

interface Props {
  drawing: Drawing;
  /** Colour of the cloth. */
  colour: string;
}

interface Stroke {
  stroke: string;
  width: number;
  dash?: string;
  fill?: boolean;
}

const OTHER = '#8fb3c7';
const strokes = (colour: string): Record<LineRole, Stroke> => ({
  cut: { stroke: COLOUR.chalk, width: 2, fill: true },
  seam: { stroke: 'rgb(255 255 255 / 70%)', width: 1.2, dash: '6 5' },
  fold: { stroke: COLOUR.chalk, width: 1.5, dash: '12 4 3 4' },
  edge: { stroke: COLOUR.docket, width: 6 },
  cloth: { stroke: colour, width: 6 },
  'other-cloth': { stroke: OTHER, width: 6 },
  lining: { stroke: '#d8dfe4', width: 3, dash: '7 4' },
  elastic: { stroke: COLOUR.tape, width: 7, dash: '3 2' },
  zip: { stroke: '#c9ced2', width: 5, dash: '5 2' },
  stitch: { stroke: COLOUR.docket, width: 2.2 },
  gathering: { stroke: COLOUR.chalk, width: 1.6, dash: '2 3' },
  direction: { stroke: COLOUR.ink, width: 2.4 },
  notch: { stroke: COLOUR.chalk, width: 3 },
  measure: { stroke: COLOUR.tape, width: 1.5 },
  dot: { stroke: COLOUR.chalk, width: 4 },
});

const MARGINS = { left: 18, top: 20, right: 18, bottom: 18 };

/** A drawing is no taller than that, and no lower, px. */
const TALLEST = 212;
const LOWEST = 96;

/** A neutral drawing of the core on the dark table, as large as its place; its words stand below it. */
export function Sketch({ drawing, colour }: Props) {
  const host = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(0);
  const words = useId();
  useEffect(() => {
    const element = host.current!;
    const watch = new ResizeObserver(() => setWidth(element.clientWidth));
    watch.observe(element);
    return () => watch.disconnect();
  }, []);
  const points = drawing.lines.flatMap((line) => line.points);
  const box = boundsOfPoints(points);
  const said = drawing.texts.map(({ at, says, anchor = 'start' }) => ({ at, anchor, lines: wrapped(says, (width * WIDEST) / LETTER) }));
  const { view, height } = viewWithWords(said, box, width);
  const labels = placeLabels(
    said.map(({ at, anchor, lines }) => ({ x: view.x(at[0]), y: view.y(at[1]), lines, anchor })),
    { width, letter: LETTER, line: LINE, height },
  );
  return (
    <figure className="sketch">
      <div ref={host} style={{ minHeight: height }}>
        {width > 0 && (
          <svg width={width} height={height} role="img" aria-labelledby={words}>
            {drawing.lines.map((line, i) => (
              <Line key={i} line={line} view={view} colour={colour} />
            ))}
            {labels.map(({ x, anchor, top, lines }, i) => (
              <text
                key={i}
                textAnchor={anchor}
                fontSize="14"
                fontWeight="600"
                style={{ paintOrder: 'stroke', stroke: 'rgb(24 40 56 / 75%)', strokeWidth: 4 }}
              >
                {lines.map((line, j) => (
                  <tspan key={j} x={x} y={top + j * LINE}>
                    {line}
                  </tspan>
                ))}
              </text>
            ))}
          </svg>
        )}
      </div>
      <figcaption id={words}>{drawing.words}</figcaption>
    </figure>
  );
}

function Line({ line, view, colour }: { line: DrawnLine; view: View; colour: string }) {
  const { stroke, width, dash, fill } = strokes(colour)[line.role];
  const points = line.points.map(([x, y]) => [view.x(x), view.y(y)] as const);
  const path = `M${points.map((point) => point.map((value) => value.toFixed(1)).join(' ')).join('L')}${line.closed ? 'Z' : ''}`;
  if (line.role === 'direction') return <Direction points={points} />;
  return (
    <path
      d={path}
      fill={fill ? colour : 'none'}
      fillRule="evenodd"
      stroke={stroke}
      strokeWidth={width}
      strokeLinejoin="round"
      strokeLinecap={dash ? 'butt' : 'round'}
      {...(dash ? { strokeDasharray: dash } : {})}
    />
  );
}

/** Where to begin and which way to go. */
function Direction({ points }: { points: ReadonlyArray<readonly [number, number]> }) {
  const [start, end] = [points[0]!, points[points.length - 1]!];
  const before = points[points.length - 2] ?? start;
  const angle = (Math.atan2(end[1] - before[1], end[0] - before[0]) * 180) / Math.PI;
  return (
    <g>
      <circle cx={start[0]} cy={start[1]} r="7" fill={COLOUR.docket} stroke={COLOUR.ink} strokeWidth="2" />
      <path
        d="M-11 -8L5 0L-11 8Z"
        transform={`translate(${end[0]} ${end[1]}) rotate(${angle})`}
        fill={COLOUR.docket}
        stroke={COLOUR.ink}
        strokeWidth="1.5"
      />
    </g>
  );
}

/** About how wide a letter of the words in a drawing is, how far apart their lines stand, px; and what share of the width they may take. */
const LETTER = 7.6;
const LINE = 18;
const WIDEST = 0.6;

interface Said {
  at: readonly [number, number];
  anchor: 'start' | 'middle' | 'end';
  lines: string[];
}

/** The largest view in which the words have room too; no taller than what is drawn, so that a long low drawing leaves no empty table around it. */
function viewWithWords(words: readonly Said[], box: Frame, width: number): { view: View; height: number } {
  const margins = { ...MARGINS };
  let view = viewOf(box, width, TALLEST, margins);
  for (let i = 0; i < 3; i++) {
    let [left, right] = [0, 0];
    for (const { at, lines, anchor } of words) {
      const long = Math.max(...lines.map((each) => each.length)) * LETTER;
      const from = view.x(at[0]) - (anchor === 'start' ? 0 : anchor === 'middle' ? long / 2 : long);
      left = Math.max(left, 6 - from);
      right = Math.max(right, from + long - width + 6);
    }
    if (left <= 0 && right <= 0) break;
    margins.left = Math.min(width * 0.4, margins.left + left);
    margins.right = Math.min(width * 0.7, margins.right + right);
    view = viewOf(box, width, TALLEST, margins);
  }
  // words above and below what is drawn
  for (const { at, lines } of words) {
    const [above, below] = [(at[1] - box.maxY) * view.scale + LINE, (box.minY - at[1]) * view.scale + (lines.length - 1) * LINE + LINE / 2];
    margins.top = Math.max(margins.top, above);
    margins.bottom = Math.max(margins.bottom, below);
  }
  const drawn = (box.maxY - box.minY) * view.scale + margins.top + margins.bottom;
  const height = Math.min(TALLEST, Math.max(LOWEST, drawn));
  return { view: viewOf(box, width, height, margins), height };
}
