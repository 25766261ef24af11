import { Button } from 'antd';
import { Link, Navigate } from 'react-router';
import type { MakeView } from '@arcus/contract';
import { formatCloth, formatLength, PLAIN_WOVEN } from '@arcus/core';
import { useCloths } from '../api/cupboard.ts';
import { useMakes } from '../api/makes.ts';
import { usePeople } from '../api/people.ts';
import { RequestState } from '../common/request-state.tsx';
import { usePageTitle } from '../common/use-page-title.ts';
import { MakeRows } from '../makes/make-rows.tsx';
import { useUnits } from '../settings/units.tsx';
import { PageTop } from '../shell/shell.tsx';

/** What is next for every make, the soonest due first, and what is still to buy. */
export default function TodayPage() {
  usePageTitle('Today');
  const makes = useMakes();
  const people = usePeople();
  const { data: cloths = [] } = useCloths();
  if (makes.data?.length === 0 && people.data?.length === 0) return <Navigate to="/welcome" replace />;
  return (
    <>
      <PageTop title="Today">
        <Link to="/makes/new">
          <Button type="primary" tabIndex={-1}>
            New make
          </Button>
        </Link>
      </PageTop>
      <div className="page">
        <div className="page-inner stack" style={{ gap: 34 }}>
          <RequestState of={makes} what="your makes">
            {(all) => {
              const open = all.filter(({ finishedOn }) => !finishedOn).sort((a, b) => (a.dueOn ?? '9').localeCompare(b.dueOn ?? '9'));
              return (
                <>
                  <section className="stack">
                    <h2>Next at the table</h2>
                    {open.length > 0 ? (
                      <MakeRows makes={open} people={people.data ?? []} cloths={cloths} />
                    ) : (
                      <p className="quiet">
                        Nothing is under way. <Link to="/makes/new">Start a make</Link>
                      </p>
                    )}
                  </section>
                  <ToBuy makes={open} />
                </>
              );
            }}
          </RequestState>
        </div>
      </div>
    </>
  );
}

/** Makes that have no cloth yet, or less of it than they take. */
function ToBuy({ makes }: { makes: readonly MakeView[] }) {
  const { units } = useUnits();
  const { data: cloths = [] } = useCloths();
  const rows = makes.flatMap((make) => {
    const buy = make.summary.figures['cloth-to-buy'];
    if (!buy || make.done.includes('station:cloth')) return [];
    const cloth = cloths.find(({ id }) => id === make.clothId);
    const missing = cloth?.lengthOnHand == null ? buy : buy - cloth.lengthOnHand;
    return missing > 0
      ? [
          {
            make,
            text: `${formatCloth(missing, units)} ${cloth ? `more of ${cloth.name}` : `of cloth, ${formatLength(PLAIN_WOVEN.width, units)} wide`}`,
          },
        ]
      : [];
  });
  if (rows.length === 0) return null;
  return (
    <section className="stack">
      <h2>To buy</h2>
      <ul className="list">
        {rows.map(({ make, text }) => (
          <li key={make.id}>
            <Link className="list-row" style={{ gridTemplateColumns: '1fr auto' }} to={`/makes/${make.id}/cloth`}>
              <b>{text}</b>
              <span className="quiet">for {make.name}</span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}
