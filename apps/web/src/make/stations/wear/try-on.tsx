import { tryOnOf, type Plan } from '@arcus/core';

/** What to look at on this garment while it is tried on. */
export function TryOn({ plan }: { plan: Plan }) {
  return (
    <section className="stack">
      <h2 style={{ fontSize: 30 }}>Try it on</h2>
      <p className="log-words">Before the hem, inside out, pins at hand. Pin what is wrong, mark both sides alike, sew inside the old line.</p>
      <ul className="try-on">
        {tryOnOf(plan).map((each) => (
          <li key={each}>{each}</li>
        ))}
      </ul>
    </section>
  );
}
