import { Button, Select } from 'antd';
import { lazy, Suspense, useState } from 'react';
import { Link } from 'react-router';
import { useLedger } from '../../api/people.ts';
import { today } from '../../common/dates.ts';
import { DayInput } from '../../fields/day-input.tsx';
import { MeasureRow } from '../../people/measure-row.tsx';
import { FigureBoard } from '../../table/figure-board.tsx';
import { useMakeState } from '../make-context.ts';
import type { PersonView } from '@arcus/contract';

const NewPersonDrawer = lazy(() => import('../../people/new-person-drawer.tsx'));

/** The measures this garment needs, beside a figure with its tape lines. */
export default function MeasureStation() {
  const { construction, person, people, change } = useMakeState();
  const [active, setActive] = useState<string>();
  const [adding, setAdding] = useState(false);
  const wanted = [...construction.needs, ...(construction.needsOneOf ?? []).flat(), ...construction.optional];
  return (
    <>
      <div className="decisions">
        <header>
          <h2>Measure</h2>
          <p>Tape touching, not squeezing. Arms down, over underwear.</p>
        </header>
        <Select
          aria-label="Who is it for"
          value={person?.id}
          onChange={(personId) => change({ personId }, 'person')}
          options={people.map(({ id, name }) => ({ value: id, label: name }))}
        />
        <span className="row small" style={{ gap: 14 }}>
          <Button size="small" onClick={() => setAdding(true)}>
            Add a person
          </Button>
          {person && <Link to={`/people/${person.id}`}>All measures of {person.name}</Link>}
        </span>
        {person ? <Rows person={person} wanted={wanted} onActive={setActive} /> : <p>Choose who it is for.</p>}
      </div>
      <FigureBoard body={person?.body ?? {}} measures={wanted} active={active ?? construction.needs[0]} />
      {adding && (
        <Suspense fallback={null}>
          <NewPersonDrawer onClose={() => setAdding(false)} onMade={(personId) => change({ personId }, 'person')} />
        </Suspense>
      )}
    </>
  );
}

function Rows({ person, wanted, onActive }: { person: PersonView; wanted: readonly string[]; onActive(id: string): void }) {
  const { construction, problem } = useMakeState();
  const { data: ledger = [] } = useLedger(person.id);
  const [takenOn, setTakenOn] = useState(today());
  const oneOf = (construction.needsOneOf ?? []).flat();
  return (
    <>
      <div className="row" style={{ gap: 8 }}>
        <label htmlFor="taken-on" className="quiet small">
          Measured on
        </label>
        <DayInput id="taken-on" label="Measured on" value={takenOn} past clearable={false} onChange={(day) => setTakenOn(day ?? today())} />
      </div>
      {wanted.map((id) => (
        <MeasureRow
          key={id}
          {...{ id, person, ledger, takenOn, onActive }}
          {...(construction.needs.includes(id) ? {} : { hint: oneOf.includes(id) ? 'one of these' : 'if you can' })}
          {...(problem?.field === `body.${id}` ? { problem: 'This one is needed before anything can be worked out.' } : {})}
        />
      ))}
    </>
  );
}
