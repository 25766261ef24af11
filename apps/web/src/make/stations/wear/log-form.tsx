import { Button, Input, Modal } from 'antd';
import { useState } from 'react';
import type { LogCreate } from '@arcus/contract';
import { formatQuantity, isFarOff, worthLogging, type Quantity } from '@arcus/core';
import { ApiProblem } from '../../../api/client.ts';
import { makesActions } from '../../../api/makes.ts';
import { today } from '../../../common/dates.ts';
import { useKept } from '../../../common/use-kept.ts';
import { DayInput } from '../../../fields/day-input.tsx';
import { LengthInput } from '../../../fields/length-input.tsx';
import { NumberInput } from '../../../fields/number-input.tsx';
import { Options } from '../../../fields/options.tsx';
import { useUnits } from '../../../settings/units.tsx';
import { clocked } from '../sew/clock.ts';
import { wentWrong } from './went-wrong-said.ts';
import { useMakeState } from '../../make-context.ts';
import { VERDICTS } from './verdicts.ts';
import { useSaid } from '../../../common/said.tsx';

interface Draft {
  verdict: LogCreate['verdict'] | null;
  finishedOn: string;
  actuals: Record<string, number>;
  note: string;
  nextTime: string;
}

/** What came out, written down; kept on the device while it is being typed. */
export function LogForm() {
  const { make, plan, settle, draft: named } = useMakeState();
  const message = useSaid();
  const [modal, asking] = Modal.useModal();
  const [draft, setDraft, letGo] = useKept<Draft>(`arcus.wear.${make.id}`, {
    verdict: null,
    finishedOn: today(),
    actuals: {},
    note: '',
    nextTime: '',
  });
  const [saving, setSaving] = useState(false);
  const set = (patch: Partial<Draft>) => setDraft((now) => ({ ...now, ...patch }));
  const rows = plan ? worthLogging(plan) : [];
  const { minutes, steps } = clocked(named.tally, Date.now());
  const went = plan ? wentWrong(plan, named.done, plan.units) : [];
  const far = rows.filter(({ id, value }) => draft.actuals[id!] !== undefined && isFarOff(value, draft.actuals[id!]!));
  const save = async () => {
    setSaving(true);
    try {
      const { verdict, ...rest } = draft;
      await makesActions.finish(make.id, named.name, { ...rest, verdict: verdict! });
      settle((now) => (now.done.includes('station:wear') ? now : { ...now, done: [...now.done, 'station:wear'] }));
      letGo();
      void message.success('Written down.');
    } catch (error) {
      void message.error(error instanceof ApiProblem ? error.messages.join(' ') : String(error));
    } finally {
      setSaving(false);
    }
  };
  const ask = () =>
    far.length === 0
      ? void save()
      : void modal.confirm({
          title: 'Is that right?',
          content: `${far.map(({ label }) => label).join(', ')}: far from what was planned. What you typed stays either way.`,
          okText: 'Yes, write it down',
          cancelText: 'Look again',
          onOk: save,
        });
  return (
    <form
      className="stack"
      style={{ gap: 14 }}
      onSubmit={(event) => {
        event.preventDefault();
        if (draft.verdict && !event.currentTarget.querySelector('[aria-invalid="true"]')) ask();
      }}
    >
      {asking}
      <Options<LogCreate['verdict'] | ''>
        label="Verdict"
        options={VERDICTS}
        value={draft.verdict ?? ''}
        onChange={(verdict) => set({ verdict: verdict === '' ? null : verdict })}
      />
      <div className="row" style={{ gap: 8 }}>
        <label htmlFor="finished-on">On</label>
        <DayInput
          id="finished-on"
          label="On"
          value={draft.finishedOn}
          past
          clearable={false}
          onChange={(finishedOn) => set({ finishedOn: finishedOn ?? today() })}
        />
      </div>
      {rows.map((quantity) => (
        <ActualField
          key={quantity.id}
          quantity={quantity}
          value={draft.actuals[quantity.id!]}
          {...(quantity.id === 'sewing-minutes' && minutes > 0 ? { counted: { minutes, steps } } : {})}
          onChange={(value) => {
            const { [quantity.id!]: _, ...others } = draft.actuals;
            set({ actuals: value === undefined ? others : { ...others, [quantity.id!]: value } });
          }}
        />
      ))}
      {went.length > 0 && (
        <p className="choice-learned">
          On the way: {went.join('; ')}.{' '}
          <button
            type="button"
            className="plain-button underlined"
            onClick={() => set({ note: [draft.note, `On the way: ${went.join('; ')}.`].filter(Boolean).join('\n') })}
          >
            Into the notes
          </button>
        </p>
      )}
      <label className="choice-label" htmlFor="wear-note">
        How it went
      </label>
      <Input.TextArea
        id="wear-note"
        value={draft.note}
        onChange={(event) => set({ note: event.target.value })}
        maxLength={4000}
        autoSize={{ minRows: 2 }}
      />
      <label className="choice-label" htmlFor="wear-next">
        What to change next time
      </label>
      <Input.TextArea
        id="wear-next"
        value={draft.nextTime}
        onChange={(event) => set({ nextTime: event.target.value })}
        maxLength={4000}
        autoSize={{ minRows: 2 }}
      />
      {draft.verdict === null && <p className="quiet small">Say above what you think of it; the rest may stay empty.</p>}
      <Button type="primary" htmlType="submit" loading={saving} disabled={draft.verdict === null}>
        Write it down
      </Button>
    </form>
  );
}

/** More than any garment has of anything that is counted. */
const MOST = 100_000;

interface ActualProps {
  quantity: Quantity;
  value: number | undefined;
  /** What the clocks of the steps have counted. */
  counted?: { minutes: number; steps: number };
  onChange(value: number | undefined): void;
}

function ActualField({ quantity, value, counted, onChange }: ActualProps) {
  const { units } = useUnits();
  const { label, unit } = quantity;
  const planned = formatQuantity(quantity.value, unit, units, 'nearest');
  const name = `${label}, as it came out`;
  const clear = () => onChange(undefined);
  return (
    <div className="choice">
      <div className="choice-head">
        <span className="choice-label">{label}</span>
        <span className="quiet small">planned {planned}</span>
      </div>
      {unit === 'mm' ? (
        <LengthInput label={name} value={value} onCommit={onChange} onClear={clear} placeholder="as it came out" />
      ) : (
        <NumberInput
          label={name}
          value={value ?? null}
          min={0}
          max={MOST}
          whole={unit === 'count'}
          width={180}
          {...(unit === 'min' ? { suffix: 'minutes' } : {})}
          onCommit={onChange}
          onClear={clear}
        />
      )}
      {counted && value === undefined && (
        <p className="choice-learned">
          The clocks say {counted.minutes} minutes over {counted.steps} {counted.steps === 1 ? 'step' : 'steps'}.{' '}
          <button type="button" className="plain-button underlined" onClick={() => onChange(counted.minutes)}>
            Take that
          </button>
        </p>
      )}
      {value !== undefined && isFarOff(quantity.value, value) && (
        <p className="doubt">
          {formatQuantity(value, unit, units)} is far from the {planned} planned. Another unit, or a slip?
        </p>
      )}
    </div>
  );
}
