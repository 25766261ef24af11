import { Button } from 'antd';
import { Link } from 'react-router';
import type { MakeView } from '@arcus/contract';
import { useCloths } from '../api/cupboard.ts';
import { makesActions, useMakes } from '../api/makes.ts';
import { usePeople } from '../api/people.ts';
import { usePutAway } from '../common/use-put-away.tsx';
import { RequestState } from '../common/request-state.tsx';
import { usePageTitle } from '../common/use-page-title.ts';
import { PageTop } from '../shell/shell.tsx';
import { MakeRows } from './make-rows.tsx';

/** All makes: under way, then finished. */
export default function MakesPage() {
  usePageTitle('Makes');
  const makes = useMakes();
  const { data: people = [] } = usePeople();
  const { data: cloths = [] } = useCloths();
  return (
    <>
      <PageTop title="Makes">
        <Link to="/makes/new">
          <Button type="primary" tabIndex={-1}>
            New make
          </Button>
        </Link>
      </PageTop>
      <div className="page">
        <div className="page-inner">
          <RequestState of={makes} what="the makes">
            {(all) =>
              all.length === 0 ? (
                <div className="empty">
                  <h2>Nothing on the table yet</h2>
                  <p>A make is one garment for one person: its measures, numbers, cloth, chalk marks and seams in one place.</p>
                  <Link to="/makes/new">Start the first one</Link>
                </div>
              ) : (
                <Sections all={all} people={people} cloths={cloths} />
              )
            }
          </RequestState>
        </div>
      </div>
    </>
  );
}

function Sections({
  all,
  people,
  cloths,
}: {
  all: MakeView[];
  people: Parameters<typeof MakeRows>[0]['people'];
  cloths: Parameters<typeof MakeRows>[0]['cloths'];
}) {
  const putAway = usePutAway(makesActions);
  const action = (make: MakeView) => (
    <Button type="text" size="small" className="row-action" onClick={() => void putAway(make.id, make.name)}>
      Put away
    </Button>
  );
  const open = all.filter(({ finishedOn }) => !finishedOn);
  const finished = all.filter(({ finishedOn }) => finishedOn);
  return (
    <div className="stack" style={{ gap: 30 }}>
      {open.length > 0 && <MakeRows makes={open} people={people} cloths={cloths} action={action} />}
      {finished.length > 0 && (
        <section className="stack">
          <h2>Finished</h2>
          <MakeRows makes={finished} people={people} cloths={cloths} action={action} />
        </section>
      )}
    </div>
  );
}
