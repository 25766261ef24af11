import { Button, Select } from 'antd';
import { lazy, Suspense, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { formatLength, YARD, type Check } from '@arcus/core';
import { useUnits } from '../../settings/units.tsx';
import { Options } from '../../fields/options.tsx';
import { ShoppingTable } from '../shopping-table.tsx';
import { CheckList } from '../check-list.tsx';
import { useMakeState } from '../make-context.ts';
import { ProblemPanel } from '../problem-panel.tsx';
import { FoldsView } from './cloth/folds-view.tsx';
import { LayView } from './cloth/lay-view.tsx';
import { SharedCloth } from './cloth/shared-cloth.tsx';
import { WaysOut } from './cloth/ways-out.tsx';
import { WidthsView } from './cloth/widths-view.tsx';

const ClothForm = lazy(() => import('../../cupboard/cloth-form.tsx'));

const VIEWS = [
  { id: 'lay', label: 'The lay' },
  { id: 'folds', label: 'Ways to fold' },
  { id: 'widths', label: 'Widths' },
] as const;
type View = (typeof VIEWS)[number]['id'];

const ABOUT_CLOTH = new Set([
  'cloth-wide-enough',
  'cloth-long-enough',
  'prewash',
  'matches-print',
  'needs-lining',
  'weight-suits',
  'stretch-direction',
  'knit-only',
]);

/** Which cloth, how the pieces lie on it to scale, how much to buy. */
export default function ClothStation() {
  const { plan, cloth, cloths, elastic, elastics, person, change } = useMakeState();
  const [query, setQuery] = useSearchParams();
  const view = VIEWS.find(({ id }) => id === query.get('view'))?.id ?? 'lay';
  const { units } = useUnits();
  const [adding, setAdding] = useState(false);
  const usesElastic = plan?.quantities.some((each) => each.id === 'elastic-cut') ?? true;
  return (
    <>
      <div className="decisions">
        <header>
          <h2>Cloth</h2>
          <p>Pick the cloth; see how the pieces lie on it and how much to buy.</p>
        </header>
        <div className="stack" style={{ gap: 5 }}>
          <span className="choice-label">Cloth</span>
          <Select
            aria-label="Cloth"
            value={cloth?.id ?? ''}
            onChange={(id) => change({ clothId: id === '' ? null : id }, 'cloth')}
            options={[
              { value: '', label: `Any plain cloth, ${formatLength(1500, units)} wide` },
              ...cloths.map(({ id, name, width }) => ({ value: id, label: `${name}, ${formatLength(width, units)} wide` })),
            ]}
          />
          <span className="row small" style={{ gap: 14 }}>
            <Button size="small" onClick={() => setAdding(true)}>
              Add a cloth
            </Button>
            {cloth && <Link to={`/cupboard/${cloth.id}/becomes${person ? `?person=${person.id}` : ''}`}>What else could it become?</Link>}
          </span>
        </div>
        <SharedCloth />
        <OtherCloths />
        {usesElastic && (
          <div className="stack" style={{ gap: 5 }}>
            <span className="choice-label">Elastic</span>
            <Select
              aria-label="Elastic"
              value={elastic?.id ?? ''}
              onChange={(id) => change({ elasticId: id === '' ? null : id }, 'elastic')}
              options={[
                { value: '', label: `Non-roll, ${formatLength(20, units)} wide` },
                ...elastics.map(({ id, name, width }) => ({ value: id, label: `${name}, ${formatLength(width, units)}` })),
              ]}
            />
          </div>
        )}
        <Options<View> label="Show" value={view} options={VIEWS} onChange={(id) => setQuery(id === 'lay' ? {} : { view: id }, { replace: true })} />
        {plan && cloth?.lengthOnHand != null && <WaysOut plan={plan} onHand={cloth.lengthOnHand} />}
        {plan && <Buying checks={plan.checks.filter((check) => ABOUT_CLOTH.has(check.id))} />}
      </div>
      {adding && (
        <Suspense fallback={null}>
          <ClothForm onClose={() => setAdding(false)} onMade={(clothId) => change({ clothId }, 'cloth')} />
        </Suspense>
      )}
      {!plan ? <ProblemPanel /> : view === 'folds' ? <FoldsView /> : view === 'widths' ? <WidthsView /> : <LayView />}
    </>
  );
}

/** What each part is called here, and what it is where none is picked. */
const PARTS = {
  lining: { label: 'Lining', none: 'A plain lining, as wide' },
  contrast: { label: 'Second cloth', none: 'A plain one, as wide' },
  interfacing: { label: 'Interfacing', none: 'Fusible, as wide' },
} as const;
type PartRole = keyof typeof PARTS;

/** Cloths for the parts that are not cut from the garment's own. */
function OtherCloths() {
  const { plan, others, cloths, change } = useMakeState();
  const { units } = useUnits();
  const used = (role: PartRole) =>
    role in others || plan?.pieces.some((piece) => piece.cloth === role) || (role === 'interfacing' && plan?.shopping.some(({ id }) => id === role));
  return (Object.keys(PARTS) as PartRole[]).filter(used).map((role) => (
    <div className="stack" style={{ gap: 5 }} key={role}>
      <span className="choice-label">{PARTS[role].label}</span>
      <Select
        aria-label={PARTS[role].label}
        value={others[role]?.id ?? ''}
        onChange={(id) =>
          change(({ otherCloths: { [role]: _, ...rest } }) => ({ otherCloths: id === '' ? rest : { ...rest, [role]: id } }), `cloth:${role}`)
        }
        options={[
          { value: '', label: PARTS[role].none },
          ...cloths.map(({ id, name, width }) => ({ value: id, label: `${name}, ${formatLength(width, units)} wide` })),
        ]}
      />
    </div>
  ));
}

function Buying({ checks }: { checks: readonly Check[] }) {
  const { plan, cloth, laying, byHand } = useMakeState();
  const { units } = useUnits();
  if (!plan) return null;
  const buy = plan.quantities.find((each) => each.id === 'cloth-to-buy')!;
  const price = cloth?.pricePerMetre;
  return (
    <>
      <section className="stack" style={{ gap: 8 }}>
        <h3>To buy or take out</h3>
        <ShoppingTable plan={plan} laying={laying && !byHand} />
        <p className="quiet small">
          The pieces cover {Math.round(plan.lay.utilisation * 100)} % of the cloth.
          {price
            ? ` At ${units === 'cm' ? `${price.toFixed(2)} a metre` : `${((price * YARD) / 1000).toFixed(2)} a yard`} the cloth comes to ${((price * buy.value) / 1000).toFixed(2)}.`
            : ''}
        </p>
      </section>
      <CheckList checks={checks} />
    </>
  );
}
