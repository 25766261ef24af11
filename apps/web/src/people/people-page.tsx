import { Button, Input, Switch } from 'antd';
import { useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { formatLength, measureById } from '@arcus/core';
import { peopleActions, usePeople } from '../api/people.ts';
import { ProblemNote, RequestState } from '../common/request-state.tsx';
import { usePageTitle } from '../common/use-page-title.ts';
import { useUnits } from '../settings/units.tsx';
import { PageTop } from '../shell/shell.tsx';

const SHOWN = ['bust-girth', 'waist-girth', 'hip-girth'];

/** Everybody one sews for, with the girths one asks for first. */
export default function PeoplePage() {
  usePageTitle('People');
  const people = usePeople();
  const { units } = useUnits();
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
          {query.has('new') && <NewPerson />}
          <RequestState of={people} what="people">
            {(all) =>
              all.length === 0 ? (
                <div className="empty">
                  <h2>Nobody yet</h2>
                  <p>Add whoever you sew for. Their measures are kept with dates; nothing is ever overwritten.</p>
                </div>
              ) : (
                <ul className="list">
                  {all.map((person) => (
                    <li key={person.id}>
                      <Link className="list-row person-row" to={`/people/${person.id}`}>
                        <span>
                          <b style={{ fontSize: 18 }}>{person.name}</b> {person.child && <span className="tag">child</span>}
                          <br />
                          <span className="quiet small">{person.note}</span>
                        </span>
                        {SHOWN.map((id) => (
                          <span key={id}>
                            <span className="quiet small">{measureById(id)!.label}</span>
                            <br />
                            {person.body[id] === undefined ? 'not yet' : formatLength(person.body[id], units)}
                          </span>
                        ))}
                      </Link>
                    </li>
                  ))}
                </ul>
              )
            }
          </RequestState>
        </div>
      </div>
    </>
  );
}

function NewPerson() {
  const navigate = useNavigate();
  const [name, setName] = useState('');
  const [child, setChild] = useState(false);
  const [error, setError] = useState<unknown>();
  const save = () =>
    peopleActions
      .create({ name: name.trim(), child })
      .then((person) => navigate(`/people/${person.id}`))
      .catch(setError);
  return (
    <form
      className="form-grid"
      onSubmit={(event) => {
        event.preventDefault();
        if (name.trim()) void save();
      }}
    >
      <label htmlFor="person-name">Name</label>
      <Input id="person-name" autoFocus value={name} maxLength={120} onChange={(event) => setName(event.target.value)} />
      <label htmlFor="person-child">A child</label>
      <span>
        <Switch id="person-child" checked={child} onChange={setChild} />
      </span>
      <span />
      <span className="stack">
        {error ? <ProblemNote error={error} /> : null}
        <span>
          <Button type="primary" htmlType="submit" disabled={name.trim() === ''}>
            Add
          </Button>
        </span>
      </span>
    </form>
  );
}
