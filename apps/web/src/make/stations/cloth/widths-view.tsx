import { lazy, Suspense, useState } from 'react';
import { COMMON_WIDTHS, formatCloth, formatLength, type WidthRow } from '@arcus/core';
import { Options } from '../../../fields/options.tsx';
import { useUnits } from '../../../settings/units.tsx';
import { useStudy } from '../../../workers/use-study.ts';
import { useMakeState } from '../../make-context.ts';

const ClothChart = lazy(() => import('./cloth-chart.tsx'));

/** The same garment on every width cloth is sold in and on every cloth of the cupboard, and how the cloth grows with what one wishes for. */
export function WidthsView() {
  const { plan, request, cloth, cloths, construction } = useMakeState();
  const { units } = useUnits();
  const widths = [...new Set([...COMMON_WIDTHS, ...cloths.map(({ width }) => width)])].sort((a, b) => a - b);
  const compared = useStudy(JSON.stringify([request, widths]), (worker) => worker.widths(request, widths));
  const wishes = construction.choices.filter(({ saves, when }) => saves === 'less' && !when);
  const [wish, setWish] = useState('width');
  const chosen = wishes.find(({ id }) => id === wish);
  const value = Number(plan?.choices.get(wish) ?? NaN);
  const curve = useStudy(chosen ? JSON.stringify([request, wish]) : undefined, (worker) => worker.curve(request, wish, value));
  const price = cloth?.pricePerMetre;
  const rows = compared.data ?? [];
  const names = (width: number) => cloths.filter((each) => each.width === width).map(({ name }) => name);
  return (
    <div className="board study" role="region" aria-label="Widths compared" tabIndex={0}>
      <div className="study-table">
        {compared.failed && <p role="alert">{compared.failed}</p>}
        {!compared.data && !compared.failed && <p>Laying it on every width…</p>}
        {compared.data && (
          <table className="table on-board" aria-busy={compared.busy}>
            <thead>
              <tr>
                <th>Width</th>
                <th className="n">to buy</th>
                <th className="n">waste</th>
                <th className="n">pieces</th>
                {price ? <th className="n">at {price.toFixed(2)} a metre</th> : null}
                <th>in the cupboard</th>
              </tr>
            </thead>
            <tbody>
              {rows.map((row) => (
                <Row key={row.width} row={row} price={price} names={names(row.width)} now={row.width === plan?.cloth.width} />
              ))}
            </tbody>
          </table>
        )}
      </div>
      <div className="study-chart">
        <div className="row">
          <Options
            label="Cloth against"
            value={wish}
            options={[
              { id: 'width', label: 'Cloth against width' },
              ...wishes.map(({ id, label }) => ({ id, label: `against ${label.toLowerCase()}` })),
            ]}
            onChange={setWish}
          />
        </div>
        <Suspense fallback={<p>Drawing…</p>}>
          {chosen ? (
            <ClothChart
              points={(curve.data ?? []).filter(({ takes }) => takes !== undefined).map(({ at, takes }) => ({ at, takes: takes! }))}
              says={chosen.kind === 'length' ? (mm) => formatLength(mm, units) : String}
              now={value}
              onHand={cloth?.lengthOnHand ?? undefined}
              label={chosen.label}
            />
          ) : (
            <ClothChart
              points={rows.filter(({ buy }) => buy !== undefined).map(({ width, buy }) => ({ at: width, takes: buy! }))}
              says={(mm) => formatLength(mm, units)}
              now={plan?.cloth.width}
              onHand={undefined}
              label="Width of the cloth"
            />
          )}
        </Suspense>
      </div>
    </div>
  );
}

function Row({
  row: { width, buy, waste, panels },
  price,
  names,
  now,
}: {
  row: WidthRow;
  price: number | null | undefined;
  names: string[];
  now: boolean;
}) {
  const { units } = useUnits();
  return (
    <tr aria-selected={now}>
      <td>{formatLength(width, units)}</td>
      {buy === undefined ? (
        <td className="n" colSpan={price ? 4 : 3}>
          too narrow
        </td>
      ) : (
        <>
          <td className="n">
            <b>{formatCloth(buy, units)}</b>
          </td>
          <td className="n">{Math.round(waste! * 100)} %</td>
          <td className="n">{panels}</td>
          {price ? <td className="n">{((price * buy) / 1000).toFixed(2)}</td> : null}
        </>
      )}
      <td>{names.join(', ')}</td>
    </tr>
  );
}
