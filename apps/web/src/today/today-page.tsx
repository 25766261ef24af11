import { Button } from 'antd';
import { useMemo } from 'react';
import { Link, Navigate } from 'react-router';
import type { MakeView, PersonView } from '@arcus/contract';
import { constructionById } from '@arcus/core';
import { useMakes } from '../api/makes.ts';
import { usePeople } from '../api/people.ts';
import { sayDistance } from '../common/dates.ts';
import { RequestState } from '../common/request-state.tsx';
import { usePageTitle } from '../common/use-page-title.ts';
import { MakePicture, MakeRows, Progress } from '../makes/make-rows.tsx';
import { nextAction } from '../makes/next-action.ts';
import { useSketches } from '../makes/use-sketches.ts';
import { PageTop } from '../shell/shell.tsx';
import { ToBuy } from './to-buy.tsx';
import { WeeksAhead } from './weeks-ahead.tsx';

/** The one thing to do next with its picture, then the other makes, the soonest due first, and what is still to buy. */
export default function TodayPage() {
  usePageTitle('Today');
  const makes = useMakes();
  const people = usePeople();
  if (makes.data?.length === 0 && people.data?.length === 0) return <Navigate to="/welcome" replace />;
  return (
    <>
      <PageTop title="Today">
        <Link to="/makes/new">
          <Button tabIndex={-1}>New make</Button>
        </Link>
      </PageTop>
      <div className="page">
        <RequestState of={makes} what="your makes">
          {(all) => <AtTheTable all={all} people={people.data ?? []} />}
        </RequestState>
      </div>
    </>
  );
}

function AtTheTable({ all, people }: { all: readonly MakeView[]; people: readonly PersonView[] }) {
  const open = useMemo(() => all.filter(({ finishedOn }) => !finishedOn).sort((a, b) => (a.dueOn ?? '9').localeCompare(b.dueOn ?? '9')), [all]);
  const [first, ...rest] = open;
  if (!first)
    return (
      <div className="page-inner">
        <p className="quiet">
          Nothing is under way. <Link to="/makes/new">Start a make</Link>
        </p>
      </div>
    );
  return (
    <>
      <First make={first} person={people.find(({ id }) => id === first.personId)} />
      <div className="page-inner stack" style={{ gap: 34 }}>
        <WeeksAhead makes={open} />
        {rest.length > 0 && (
          <section className="stack">
            <h2>Also on the table</h2>
            <MakeRows makes={rest} people={people} />
          </section>
        )}
        <ToBuy makes={open} />
      </div>
    </>
  );
}

/** What is due first, drawn large, and the one thing to do with it. */
function First({ make, person }: { make: MakeView; person: PersonView | undefined }) {
  const makes = useMemo(() => [make], [make]);
  const [sketch] = useSketches(makes);
  const next = nextAction(make);
  return (
    <section className="first" aria-label="Next at the table">
      <MakePicture {...sketch!} large />
      <div className="stack" style={{ gap: 10 }}>
        <p className="board-kind">{make.dueOn ? `due ${sayDistance(make.dueOn)}` : 'next at the table'}</p>
        <h2>{make.name}</h2>
        <p>
          {constructionById(make.construction)?.name} for {person?.name ?? 'somebody'}
          {sketch?.cloth ? ` · ${sketch.cloth.name}` : ''}
        </p>
        <Progress make={make} />
        <p className={next.urgent ? 'first-next urgent' : 'first-next'}>{next.says}</p>
        <Link to={`/makes/${make.id}/${next.station}`}>
          <Button type="primary" size="large" tabIndex={-1}>
            Go on with it
          </Button>
        </Link>
      </div>
    </section>
  );
}
