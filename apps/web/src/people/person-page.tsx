import { Button, Input, Modal, Switch } from 'antd';
import { lazy, Suspense, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import type { PersonView } from '@arcus/contract';
import { MEASURES } from '@arcus/core';
import { useMakes } from '../api/makes.ts';
import { peopleActions, useLedger, usePeople } from '../api/people.ts';
import { today } from '../common/dates.ts';
import { RequestState } from '../common/request-state.tsx';
import { usePageTitle } from '../common/use-page-title.ts';
import { usePutAway } from '../common/use-put-away.tsx';
import { DayInput } from '../fields/day-input.tsx';
import { NameInput } from '../fields/name-input.tsx';
import { PageTop } from '../shell/shell.tsx';
import { FigureBoard } from '../table/figure-board.tsx';
import { MeasureRow } from './measure-row.tsx';

const GrowthChart = lazy(() => import('./growth.tsx'));

/** One person: who it is, and every measure with what it was before. */
export default function PersonPage() {
  const { id = '' } = useParams();
  const people = usePeople();
  return (
    <RequestState of={people} what="people">
      {(all) => {
        const person = all.find((each) => each.id === id);
        return person ? (
          <Person key={id} person={person} />
        ) : (
          <div className="page-inner empty">
            <h1>Nobody here</h1>
            <p>This person is put away, or was never there.</p>
            <Link to="/people?away">Those who were put away</Link>
            <Link to="/people">All people</Link>
          </div>
        );
      }}
    </RequestState>
  );
}

function Person({ person }: { person: PersonView }) {
  usePageTitle(person.name);
  const { data: ledger = [] } = useLedger(person.id);
  const [active, setActive] = useState<string>('waist-girth');
  const [takenOn, setTakenOn] = useState(today());
  return (
    <>
      <PageTop title={person.name}>
        <Link to={`/makes/new?person=${person.id}`}>
          <Button tabIndex={-1}>Make something</Button>
        </Link>
        <PutAway person={person} />
      </PageTop>
      <div className="bench wide-decisions">
        <div className="decisions">
          <WhoItIs person={person} />
          <div className="stack" style={{ gap: 4 }}>
            <label className="choice-label" htmlFor="taken-on">
              Measured on
            </label>
            <DayInput id="taken-on" label="Measured on" value={takenOn} past clearable={false} onChange={(day) => setTakenOn(day ?? today())} />
            <p className="choice-why">The newest counts; what it was before is kept.</p>
          </div>
          {MEASURES.filter(({ kind }) => kind !== 'flat' || person.child).map(({ id }) => (
            <MeasureRow key={id} {...{ id, person, ledger, takenOn }} onActive={setActive} />
          ))}
          {person.child && (
            <Suspense>
              <GrowthChart person={person} ledger={ledger} />
            </Suspense>
          )}
        </div>
        <FigureBoard body={person.body} measures={[...new Set([...Object.keys(person.body), active])]} active={active} />
      </div>
    </>
  );
}

/** Name, note, and whether a child's rules apply; saved as they are typed. */
function WhoItIs({ person }: { person: PersonView }) {
  return (
    <div className="stack">
      <label className="choice-label" htmlFor="person-name">
        Name
      </label>
      <NameInput id="person-name" value={person.name} onChange={(name) => peopleActions.update(person, { name })} />
      <label className="choice-label" htmlFor="person-note">
        To remember
      </label>
      <Input.TextArea
        id="person-note"
        value={person.note}
        maxLength={4000}
        autoSize={{ minRows: 1 }}
        onChange={(event) => peopleActions.update(person, { note: event.target.value })}
      />
      <span className="row">
        <Switch id="person-child" aria-label="A child" checked={person.child} onChange={(child) => peopleActions.update(person, { child })} />
        <label htmlFor="person-child">A child: short ends, gentle elastic, room to grow</label>
      </span>
    </div>
  );
}

/** Puts a person away; where something is being made for them, that is said first. */
function PutAway({ person }: { person: PersonView }) {
  const [modal, asking] = Modal.useModal();
  const putAway = usePutAway(peopleActions);
  const navigate = useNavigate();
  const { data: makes = [] } = useMakes();
  const open = makes.filter(({ personId, finishedOn }) => personId === person.id && !finishedOn);
  const away = () => putAway(person.id, person.name).then(() => navigate('/people'));
  const ask = () =>
    open.length === 0
      ? void away()
      : void modal.confirm({
          title: `Put ${person.name} away?`,
          content: `Under way for ${person.name}: ${open.map(({ name }) => name).join(', ')}. ${open.length === 1 ? 'It stays' : 'They stay'}, with the measures as they are.`,
          okText: 'Put away',
          cancelText: 'Leave',
          onOk: away,
        });
  return (
    <>
      {asking}
      <Button type="text" onClick={ask}>
        Put away
      </Button>
    </>
  );
}
