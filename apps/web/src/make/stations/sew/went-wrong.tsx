import { Button } from 'antd';
import { useState } from 'react';
import { faultsAt, formatLength, remediesFor, type Fault, type Plan, type Remedy, type Step } from '@arcus/core';
import { LengthInput } from '../../../fields/length-input.tsx';
import { useUnits } from '../../../settings/units.tsx';
import { useMakeState } from '../../make-context.ts';
import { useSaid } from '../../../common/said.tsx';

/** What can still be done when something went wrong at this step, with numbers; the plan is worked out again from what is on the table. */
export function WentWrong({ step, plan }: { step: Step; plan: Plan }) {
  const [open, setOpen] = useState(false);
  const [fault, setFault] = useState<Fault>();
  const faults = faultsAt(step, plan);
  if (faults.length === 0) return null;
  if (!open)
    return (
      <Button className="on-table went-wrong-open no-print" onClick={() => setOpen(true)}>
        It went wrong…
      </Button>
    );
  return (
    <section className="went-wrong no-print" aria-label="It went wrong">
      <div className="row spread">
        <h3>What happened?</h3>
        <Button
          type="text"
          className="on-table-text"
          onClick={() => {
            setOpen(false);
            setFault(undefined);
          }}
        >
          Close
        </Button>
      </div>
      <div className="row wrap" role="group" aria-label="What happened">
        {faults.map((each) => (
          <Button key={each.id} className="on-table" aria-pressed={each === fault} onClick={() => setFault(each)}>
            {each.label}
          </Button>
        ))}
      </div>
      {fault && <Remedies key={fault.id} fault={fault} step={step} plan={plan} />}
    </section>
  );
}

function Remedies({ fault, step, plan }: { fault: Fault; step: Step; plan: Plan }) {
  const { request, change } = useMakeState();
  const { units } = useUnits();
  const said = useSaid();
  const [amount, setAmount] = useState(() => fault.asks?.usual(plan) ?? 0);
  const [before] = useState({ request, plan });
  // what is offered stays the same while the plan is worked out again with one of them
  const remedies = remediesFor(fault, { ...before, step }, amount);
  const take = (remedy: Remedy) => {
    change(
      ({ choices, done }) => ({
        choices: { ...choices, ...remedy.change },
        done: [...done.filter((tick) => !tick.startsWith(`went:${step.id}:${fault.id}`)), `went:${step.id}:${fault.id}:${Math.round(amount)}`],
      }),
      `went:${fault.id}`,
    );
    void said.success('The plan goes on from there. Undo takes it back.');
  };
  return (
    <>
      {fault.asks && (
        <div className="row went-amount">
          <label htmlFor="went-amount">{fault.asks.label}</label>
          <LengthInput id="went-amount" label={fault.asks.label} value={amount} min={1} max={fault.asks.max} onCommit={setAmount} />
        </div>
      )}
      <p className="on-table-quiet">
        {remedies.length === 0
          ? `With ${formatLength(amount, units)} nothing we know of mends it: cut that piece anew.`
          : 'This can still be done; any one of them:'}
      </p>
      <ul className="remedies">
        {remedies.map((remedy) => (
          <li key={remedy.says}>
            <p>{remedy.says}</p>
            <p className="on-table-quiet small">Costs: {remedy.cost}</p>
            {remedy.change && (
              <Button className="on-table" onClick={() => take(remedy)}>
                Go on with that
              </Button>
            )}
          </li>
        ))}
      </ul>
    </>
  );
}
