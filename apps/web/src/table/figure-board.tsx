import { figureOf, formatLength, measureById, type Body } from '@arcus/core';
import { useUnits } from '../settings/units.tsx';
import { Board } from './board.tsx';
import { armOf, ARMS_HANG, figurePath } from './figure-path.ts';
import { FLAT_TAPES, placeLabels, tapeOf, type Tape } from './tapes.ts';
import type { View } from './view.ts';

const TAPE = '#f2c84b';
const QUIET = '#9fb4c6';

interface Props {
  body: Body;
  measures: readonly string[];
  active?: string;
}

/** The figure on the cutting table with the lines this garment needs, a garment laid flat beside it where one is measured; the measure in hand in tape yellow. */
export function FigureBoard({ body, measures, active }: Props) {
  const { units } = useUnits();
  const figure = figureOf(body);
  const { crown } = figure.heights;
  const wide = armOf(figure, ARMS_HANG).wrist[0] + 60;
  const flat = measures.filter((id) => id in FLAT_TAPES);
  const shirt = { width: crown * 0.24, height: crown * 0.3, x: -wide - crown * 0.19, top: crown * 0.72 };
  const frame = { minX: flat.length > 0 ? -wide - crown * 0.36 : -wide, maxX: wide + crown * 0.34, minY: -10, maxY: crown + 10 };
  const text = (id: string) => `${measureById(id)?.label} ${body[id] === undefined ? 'not yet' : formatLength(body[id], units)}`;
  const said = measures.map(text).join(', ');
  const onShirt = ({ from, to, girth }: Tape): Tape => {
    const at = ([x, y]: readonly [number, number]): [number, number] => [shirt.x + x * shirt.width, shirt.top - y * shirt.height];
    return { from: at(from), to: at(to), girth };
  };
  const tapes = measures.flatMap((id) => {
    const tape = id in FLAT_TAPES ? onShirt(FLAT_TAPES[id]!) : tapeOf(id, figure);
    return tape ? [{ id, tape, flat: id in FLAT_TAPES }] : [];
  });
  return (
    <Board frame={frame} margins={{ left: 20, right: 20, top: 26, bottom: 22 }} describe={`A figure with the tape lines of this garment: ${said}`}>
      {(view) => {
        const column = view.x(wide) + 4;
        const ends = tapes
          .filter((each) => !each.flat)
          .map(({ id, tape }) => ({
            id,
            at: [view.x(tape.to[0]), (view.y(tape.to[1]) * (tape.girth ? 2 : 1) + (tape.girth ? 0 : view.y(tape.from[1]))) / 2] as const,
          }));
        const labels = placeLabels(ends, 23, view.y(frame.maxY) + 10, view.y(0) - 6);
        return (
          <>
            <path d={figurePath(figure, view)} fill="#223b52" stroke="#fff" strokeWidth="2" filter="url(#chalk)" />
            <line x1={view.x(frame.minX)} x2={view.x(wide)} y1={view.y(0)} y2={view.y(0)} stroke="#5d7489" strokeDasharray="2 6" />
            {flat.length > 0 && <Shirt {...shirt} view={view} />}
            {tapes.map(({ id, tape }) => (
              <TapeLine key={id} tape={tape} view={view} active={id === active} />
            ))}
            {labels.map(({ id, at, y }) => (
              <g key={id}>
                <path
                  d={`M${at[0] + 4} ${at[1]}L${column - 6} ${y - 5}`}
                  stroke={id === active ? TAPE : QUIET}
                  strokeWidth="1"
                  opacity={id === active ? 0.9 : 0.4}
                  fill="none"
                />
                <Label x={column} y={y} text={text(id)} active={id === active} />
              </g>
            ))}
            {flat.map((id, i) => (
              <Label key={id} x={view.x(frame.minX) + 4} y={view.y(shirt.top - shirt.height) + 44 + 23 * i} text={text(id)} active={id === active} />
            ))}
          </>
        );
      }}
    </Board>
  );
}

function Label({ x, y, text, active }: { x: number; y: number; text: string; active: boolean }) {
  return (
    <text x={x} y={y} fontSize={active ? 17 : 15} fontWeight={active ? 700 : 500} style={{ fill: active ? TAPE : QUIET }}>
      {text}
    </text>
  );
}

/** A T-shirt that fits, laid flat: what is measured instead of a person. */
function Shirt({ x, top, width, height, view }: { x: number; top: number; width: number; height: number; view: View }) {
  const at = (across: number, down: number) => `${view.x(x + across * width)} ${view.y(top - down * height)}`;
  const d = `M${at(-0.2, 0)}Q${at(0, 0.14)} ${at(0.2, 0)}L${at(0.5, 0.06)}L${at(0.78, 0.3)}L${at(0.62, 0.4)}L${at(0.5, 0.3)}L${at(0.56, 1)}L${at(-0.56, 1)}L${at(-0.5, 0.3)}L${at(-0.62, 0.4)}L${at(-0.78, 0.3)}L${at(-0.5, 0.06)}Z`;
  return (
    <>
      <path d={d} fill="#2c4a63" stroke="#fff" strokeWidth="1.6" strokeLinejoin="round" filter="url(#chalk)" />
      <text x={view.x(x)} y={view.y(top) - 14} textAnchor="middle" fontSize="14" style={{ fill: QUIET }}>
        one that fits, laid flat
      </text>
    </>
  );
}

function TapeLine({ tape, view, active }: { tape: Tape; view: View; active: boolean }) {
  const [x1, y1, x2, y2] = [view.x(tape.from[0]), view.y(tape.from[1]), view.x(tape.to[0]), view.y(tape.to[1])];
  const colour = active ? TAPE : QUIET;
  const sag = tape.girth ? Math.min(9, Math.abs(x2 - x1) * 0.09) : 0;
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
    </g>
  );
}
