import { Button } from 'antd';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { formatLength, measureById } from '@arcus/core';
import type { PersonView } from '@arcus/contract';
import { peopleActions, useLedger, usePeople, usePeopleAway } from '../api/people.ts';
import { sayDistance } from '../common/dates.ts';
import { PutAwayList } from '../common/put-away-list.tsx';
import { RequestState } from '../common/request-state.tsx';
import { usePageTitle } from '../common/use-page-title.ts';
import { useUnits } from '../settings/units.tsx';
import { PersonThumb } from '../table/person-thumb.tsx';
import { NewPerson } from './new-person.tsx';
import { PageTop } from '../shell/shell.tsx';

/** Everybody one sews for, with the girths one asks for first. */
export default function PeoplePage() {
  usePageTitle('People');
  const people = usePeople();
  const away = usePeopleAway();
  const navigate = useNavigate();
  const [query, setQuery] = useSearchParams();
  return (
    <>
      <PageTop title="People">
        <Button type="primary" onClick={() => setQuery({ new: '' })}>
          Add a person
        </Button>
      </PageTop>
      <div className="page">
        <div className="page-inner stack" style={{ gap: 22 }}>
          {query.has('new') && <NewPerson onMade={(id) => void navigate(`/people/${id}`)} />}
          <RequestState of={people} what="people">
            {(all) =>
              all.length === 0 ? (
                <div className="empty">
                  <h2>Nobody yet</h2>
                  <p>Add whoever you sew for. Their measures are kept with dates; nothing is ever overwritten.</p>
                </div>
              ) : (
                <ul className="people">
                  {all.map((person) => (
                    <li key={person.id}>
                      <PersonCard person={person} />
                    </li>
                  ))}
                </ul>
              )
            }
          </RequestState>
          <PutAwayList of={away} what="people" takeOut={peopleActions.takeOut} />
        </div>
      </div>
    </>
  );
}

/** The girths one asks for first; of a child also the height. */
const COUNT = ['bust-girth', 'waist-girth', 'hip-girth'];

/** A person as drawn from the measures, with those that count and how old they are. */
function PersonCard({ person }: { person: PersonView }) {
  const { units } = useUnits();
  const { data: ledger = [] } = useLedger(person.id);
  const last = ledger
    .filter(({ struck }) => !struck)
    .reduce<string | undefined>((day, { takenOn }) => (day && day > takenOn ? day : takenOn), undefined);
  return (
    <Link className="person-card" to={`/people/${person.id}`}>
      <PersonThumb body={person.body} />
      <span className="stack" style={{ gap: 2 }}>
        <span>
          <b style={{ fontSize: 19 }}>{person.name}</b> {person.child && <span className="tag">child</span>}
        </span>
        <span className="quiet small">{person.note}</span>
        <span className="person-figures">
          {COUNT.filter((id) => person.body[id] !== undefined).map((id) => (
            <span key={id}>
              <span className="quiet small">{measureById(id)!.label}</span> {formatLength(person.body[id]!, units)}
            </span>
          ))}
        </span>
        <span className="quiet small">{last ? `measured ${sayDistance(last)}` : 'not measured yet'}</span>
      </span>
    </Link>
  );
}
