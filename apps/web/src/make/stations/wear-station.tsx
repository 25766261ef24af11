import { App, Button, Input } from 'antd';
import { useState } from 'react';
import type { LogCreate, LogView } from '@arcus/contract';
import { formatQuantity, type Plan, type Quantity } from '@arcus/core';
import { ApiProblem } from '../../api/client.ts';
import { makesActions, useLog } from '../../api/makes.ts';
import { sayDate, today } from '../../common/dates.ts';
import { LengthInput } from '../../fields/length-input.tsx';
import { Options } from '../../fields/options.tsx';
import { useUnits } from '../../settings/units.tsx';
import { useMakeState } from '../make-context.ts';

const VERDICTS: ReadonlyArray<{ id: LogCreate['verdict']; label: string }> = [
  { id: 'love', label: 'I love it' },
  { id: 'wear', label: 'I will wear it' },
  { id: 'mend', label: 'To be mended' },
  { id: 'pass-on', label: 'Not for me' },
];

/** What is worth writing down once it is worn, besides what the construction adds. */
const WORTH_KEEPING = ['finished-girth', 'hem-sweep', 'finished-length', 'elastic-cut', 'fullness', 'cloth-length', 'sewing-minutes'];

/** What really came out, beside what was planned, and what one would change. */
export default function WearStation() {
  const { make } = useMakeState();
  const { data: entries = [] } = useLog(make.id);
  return (
    <>
      <div className="decisions">
        <header>
          <h2>Wear</h2>
          <p>Write down what came out, so that next time you know.</p>
        </header>
        <LogForm />
      </div>
      <div className="board" style={{ overflow: 'auto' }} role="region" aria-label="What came out" tabIndex={0}>
        <div style={{ maxWidth: 760, padding: '34px 40px 80px' }} className="stack">
          {entries.length === 0 ? <TryOn /> : entries.map((entry) => <Entry key={entry.id} entry={entry} />).reverse()}
        </div>
      </div>
    </>
  );
}

function LogForm() {
  const { make, plan, settle, draft } = useMakeState();
  const { message } = App.useApp();
  const [actuals, setActuals] = useState<Record<string, number>>({});
  const [verdict, setVerdict] = useState<LogCreate['verdict']>('wear');
  const [note, setNote] = useState('');
  const [nextTime, setNextTime] = useState('');
  const [saving, setSaving] = useState(false);
  const rows = WORTH_KEEPING.map((id) => plan?.quantities.find((each) => each.id === id)).filter((each) => each !== undefined);
  const save = async () => {
    setSaving(true);
    try {
      await makesActions.finish(make.id, draft.name, { finishedOn: today(), verdict, actuals, note, nextTime });
      settle((now) => (now.done.includes('station:wear') ? now : { ...now, done: [...now.done, 'station:wear'] }));
      setActuals({});
      setNote('');
      setNextTime('');
      void message.success('Written down.');
    } catch (error) {
      void message.error(error instanceof ApiProblem ? error.messages.join(' ') : String(error));
    } finally {
      setSaving(false);
    }
  };
  return (
    <div className="stack" style={{ gap: 14 }}>
      <Options<LogCreate['verdict']> label="Verdict" options={VERDICTS} value={verdict} onChange={setVerdict} />
      {rows.map((quantity) => (
        <ActualField
          key={quantity.id}
          quantity={quantity}
          value={actuals[quantity.id!]}
          onChange={(value) => setActuals({ ...actuals, [quantity.id!]: value })}
        />
      ))}
      <label className="choice-label" htmlFor="wear-note">
        How it went
      </label>
      <Input.TextArea id="wear-note" value={note} onChange={(event) => setNote(event.target.value)} maxLength={4000} autoSize={{ minRows: 2 }} />
      <label className="choice-label" htmlFor="wear-next">
        What to change next time
      </label>
      <Input.TextArea
        id="wear-next"
        value={nextTime}
        onChange={(event) => setNextTime(event.target.value)}
        maxLength={4000}
        autoSize={{ minRows: 2 }}
      />
      <Button type="primary" loading={saving} onClick={() => void save()}>
        Write it down
      </Button>
    </div>
  );
}

function ActualField({ quantity, value, onChange }: { quantity: Quantity; value: number | undefined; onChange(value: number): void }) {
  const { units } = useUnits();
  const planned = formatQuantity(quantity.value, quantity.unit, units, 'nearest');
  return (
    <div className="choice">
      <div className="choice-head">
        <span className="choice-label">{quantity.label}</span>
        <span className="quiet small">planned {planned}</span>
      </div>
      {quantity.unit === 'mm' ? (
        <LengthInput label={`${quantity.label}, as it came out`} value={value} onCommit={onChange} placeholder="as it came out" />
      ) : (
        <Input
          type="number"
          min={0}
          aria-label={`${quantity.label}, as it came out`}
          placeholder={quantity.unit === 'min' ? 'minutes' : 'as it came out'}
          value={value ?? ''}
          onChange={(event) => event.target.value !== '' && Number(event.target.value) >= 0 && onChange(Number(event.target.value))}
        />
      )}
    </div>
  );
}

function Entry({ entry }: { entry: LogView }) {
  const { plan } = useMakeState();
  const { units } = useUnits();
  return (
    <section className="stack" style={{ marginBottom: 26 }} data-testid="log-entry">
      <p style={{ color: '#c8d4de' }}>{sayDate(entry.finishedOn)}</p>
      <h2 style={{ fontSize: 30 }}>{VERDICTS.find(({ id }) => id === entry.verdict)?.label}</h2>
      {entry.note && <p style={{ fontSize: 19 }}>{entry.note}</p>}
      {entry.nextTime && (
        <p style={{ fontSize: 19 }}>
          <b style={{ color: '#f2c84b' }}>Next time:</b> {entry.nextTime}
        </p>
      )}
      {Object.keys(entry.actuals).length > 0 && (
        <table className="sections">
          <thead>
            <tr>
              <th />
              <th>planned</th>
              <th>came out</th>
              <th>difference</th>
            </tr>
          </thead>
          <tbody>
            {Object.entries(entry.actuals).map(([id, actual]) => (
              <ActualRow
                key={id}
                quantity={plan?.quantities.find((each) => each.id === id)}
                id={id}
                actual={actual}
                planned={entry.planned[id]}
                units={units}
              />
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}

function ActualRow({
  quantity,
  id,
  actual,
  planned,
  units,
}: {
  quantity: Plan['quantities'][number] | undefined;
  id: string;
  actual: number;
  planned: number | undefined;
  units: 'cm' | 'in';
}) {
  const show = (value: number) => formatQuantity(value, quantity?.unit ?? 'ratio', units);
  const off = planned === undefined ? undefined : actual - planned;
  return (
    <tr>
      <td>{quantity?.label ?? id}</td>
      <td>{planned === undefined ? '' : show(planned)}</td>
      <td>
        <b>{show(actual)}</b>
      </td>
      <td>{off === undefined ? '' : Math.abs(off) < 0.5 ? 'as planned' : `${off > 0 ? '+' : '−'} ${show(Math.abs(off))}`}</td>
    </tr>
  );
}

const LOOK_AT = [
  'Does it pass the hips and sit where you measured?',
  'Sit, walk, climb a stair: does anything pull?',
  'Is the hem level from the floor, seen from the side?',
  'Do the gathers or folds lie evenly all round?',
  'Does the elastic leave marks, twist or slip?',
  'Against the light: can one see through?',
];

function TryOn() {
  return (
    <section className="stack">
      <h2 style={{ fontSize: 30 }}>Try it on</h2>
      <p style={{ fontSize: 19, color: '#c8d4de' }}>
        Before the hem, inside out, pins at hand. Pin what is wrong, mark both sides alike, sew inside the old line.
      </p>
      <ul style={{ fontSize: 21, lineHeight: 1.7, paddingLeft: 24, margin: 0 }}>
        {LOOK_AT.map((each) => (
          <li key={each}>{each}</li>
        ))}
      </ul>
    </section>
  );
}
