import { App, Button } from 'antd';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import type { PersonView } from '@arcus/contract';
import { doubtsAbout, formatLength, MEASURES } from '@arcus/core';
import { ApiProblem } from '../api/client.ts';
import { peopleActions, useLedger, usePeople } from '../api/people.ts';
import { sayDate, today } from '../common/dates.ts';
import { RequestState } from '../common/request-state.tsx';
import { usePageTitle } from '../common/use-page-title.ts';
import { usePutAway } from '../common/use-put-away.tsx';
import { LengthInput } from '../fields/length-input.tsx';
import { useUnits } from '../settings/units.tsx';
import { PageTop } from '../shell/shell.tsx';
import { FigureBoard } from '../table/figure-board.tsx';

/** One person's measures: the newest of each, with what it was before. */
export default function PersonPage() {
  const { id = '' } = useParams();
  const people = usePeople();
  return (
    <RequestState of={people} what="people">
      {(all) => {
        const person = all.find((each) => each.id === id);
        return person ? (
          <Person person={person} />
        ) : (
          <div className="page-inner empty">
            <h1>Nobody here</h1>
            <p>This person is put away, or was never there.</p>
            <Link to="/people">All people</Link>
          </div>
        );
      }}
    </RequestState>
  );
}

function Person({ person }: { person: PersonView }) {
  usePageTitle(person.name);
  const { units } = useUnits();
  const { data: ledger = [] } = useLedger(person.id);
  const putAway = usePutAway(peopleActions);
  const navigate = useNavigate();
  const { message } = App.useApp();
  const [active, setActive] = useState<string>('waist-girth');
  const save = (measure: string, value: number) =>
    void peopleActions
      .measure(person.id, person.name, [{ measure, value, takenOn: today() }])
      .catch((error: unknown) => message.error(error instanceof ApiProblem ? error.messages.join(' ') : String(error)));
  const doubts = doubtsAbout(person.body, units);
  return (
    <>
      <PageTop title={person.name}>
        <Link to={`/makes/new?person=${person.id}`}>
          <Button tabIndex={-1}>Make something</Button>
        </Link>
        <Button type="text" onClick={() => void putAway(person.id, person.name).then(() => navigate('/people'))}>
          Put away
        </Button>
      </PageTop>
      <div className="bench" style={{ gridTemplateColumns: 'minmax(300px, 520px) 1fr' }}>
        <div className="decisions" style={{ background: '#fff' }}>
          <header>
            <p>Newest first in force; older values are kept. Type a new value to add it with today&apos;s date.</p>
          </header>
          {MEASURES.filter(({ kind }) => kind !== 'flat' || person.child).map((measure) => {
            const lines = ledger.filter((line) => line.measure === measure.id);
            const earlier = lines.slice(0, -1).reverse();
            const mine = doubts.filter((doubt) => doubt.measure === measure.id);
            return (
              <div key={measure.id} className="ledger-row">
                <label htmlFor={`ledger-${measure.id}`}>
                  {measure.label}
                  {lines.length > 0 && <span className="quiet small"> {sayDate(lines[lines.length - 1]!.takenOn)}</span>}
                </label>
                <LengthInput
                  id={`ledger-${measure.id}`}
                  label={measure.label}
                  value={person.body[measure.id]}
                  min={1}
                  max={5000}
                  onCommit={(mm) => save(measure.id, mm)}
                  onFocus={() => setActive(measure.id)}
                  placeholder="not yet"
                />
                {earlier.length > 0 && (
                  <p className="quiet small earlier">
                    before: {earlier.map((line) => `${formatLength(line.value, units)} (${sayDate(line.takenOn)})`).join(', ')}
                  </p>
                )}
                {mine.map((doubt) => (
                  <p key={doubt.says} className="doubt earlier">
                    {doubt.says}
                  </p>
                ))}
              </div>
            );
          })}
        </div>
        <FigureBoard body={person.body} measures={[...new Set([...Object.keys(person.body), active])]} active={active} />
      </div>
    </>
  );
}
