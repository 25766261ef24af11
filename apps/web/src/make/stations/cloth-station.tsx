import { Select } from 'antd';
import { Link } from 'react-router';
import { formatCloth, formatLength, type Check } from '@arcus/core';
import { useUnits } from '../../settings/units.tsx';
import { LayBoard } from '../../table/lay-board.tsx';
import { NumberLink } from '../../working/working.tsx';
import { CheckList } from '../checks-drawer.tsx';
import { useMakeState } from '../make-context.ts';
import { ProblemPanel } from '../problem-panel.tsx';

const ABOUT_CLOTH = new Set(['cloth-wide-enough', 'cloth-long-enough', 'prewash', 'needs-lining', 'weight-suits', 'stretch-direction', 'knit-only']);

/** Which cloth, how the pieces lie on it to scale, how much to buy. */
export default function ClothStation() {
  const { plan, cloth, cloths, elastic, elastics, change, laying } = useMakeState();
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
          <Link to="/cupboard" className="small">
            The cupboard
          </Link>
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
        {plan && <Buying checks={plan.checks.filter((check) => ABOUT_CLOTH.has(check.id))} />}
      </div>
      {plan ? <LayBoard plan={plan} colour={cloth?.colour ?? '#b96a5a'} laying={laying} /> : <ProblemPanel />}
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
