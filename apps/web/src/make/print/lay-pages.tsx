import { formatCloth, layPlaces, selvedgeOf, type Plan, type PlanLay } from '@arcus/core';
import { LayPaper } from '../lay-paper.tsx';
import { PlacesTable } from '../places-table.tsx';

const CLOTHS = { main: 'Main cloth', lining: 'Lining', contrast: 'Second cloth' } as const;

/** Each cloth with its lay drawn, and where every piece lies as one finds it with a tape. */
export function LayPages({ plan, name }: { plan: Plan; name: string }) {
  const lays = [['main', plan.lay], ...Object.entries(plan.otherLays)] as Array<[keyof typeof CLOTHS, PlanLay]>;
  return lays.map(([role, lay]) => <LaySheet key={role} role={role} lay={lay} plan={plan} name={name} />);
}

const FOLD_SAYS = { open: 'lying open', along: 'folded along, selvedges together', across: 'folded across', 'in-four': 'folded in four' };

function LaySheet({ role, lay, plan, name }: { role: keyof typeof CLOTHS; lay: PlanLay; plan: Plan; name: string }) {
  const { units } = plan;
  return (
    <section className="paper-section">
      <h2>
        The lay: {CLOTHS[role].toLowerCase()}, buy {formatCloth(lay.buy, units)}
      </h2>
      {lay.stretches && (
        <p>
          Cut from folded cloth: {lay.stretches.map(({ fold, length }) => `${formatCloth(length, units)} ${FOLD_SAYS[fold]}`).join(', then ')}. The
          drawing shows it opened out.
        </p>
      )}
      <LayPaper of={plan} lay={lay} title={name} />
      <PlacesTable places={layPlaces(plan.pieces, lay, selvedgeOf(plan.cloths.of(role), lay.usableWidth))} units={units} />
    </section>
  );
}
