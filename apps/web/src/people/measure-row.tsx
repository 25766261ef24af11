import type { MeasureView, PersonView } from '@arcus/contract';
import { doubtsAbout, estimateNote, formatLength, measureById, standIn, type Doubt } from '@arcus/core';
import { ApiProblem } from '../api/client.ts';
import { peopleActions } from '../api/people.ts';
import { sayDate } from '../common/dates.ts';
import { LengthInput } from '../fields/length-input.tsx';
import { useUnits } from '../settings/units.tsx';
import { useSaid } from '../common/said.tsx';

interface Props {
  id: string;
  person: PersonView;
  /** All lines of the person's ledger, oldest first. */
  ledger: readonly MeasureView[];
  /** The day entries are made for, ISO 8601. */
  takenOn: string;
  /** What stands behind the name: "if you can". */
  hint?: string;
  /** Why it has to be taken, where it is missing. */
  problem?: string;
  onActive(id: string): void;
}

/** One measure of a person: how to take it, what it is, what it was before, and what to ask about it. */
export function MeasureRow({ id, person, ledger, takenOn, hint, problem, onActive }: Props) {
  const { units } = useUnits();
  const message = useSaid();
  const definition = measureById(id)!;
  const value = person.body[id];
  const lines = ledger.filter((line) => line.measure === id);
  const counting = lines.filter(({ struck }) => !struck);
  const [before, last] = [counting[counting.length - 2], counting[counting.length - 1]];
  const guess = value === undefined ? standIn(id, person.body) : undefined;
  const doubts = value === undefined ? [] : doubtsAbout(person.body, units, before && { [id]: before.value }).filter(({ measure }) => measure === id);
  const failed = (error: unknown) => void message.error(error instanceof ApiProblem ? error.messages.join(' ') : String(error));
  const enter = (mm: number, note?: string) => {
    // typed again for the same day it puts right what was typed before
    const putsRight = last?.takenOn === takenOn && last.value !== mm;
    void peopleActions.measure(person.id, person.name, [{ measure: id, value: mm, takenOn, ...(note ? { note } : {}), putsRight }]).catch(failed);
  };
  return (
    <div className="choice measure-row">
      <div className="choice-head">
        <label className="choice-label" htmlFor={`measure-${id}`}>
          {definition.label}
          {hint && <span className="quiet hint"> {hint}</span>}
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
        onCommit={(mm) => enter(mm)}
        onFocus={() => onActive(id)}
      />
      <p className="choice-why">{definition.how}</p>
      {guess && (
        <p className="doubt">
          Not measured yet. From {guess.from} it might be {formatLength(guess.value, units)}; an estimate only.{' '}
          <button type="button" className="plain-button underlined" onClick={() => enter(guess.value, estimateNote(guess.from))}>
            Use it for now
          </button>
        </p>
      )}
      {person.estimated[id] && <p className="doubt">An estimate from {person.estimated[id]}, not measured. Measure before you cut.</p>}
      {doubts.map((doubt) => (
        <DoubtNote key={doubt.says} doubt={doubt} onTake={enter} />
      ))}
      {problem && value === undefined && <p className="field-error">{problem}</p>}
      {lines.length > 0 && (
        <details className="ledger">
          <summary className="quiet small">{counting.length > 1 ? `Earlier: ${counting.length - 1}` : 'What was written down'}</summary>
          <ul>
            {[...lines].reverse().map((line) => (
              <li key={line.id}>
                <span className={line.struck ? 'struck' : undefined}>
                  {formatLength(line.value, units)}, {sayDate(line.takenOn)}
                </span>
                {line.id > 0 && (
                  <button
                    type="button"
                    className="plain-button underlined small"
                    aria-label={`${line.struck ? 'Let it count' : 'Strike out'}: ${definition.label} ${formatLength(line.value, units)}`}
                    onClick={() => void peopleActions.strike(person.id, person.name, line.id, !line.struck).catch(failed)}
                  >
                    {line.struck ? 'Let it count' : 'Strike out'}
                  </button>
                )}
              </li>
            ))}
          </ul>
          {last && last.takenOn !== takenOn && (
            <button type="button" className="plain-button underlined small" onClick={() => enter(last.value)}>
              Measured again on {sayDate(takenOn)}, the same
            </button>
          )}
        </details>
      )}
    </div>
  );
}

/** A question about a measure, with what it may have been meant to be. */
export function DoubtNote({ doubt, onTake }: { doubt: Doubt; onTake(mm: number): void }) {
  const { units } = useUnits();
  const { take } = doubt;
  return (
    <p className="doubt">
      {doubt.says}{' '}
      {take !== undefined && (
        <button type="button" className="plain-button underlined" onClick={() => onTake(take)}>
          Take {formatLength(take, units)}
        </button>
      )}
    </p>
  );
}
