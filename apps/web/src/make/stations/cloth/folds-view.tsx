import { Button } from 'antd';
import { useState } from 'react';
import { formatCloth } from '@arcus/core';
import { useUnits } from '../../../settings/units.tsx';
import { FoldedBoard } from '../../../table/folded-board.tsx';
import { useStudy } from '../../../workers/use-study.ts';
import { useMakeState } from '../../make-context.ts';

/** Every sensible way of folding, side by side: how much cloth, how much waste, how much cutting. */
export function FoldsView() {
  const { plan, request, cloth, change } = useMakeState();
  const { units } = useUnits();
  const { data, busy, failed } = useStudy(JSON.stringify(request), (worker) => worker.folds(request));
  const [chosen, setChosen] = useState<string>();
  if (!plan) return null;
  const inForce = plan.lay.fold;
  const way = data?.find(({ id }) => id === (chosen ?? inForce)) ?? data?.[0];
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
                <th className="n wide-only">waste</th>
                <th className="n">outlines</th>
                <th className="n">layers</th>
              </tr>
            </thead>
            <tbody>
              {data.map((each) => (
                <tr key={each.id} aria-selected={each === way}>
                  <td>
                    <span className="fold-way">
                      <button type="button" className="plain-button" onClick={() => setChosen(each.id)}>
                        {each.says}
                      </button>
                      {each.id === inForce ? (
                        <span className="small">cut this way</span>
                      ) : (
                        <Button size="small" onClick={() => change((now) => ({ choices: { ...now.choices, fold: each.id } }), 'fold')}>
                          Cut it this way
                        </Button>
                      )}
                    </span>
                  </td>
                  <td className="n">{formatCloth(each.length, units)}</td>
                  <td className="n wide-only">{Math.round(each.waste * 100)} %</td>
                  <td className="n">{each.cuts}</td>
                  <td className="n">{each.layers}</td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
      </div>
      {way && <FoldedBoard stretches={way.stretches} plan={plan} colour={cloth?.colour ?? '#b96a5a'} />}
    </div>
  );
}
