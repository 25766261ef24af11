import { App, Select } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { doubtsAbout, formatLength, inUnits, measureById, standIn } from '@arcus/core';
import { peopleActions, useLedger } from '../../api/people.ts';
import { ApiProblem } from '../../api/client.ts';
import { sayDate, today } from '../../common/dates.ts';
import { LengthInput } from '../../fields/length-input.tsx';
import { useUnits } from '../../settings/units.tsx';
import { FigureBoard } from '../../table/figure-board.tsx';
import { useMakeState } from '../make-context.ts';

/** The measures this garment needs, beside a figure with its tape lines. */
export default function MeasureStation() {
  const { construction, person, people, change } = useMakeState();
  const [active, setActive] = useState<string>();
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
        {person ? (
          wanted.map((id) => <MeasureField key={id} id={id} needed={construction.needs.includes(id)} onActive={setActive} />)
        ) : (
          <p>Choose who it is for.</p>
        )}
        {person && (
          <Link to={`/people/${person.id}`} className="small">
            All measures of {person.name}
          </Link>
        )}
      </div>
      <FigureBoard body={person?.body ?? {}} measures={wanted} active={active ?? construction.needs[0]} />
    </>
  );
}

function MeasureField({ id, needed, onActive }: { id: string; needed: boolean; onActive(id: string | undefined): void }) {
  const { person, problem } = useMakeState();
  const { units } = useUnits();
  const { data: ledger = [] } = useLedger(person!.id);
  const { message } = App.useApp();
  const definition = measureById(id)!;
  const value = person!.body[id];
  const lines = ledger.filter((line) => line.measure === id);
  const last = lines[lines.length - 1];
  const before = lines[lines.length - 2];
  const guess = value === undefined ? standIn(id, person!.body) : undefined;
  const doubts =
    value === undefined ? [] : doubtsAbout(person!.body, units, before && { [id]: before.value }).filter((doubt) => doubt.measure === id);
  const save = (mm: number) =>
    peopleActions
      .measure(person!.id, person!.name, [{ measure: id, value: mm, takenOn: today() }])
      .catch((error: unknown) => message.error(error instanceof ApiProblem ? error.messages.join(' ') : String(error)));
  return (
    <div className="choice">
      <div className="choice-head">
        <label className="choice-label" htmlFor={`measure-${id}`}>
          {definition.label}
          {needed ? (
            ''
          ) : (
            <span className="quiet" style={{ fontWeight: 400 }}>
              {' '}
              if you can
            </span>
          )}
        </label>
        {last && <span className="quiet small">{sayDate(last.takenOn)}</span>}
      </div>
      <LengthInput
        id={`measure-${id}`}
        label={definition.label}
        value={value}
        min={1}
        max={5000}
        placeholder={units === 'cm' ? 'such as 70 or 70.5' : 'such as 27 1/2'}
        onCommit={(mm) => void save(mm)}
        onFocus={() => onActive(id)}
      />
      <p className="choice-why">{inUnits(definition.how, units)}</p>
      {guess && (
        <p className="doubt">
          Not measured yet. From {guess.from} it might be {formatLength(guess.value, units)}; an estimate only.{' '}
          <button
            type="button"
            className="plain-button"
            style={{ textDecoration: 'underline' }}
            onClick={() =>
              void peopleActions.measure(person!.id, person!.name, [
                { measure: id, value: guess.value, takenOn: today(), note: `estimate from ${guess.from}` },
              ])
            }
          >
            Use it for now
          </button>
        </p>
      )}
      {last?.note.startsWith('estimate') && <p className="doubt">An {last.note}, not measured. Measure before you cut.</p>}
      {doubts.map((doubt) => (
        <p key={doubt.says} className="doubt">
          {doubt.says}
        </p>
      ))}
      {problem?.field === `body.${id}` && <p className="field-error">This one is needed before anything can be worked out.</p>}
    </div>
  );
}
