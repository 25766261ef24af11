import { Button } from 'antd';
import { X } from 'lucide-react';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { asClock, formatMinutes, isRunning, minutesOf, spentBy } from '@arcus/core';
import { TickList } from '../../common/tick-list.tsx';
import { useAwake } from '../../common/use-awake.ts';
import { useMakeState } from '../make-context.ts';
import { PrintLink } from '../print-link.tsx';
import { ProblemPanel } from '../problem-panel.tsx';
import { useTicks } from '../use-ticks.ts';
import { minutesSay, started, stopped } from './sew/clock.ts';
import { StepInHand } from './sew/step-in-hand.tsx';

const MINUTE = 60_000;

/** The operations in order; the one in hand large on the table with its pictures, settings and why. */
export default function SewStation() {
  const { plan, cloth, draft, settle } = useMakeState();
  const { done, toggle } = useTicks('sew');
  const [query, setQuery] = useSearchParams();
  const [listOpen, setListOpen] = useState(false);
  useAwake();
  if (!plan)
    return (
      <>
        <div className="decisions">
          <h2>Sew</h2>
        </div>
        <ProblemPanel />
      </>
    );
  const { steps, pace } = plan;
  const open = (id: string | undefined) => {
    setListOpen(false);
    setQuery(id ? { step: id } : {}, { replace: true });
  };
  const undone = steps.find(({ id }) => !done.has(id));
  const asked = query.get('step');
  const at = Math.max(
    0,
    steps.findIndex(({ id }) => id === (asked ?? undone?.id ?? steps[steps.length - 1]!.id)),
  );
  const step = steps[at]!;
  const left = steps.filter(({ id }) => !done.has(id)).reduce((sum, each) => sum + minutesOf(each, pace), 0);
  const finish = () => {
    if (!done.has(step.id)) toggle(step.id);
    const next = steps[at + 1];
    handOn(step.id, next?.waitHours ? undefined : next?.id);
    open(next?.id);
  };
  /** A clock that runs goes on with the next step. */
  const handOn = (from: string, to: string | undefined) => {
    const [was, now] = [asClock(draft.tally[`time:${from}`]), Date.now()];
    if (!isRunning(was)) return;
    settle((state) => ({
      ...state,
      tally: {
        ...state.tally,
        [`time:${from}`]: stopped(was, now),
        ...(to ? { [`time:${to}`]: started(asClock(state.tally[`time:${to}`]), now) } : {}),
      },
    }));
  };
  const took = (id: string) => {
    const spent = spentBy(asClock(draft.tally[`time:${id}`]), Date.now());
    return spent >= MINUTE ? `${minutesSay(spent)} of ` : '';
  };
  return (
    <>
      <div className={`decisions step-list${listOpen ? ' open' : ''}`}>
        <header>
          <h2>Sew</h2>
          <p>{left > 0 ? `${formatMinutes(left)} of work left.` : 'All sewn.'}</p>
          <Button className="step-list-close" icon={<X size={18} />} onClick={() => setListOpen(false)}>
            Back to the step
          </Button>
        </header>
        <TickList
          items={steps.map((each) => ({
            id: each.id,
            title: each.title,
            hint: each.waitHours ? `wait ${each.waitHours} h` : `${took(each.id)}${formatMinutes(minutesOf(each, pace))}`,
          }))}
          done={done}
          current={step.id}
          onToggle={toggle}
          onCurrent={open}
        />
        <div className="no-print">
          <PrintLink only="sew">Print the steps</PrintLink>
        </div>
      </div>
      <StepInHand
        step={step}
        plan={plan}
        colour={cloth?.colour ?? '#b96a5a'}
        place={{ at: at + 1, of: steps.length }}
        done={done.has(step.id)}
        allDone={undone === undefined}
        {...(at > 0 ? { onBack: () => open(steps[at - 1]!.id) } : {})}
        onDone={finish}
        onList={() => setListOpen(true)}
      />
    </>
  );
}
