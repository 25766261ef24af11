import { useState } from 'react';
import { formatCloth, type FoldStretch, type FoldWay, type Piece, type Plan } from '@arcus/core';
import { useUnits } from '../../../settings/units.tsx';
import { Board } from '../../../table/board.tsx';
import { LaidPiece } from '../../../table/laid-piece.tsx';
import { Rulers } from '../../../table/rulers.tsx';
import { Strip } from '../../../table/strip.tsx';
import { useStudy } from '../../../workers/use-study.ts';
import { useMakeState } from '../../make-context.ts';

const FOLD_SAYS = { open: 'open', along: 'folded along', across: 'folded across', 'in-four': 'folded in four' };

/** Every sensible way of folding, side by side: how much cloth, how much waste, how much cutting. */
export function FoldsView() {
  const { plan, request, cloth } = useMakeState();
  const { units } = useUnits();
  const { data, busy, failed } = useStudy(JSON.stringify(request), (worker) => worker.folds(request));
  const [chosen, setChosen] = useState<string>();
  if (!plan) return null;
  const way = data?.find(({ id }) => id === chosen) ?? data?.[0];
  return (
    <div className="board study">
      <div className="study-table">
        {failed && <p role="alert">{failed}</p>}
        {!data && !failed && <p>Folding it every way…</p>}
        {data && (
          <table className="table on-board" aria-busy={busy}>
            <thead>
              <tr>
                <th>Fold</th>
                <th className="n">cloth</th>
                <th className="n">waste</th>
                <th className="n">outlines to cut</th>
                <th className="n">layers</th>
              </tr>
            </thead>
            <tbody>
              {data.map((each) => (
                <tr key={each.id} aria-selected={each === way}>
                  <td>
                    <button type="button" className="plain-button" onClick={() => setChosen(each.id)}>
                      {each.says}
                    </button>
                  </td>
                  <td className="n">{formatCloth(each.length, units)}</td>
                  <td className="n">{Math.round(each.waste * 100)} %</td>
                  <td className="n">{each.cuts}</td>
                  <td className="n">{each.layers}</td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
      </div>
      {way && <Stretches way={way} plan={plan} colour={cloth?.colour ?? '#b96a5a'} />}
    </div>
  );
}

/** Room between two stretches on the drawing, mm. */
const BETWEEN = 120;

function Stretches({ way, plan, colour }: { way: FoldWay; plan: Plan; colour: string }) {
  const { units } = useUnits();
  const starts = way.stretches.reduce<number[]>((all, { length }) => [...all, all[all.length - 1]! + length + BETWEEN], [0]);
  const widest = Math.max(...way.stretches.map(({ width }) => width));
  const frame = { minX: 0, maxX: starts[starts.length - 1]! - BETWEEN, minY: 0, maxY: widest };
  const words = way.stretches
    .map(({ fold, placements, length }) => `${FOLD_SAYS[fold]}, ${formatCloth(length, units)}: ${placements.map(({ piece }) => piece).join(', ')}`)
    .join('. ');
  return (
    <Board frame={frame} describe={words} margins={{ left: 62, top: 58, right: 34, bottom: 60 }}>
      {(view) => (
        <>
          <Rulers view={view} units={units} x={{ from: 0, to: frame.maxX }} y={{ from: 0, to: widest, down: true }} />
          {way.stretches.map((stretch, i) => (
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

/** Whole pieces as they are drawn; halves and quarters beside a fold by what lies there. */
function drawnPiece(plan: Plan, { pieces, fold }: FoldStretch, id: string): Piece {
  const own = plan.pieces.find((piece) => piece.id === id);
  if (own && fold !== 'in-four') return own;
  const outline = pieces.find((piece) => piece.id === id)!.outline;
  const cut = outline.map((from, i) => ({ name: 'cut', from, to: outline[(i + 1) % outline.length]!, allowance: 0 }));
  const base = own ?? plan.pieces.find((piece) => id.startsWith(piece.id))!;
  return { ...base, id, name: own ? base.name : `${base.name}, half`, cut, seam: cut, cutHoles: [], seamHoles: [] };
}
