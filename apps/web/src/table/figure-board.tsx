import { figureOf, formatLength, measureById, type Body, type Figure } from '@arcus/core';
import { useUnits } from '../settings/units.tsx';
import { Board } from './board.tsx';
import { figurePath } from './figure-path.ts';
import type { View } from './view.ts';

/** Where the tape runs for a measure, seen from the front: a level for girths, a line for lengths; mm on the figure. */
function tapeOf(id: string, { heights: h, halfWidths: w }: Figure): { from: [number, number]; to: [number, number]; girth: boolean } | undefined {
  const round = (y: number, half: number) => ({ from: [-half, y] as [number, number], to: [half, y] as [number, number], girth: true });
  const down = (x: number, top: number, bottom: number) => ({
    from: [x, top] as [number, number],
    to: [x, bottom] as [number, number],
    girth: false,
  });
  switch (id) {
    case 'bust-girth':
      return round(h.bust, w.bust);
    case 'under-bust-girth':
      return round(h.bust - 70, w.bust * 0.93);
    case 'waist-girth':
      return round(h.waist, w.waist);
    case 'hip-girth':
      return round(h.hip, w.hip);
    case 'knee-girth':
      return { from: [6, h.knee], to: [w.hip * 0.55, h.knee], girth: true };
    case 'legs-girth':
      return round(h.knee - 60, w.hip * 0.6);
    case 'neck-girth':
      return round(h.neck, w.neck);
    case 'head-girth':
      return round(h.crown - 75, w.head);
    case 'shoulder-girth':
      return round(h.shoulder - 60, w.shoulder * 1.25);
    case 'waist-to-hip':
      return down(w.hip * 1.12, h.waist, h.hip);
    case 'waist-to-knee':
      return down(-w.hip * 0.35, h.waist, h.knee);
    case 'waist-to-floor':
      return down(w.hip * 1.45, h.waist, 0);
    case 'shoulder-to-waist':
      return down(-w.neck * 1.2, h.shoulder + 25, h.waist);
    case 'shoulder-to-floor':
      return down(-w.neck * 1.2, h.shoulder + 25, 0);
    case 'shoulder-width':
      return { from: [-w.shoulder, h.shoulder], to: [w.shoulder, h.shoulder], girth: false };
    default:
      return undefined;
  }
}

/** The figure on the cutting table with the lines this garment needs; the measure in hand in tape yellow. */
export function FigureBoard({ body, measures, active }: { body: Body; measures: readonly string[]; active?: string }) {
  const { units } = useUnits();
  const figure = figureOf(body);
  const frame = { minX: -figure.heights.crown * 0.36, maxX: figure.heights.crown * 0.36, minY: -10, maxY: figure.heights.crown + 10 };
  const said = measures
    .map((id) => `${measureById(id)?.label} ${body[id] === undefined ? 'not measured' : formatLength(body[id], units)}`)
    .join(', ');
  return (
    <Board frame={frame} margins={{ left: 20, right: 20, top: 26, bottom: 22 }} describe={`A figure with the tape lines of this garment: ${said}`}>
      {(view) => (
        <>
          <path d={figurePath(figure, view)} fill="#223b52" stroke="#fff" strokeWidth="2" filter="url(#chalk)" />
          <line x1={view.x(frame.minX)} x2={view.x(frame.maxX)} y1={view.y(0)} y2={view.y(0)} stroke="#5d7489" strokeDasharray="2 6" />
          {measures.map((id) => (
            <TapeLine
              key={id}
              id={id}
              view={view}
              figure={figure}
              active={id === active}
              text={body[id] === undefined ? 'not yet' : formatLength(body[id], units)}
            />
          ))}
        </>
      )}
    </Board>
  );
}

function TapeLine({ id, view, figure, active, text }: { id: string; view: View; figure: Figure; active: boolean; text: string }) {
  const tape = tapeOf(id, figure);
  if (!tape) return null;
  const [x1, y1, x2, y2] = [view.x(tape.from[0]), view.y(tape.from[1]), view.x(tape.to[0]), view.y(tape.to[1])];
  const colour = active ? '#f2c84b' : '#9fb4c6';
  const sag = tape.girth ? 9 : 0;
  const [tx, ty] = tape.girth ? [x2 + 16, y2 + 5] : [x2 + 12, (y1 + y2) / 2];
  return (
    <g>
      <path
        d={`M${x1} ${y1}Q${(x1 + x2) / 2} ${(y1 + y2) / 2 + 2 * sag} ${x2} ${y2}`}
        fill="none"
        stroke={colour}
        strokeWidth={active ? 5 : 2.5}
        strokeDasharray={active ? undefined : '7 5'}
      />
      {tape.girth && (
        <path
          d={`M${x1} ${y1}Q${(x1 + x2) / 2} ${(y1 + y2) / 2 - 2 * sag} ${x2} ${y2}`}
          fill="none"
          stroke={colour}
          strokeWidth="1.5"
          opacity="0.5"
        />
      )}
      <text x={tx} y={ty} fontSize={active ? 18 : 15} fontWeight={active ? 700 : 500} style={{ fill: colour }}>
        {measureById(id)?.label} {text}
      </text>
    </g>
  );
}
