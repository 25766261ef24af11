import { Select } from 'antd';
import { Link, useSearchParams } from 'react-router';
import { formatCloth, formatLength, type Check } from '@arcus/core';
import { useUnits } from '../../settings/units.tsx';
import { Options } from '../../fields/options.tsx';
import { NumberLink } from '../../working/working.tsx';
import { CheckList } from '../check-list.tsx';
import { useMakeState } from '../make-context.ts';
import { ProblemPanel } from '../problem-panel.tsx';
import { FoldsView } from './cloth/folds-view.tsx';
import { LayView } from './cloth/lay-view.tsx';
import { WaysOut } from './cloth/ways-out.tsx';
import { WidthsView } from './cloth/widths-view.tsx';

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
            <Link to="/cupboard">The cupboard</Link>
            {cloth && <Link to={`/cupboard/${cloth.id}/becomes${person ? `?person=${person.id}` : ''}`}>What else could it become?</Link>}
          </span>
        </div>
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
      {!plan ? <ProblemPanel /> : view === 'folds' ? <FoldsView /> : view === 'widths' ? <WidthsView /> : <LayView />}
    </>
  );
}

function Buying({ checks }: { checks: readonly Check[] }) {
  const { plan, cloth } = useMakeState();
  const { units } = useUnits();
  if (!plan) return null;
  const buy = plan.quantities.find((each) => each.id === 'cloth-to-buy')!;
  const price = cloth?.pricePerMetre;
  return (
    <>
      <section className="stack" style={{ gap: 8 }}>
        <h3>To buy or take out</h3>
        <table className="table">
          <tbody>
            {plan.shopping.map((item) => (
              <tr key={item.id}>
                <td>{item.what}</td>
                <td className="n">
                  {item.id === 'cloth' ? (
                    <NumberLink quantity={buy} among={plan.quantities}>
                      <b>{formatCloth(buy.value, units)}</b>
                    </NumberLink>
                  ) : (
                    <b>{item.length !== undefined && item.length >= 1000 && item.id !== 'thread' ? formatCloth(item.length, units) : item.amount}</b>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
        <p className="quiet small">
          The pieces cover {Math.round(plan.lay.utilisation * 100)} % of the cloth.
          {price ? ` At ${price.toFixed(2)} a metre the cloth comes to ${((price * buy.value) / 1000).toFixed(2)}.` : ''}
        </p>
      </section>
      <CheckList checks={checks} />
    </>
  );
}
