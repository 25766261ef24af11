import { Button } from 'antd';
import { Pause, Play } from 'lucide-react';
import { asClock, formatMinutes, isRunning, spentBy } from '@arcus/core';
import { useNow } from '../../../common/use-now.ts';
import { isForgotten, minutesSay, started, stopped, ticking } from './clock.ts';
import { useTally } from '../../use-tally.ts';

interface Props {
  /** The id of the step. */
  of: string;
  /** Minutes it was reckoned to take. */
  planned: number;
}

/** How long a step really takes: begun and stopped by hand, going on through a reload. */
export function StepClock({ of, planned }: Props) {
  const [kept, set] = useTally(`time:${of}`);
  const clock = asClock(kept);
  const running = isRunning(clock);
  const now = useNow(running ? 1000 : undefined);
  const spent = spentBy(clock, Math.max(now, clock[1]));
  const forgotten = isForgotten(clock, planned, now);
  return (
    <div className="step-clock no-print" role="group" aria-label="The clock of this step">
      <Button
        className="on-table"
        icon={running ? <Pause size={18} /> : <Play size={18} />}
        onClick={() => set(running ? stopped(clock, Date.now()) : started(clock, Date.now()))}
      >
        {running ? 'Pause the clock' : spent > 0 ? 'Go on' : 'Start the clock'}
      </Button>
      <span role="timer" aria-live="off">
        <b>{running ? ticking(spent) : minutesSay(spent)}</b> of {formatMinutes(planned)} planned
      </span>
      {forgotten && (
        <p className="step-caution">
          It ran for {minutesSay(now - clock[1])}. Was it left running?{' '}
          <Button size="small" className="on-table" onClick={() => set([clock[0] + Math.round(planned * 60_000), 0])}>
            Count {formatMinutes(planned)}
          </Button>{' '}
          <Button size="small" className="on-table" onClick={() => set(stopped(clock, Date.now()))}>
            Count all of it
          </Button>
        </p>
      )}
    </div>
  );
}
