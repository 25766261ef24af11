import type { Plan } from '@arcus/core';

const CLOTHS = { main: 'main cloth', lining: 'lining', contrast: 'second cloth', interfacing: 'interfacing' };

/** A label for every piece that leaves the table, to cut out and pin on its right side. */
export function Labels({ plan, name }: { plan: Plan; name: string }) {
  const labels = plan.pieces.flatMap((piece) => Array.from({ length: piece.copies }, (_, copy) => ({ piece, copy })));
  return (
    <section className="paper-section">
      <h2>Labels to pin</h2>
      <p>Cut out, pin on the right side with the arrow towards the top.</p>
      <ul className="paper-labels">
        {labels.map(({ piece, copy }) => (
          <li key={`${piece.id}-${copy}`}>
            <span aria-hidden="true">↑ top</span>
            <b>{piece.name}</b>
            <span>
              {piece.copies > 1 ? `number ${copy + 1} of ${piece.copies}, ` : ''}
              {CLOTHS[piece.cloth]}
            </span>
            <span>{name}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
