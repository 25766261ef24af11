import type { ReactNode } from 'react';
import { formatCloth, type FoldStretch, type Piece, type Plan } from '@arcus/core';
import { useUnits } from '../settings/units.tsx';
import { Board } from './board.tsx';
import { LaidPiece } from './laid-piece.tsx';
import { Rulers } from './rulers.tsx';
import { Strip } from './strip.tsx';

const FOLD_SAYS = { open: 'open', along: 'folded along', across: 'folded across', 'in-four': 'folded in four' };

/** Room between two stretches on the drawing, mm. */
const BETWEEN = 120;

/** Cloth folded one way or several in turn, as it lies on the table, with what is cut from each stretch. */
export function FoldedBoard({
  stretches,
  plan,
  colour,
  tools,
}: {
  stretches: readonly FoldStretch[];
  plan: Plan;
  colour: string;
  tools?: ReactNode;
}) {
  const { units } = useUnits();
  const starts = stretches.reduce<number[]>((all, { length }) => [...all, all[all.length - 1]! + length + BETWEEN], [0]);
  const widest = Math.max(...stretches.map(({ width }) => width));
  const frame = { minX: 0, maxX: starts[starts.length - 1]! - BETWEEN, minY: 0, maxY: widest };
  const words = stretches
    .map(({ fold, placements, length }) => `${FOLD_SAYS[fold]}, ${formatCloth(length, units)}: ${placements.map(({ piece }) => piece).join(', ')}`)
    .join('. ');
  return (
    <Board frame={frame} describe={words} margins={{ left: 62, top: 58, right: 34, bottom: tools ? 96 : 60 }} tools={tools}>
      {(view) => (
        <>
          <Rulers view={view} units={units} x={{ from: 0, to: frame.maxX }} y={{ from: 0, to: widest, down: true }} />
          {stretches.map((stretch, i) => (
            <g key={i}>
              <Strip
                view={view}
                from={starts[i]}
                length={stretch.length}
                width={stretch.width}
                selvedge={0}
                print={plan.cloth.print}
                oneWay={plan.cloth.oneWay}
                folded={stretch.fold === 'along' || stretch.fold === 'in-four'}
              />
              {(stretch.fold === 'across' || stretch.fold === 'in-four') && (
                <line
                  x1={view.x(starts[i]!)}
                  x2={view.x(starts[i]!)}
                  y1={view.y(stretch.width)}
                  y2={view.y(0)}
                  stroke="#fff"
                  strokeWidth="2.5"
                  strokeDasharray="14 4 3 4"
                />
              )}
              {stretch.placements.map((placement) => (
                <LaidPiece
                  key={`${placement.piece}-${placement.copy}`}
                  piece={drawnPiece(plan, stretch, placement.piece)}
                  placement={{ ...placement, y: placement.y + starts[i]! }}
                  view={view}
                  colour={colour}
                />
              ))}
              <text className="tape" x={view.x(starts[i]!)} y={view.y(0) + 26} fontSize="15">
                {FOLD_SAYS[stretch.fold]}
              </text>
            </g>
          ))}
        </>
      )}
    </Board>
  );
}

/** Pieces as they are drawn: whole ones cut in pairs from double cloth, halves and quarters beside a fold by what lies there. */
function drawnPiece(plan: Plan, { fold, pieces }: FoldStretch, id: string): Piece {
  const { of, onFold, outline } = pieces.find((piece) => piece.id === id)!;
  const own = plan.pieces.find((piece) => piece.id === of)!;
  if (!onFold) return fold === 'open' ? own : { ...own, name: `${own.name} × 2` };
  const cut = outline.map((from, i) => ({ name: 'cut', from, to: outline[(i + 1) % outline.length]!, allowance: 0 }));
  const name = fold === 'in-four' ? own.name : `${own.name}, half`;
  return { ...own, id, name, cut, seam: cut, cutHoles: [], seamHoles: [] };
}
