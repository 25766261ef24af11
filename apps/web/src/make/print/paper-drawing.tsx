import { boundsOfPoints, type Drawing, type DrawnLine, type LineRole } from '@arcus/core';
import { placeLabels } from '../../table/labels.ts';

interface Props {
  drawing: Drawing;
  /** Room on the paper, mm. */
  width: number;
  height: number;
  /** Say at what scale it is drawn. */
  scaled?: boolean;
}

/** Scales one finds on a ruler: one to so many. */
const SCALES = [1, 2, 4, 5, 8, 10, 15, 20, 25, 40, 50];
/** Letters on paper, mm, about how wide one is, and how far apart lines of them stand. */
const LETTERS = 3.2;
const LETTER = 1.75;
const APART = 3.8;
const MARGIN = 8;

const STROKES: Record<LineRole, { width: number; dash?: string }> = {
  cut: { width: 0.5 },
  seam: { width: 0.25, dash: '2 1.5' },
  fold: { width: 0.35, dash: '4 1.2 0.8 1.2' },
  edge: { width: 1.1 },
  cloth: { width: 1 },
  'other-cloth': { width: 1, dash: '3 1' },
  lining: { width: 0.6, dash: '1.6 1' },
  elastic: { width: 1.3, dash: '0.8 0.5' },
  zip: { width: 1, dash: '1.2 0.5' },
  stitch: { width: 0.5, dash: '1 0.6' },
  gathering: { width: 0.35, dash: '0.5 0.7' },
  direction: { width: 0.6 },
  notch: { width: 0.7 },
  measure: { width: 0.2 },
  dot: { width: 1.3 },
};

/** A neutral drawing black on white, at a scale one can measure on the paper where that is asked for. */
export function PaperDrawing({ drawing, width, height, scaled = false }: Props) {
  const box = boundsOfPoints(drawing.lines.flatMap((line) => line.points));
  const [w, h] = [Math.max(1, box.width), Math.max(1, box.height)];
  const needed = Math.max(w / (width - 2 * MARGIN), h / (height - 2 * MARGIN));
  const one = scaled ? (SCALES.find((each) => each >= needed) ?? Math.ceil(needed)) : needed;
  const x = (mm: number) => MARGIN + (mm - box.minX) / one;
  const y = (mm: number) => MARGIN + (box.maxY - mm) / one;
  const [paperWidth, paperHeight] = [w / one + 2 * MARGIN, h / one + 2 * MARGIN];
  const labels = placeLabels(
    drawing.texts.map(({ at, says, anchor = 'start' }) => ({ x: x(at[0]) + (anchor === 'start' ? 1 : 0), y: y(at[1]) - 1, lines: [says], anchor })),
    { width: paperWidth, letter: LETTER, line: APART },
  );
  return (
    <figure className="paper-drawing">
      <svg
        width={`${paperWidth.toFixed(2)}mm`}
        height={`${paperHeight.toFixed(2)}mm`}
        viewBox={`0 0 ${paperWidth.toFixed(2)} ${paperHeight.toFixed(2)}`}
        role="img"
        aria-label={drawing.words}
        fill="none"
        stroke="#000"
      >
        {drawing.lines.map((line, i) => (
          <Line key={i} line={line} x={x} y={y} />
        ))}
        {labels.map(({ x: left, anchor, top, lines }, i) => (
          <text
            key={i}
            x={left}
            y={top}
            textAnchor={anchor}
            fontSize={LETTERS}
            fill="#000"
            stroke="#fff"
            strokeWidth="0.9"
            style={{ paintOrder: 'stroke' }}
          >
            {lines[0]}
          </text>
        ))}
      </svg>
      {scaled && <figcaption>{one === 1 ? 'True to size.' : `Drawn 1 : ${one}.`}</figcaption>}
    </figure>
  );
}

function Line({ line, x, y }: { line: DrawnLine; x(mm: number): number; y(mm: number): number }) {
  const { width, dash } = STROKES[line.role];
  const points = line.points.map(([px, py]) => [x(px), y(py)] as const);
  if (line.role === 'direction') return <Arrow points={points} />;
  const d = `M${points.map((point) => point.map((value) => value.toFixed(2)).join(' ')).join('L')}${line.closed ? 'Z' : ''}`;
  return <path d={d} strokeWidth={width} strokeLinecap={dash ? 'butt' : 'round'} {...(dash ? { strokeDasharray: dash } : {})} />;
}

/** Where to begin and which way to go. */
function Arrow({ points }: { points: ReadonlyArray<readonly [number, number]> }) {
  const [start, end] = [points[0]!, points[points.length - 1]!];
  const before = points[points.length - 2] ?? start;
  const angle = (Math.atan2(end[1] - before[1], end[0] - before[0]) * 180) / Math.PI;
  return (
    <g>
      <circle cx={start[0]} cy={start[1]} r="1.3" fill="#fff" strokeWidth="0.5" />
      <path d="M-2.4 -1.8L1.2 0L-2.4 1.8Z" transform={`translate(${end[0]} ${end[1]}) rotate(${angle})`} fill="#000" />
    </g>
  );
}
