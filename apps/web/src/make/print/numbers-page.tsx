import { formatCloth, formatQuantity, type Plan } from '@arcus/core';
import { ShoppingTable } from '../shopping-table.tsx';

/** What it is worked out to, what has to be at hand, and what to mind. */
export function NumbersPage({ plan }: { plan: Plan; name: string }) {
  const { units, quantities, checks } = plan;
  const said = quantities.filter(({ id }) => id && id !== 'cloth-to-buy');
  const minded = checks.filter(({ verdict }) => verdict !== 'ok');
  return (
    <section className="paper-section">
      <h2>Numbers</h2>
      <ul className="paper-figures">
        {said.map(({ id, label, value, unit, safeSide }) => (
          <li key={id}>
            <span>{label}</span>
            <b>{unit === 'mm' && value >= 3000 ? formatCloth(value, units) : formatQuantity(value, unit, units, safeSide)}</b>
          </li>
        ))}
      </ul>
      {minded.length > 0 && (
        <>
          <h3>To mind</h3>
          <ul>
            {minded.map(({ id, says }) => (
              <li key={id + says}>{says}</li>
            ))}
          </ul>
        </>
      )}
      <h2>To have at hand</h2>
      <ShoppingTable plan={plan} boxes />
    </section>
  );
}
