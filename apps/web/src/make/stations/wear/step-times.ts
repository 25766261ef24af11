import { minutesOf, type Plan } from '@arcus/core';
import { asClock, spentBy } from '../sew/clock.ts';

export interface StepTime {
  id: string;
  title: string;
  /** Minutes. */
  planned: number;
  real: number;
}

const MINUTE = 60_000;
/** A clock that ran for less was started by mistake, minutes. */
const LEAST = 0.5;

/** The steps a clock ran for, in the order of work: minutes as reckoned and as they came out. */
export function stepTimes(
  { steps, pace }: Pick<Plan, 'steps' | 'pace'>,
  tally: Readonly<Record<string, readonly number[]>>,
  now: number,
): StepTime[] {
  return steps.flatMap((step) => {
    const real = spentBy(asClock(tally[`time:${step.id}`]), now) / MINUTE;
    return real < LEAST ? [] : [{ id: step.id, title: step.title, planned: minutesOf(step, pace), real: Math.round(real) }];
  });
}

/** What took most longer than reckoned, and what least, where they differ by a quarter and five minutes at least. */
export function farthest(times: readonly StepTime[]): { slower?: StepTime; quicker?: StepTime } {
  const off = ({ planned, real }: StepTime) => real - planned;
  const tells = times.filter((each) => Math.abs(off(each)) >= 5 && Math.abs(off(each)) >= each.planned / 4).sort((a, b) => off(b) - off(a));
  const [slower, quicker] = [tells[0], tells[tells.length - 1]];
  return { ...(slower && off(slower) > 0 ? { slower } : {}), ...(quicker && off(quicker) < 0 ? { quicker } : {}) };
}
