import { formatCloth, type Plan } from '@arcus/core';
import { ThreadAtHand } from '../settings/thread-at-hand.tsx';
import { useSettings } from '../api/settings.ts';
import { NumberLink } from '../working/working.tsx';

/** Everything the garment takes; with boxes to tick on paper. */
export function ShoppingTable({ plan, laying = false, boxes = false }: { plan: Plan; laying?: boolean; boxes?: boolean }) {
  const { data: settings } = useSettings();
  const buy = plan.quantities.find(({ id }) => id === 'cloth-to-buy')!;
  return (
    <table className="table">
      <tbody>
        {plan.shopping.map((item) => (
          <tr key={item.id}>
            {boxes && <td className="paper-box">☐</td>}
            <td>
              {item.what}
              {item.id === 'thread' && <ThreadAtHand length={item.length ?? 0} />}
            </td>
            <td className="n">
              {item.id === 'cloth' ? (
                <NumberLink quantity={buy} among={plan.quantities}>
                  {laying && 'at most '}
                  <b>{formatCloth(buy.value, plan.units)}</b>
                </NumberLink>
              ) : (
                <b>{item.tool && settings?.box.tools.includes(item.tool) ? 'in the sewing box' : item.amount}</b>
              )}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
