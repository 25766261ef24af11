import { LEAST_CLOCKED, minutesOf, spentMinutes, type Plan } from '@arcus/core';

export interface StepTime {
  id: string;
  title: string;
  /** Minutes. */
  planned: number;
  real: number;
}

/** The steps a clock ran for, in the order of work: minutes as reckoned and as they came out. */
export function stepTimes(
  { steps, pace }: Pick<Plan, 'steps' | 'pace'>,
  tally: Readonly<Record<string, readonly number[]>>,
  now: number,
): StepTime[] {
  const spent = spentMinutes(tally, now);
  return steps.flatMap((step) => {
    const real = spent[step.id] ?? 0;
    return real < LEAST_CLOCKED ? [] : [{ id: step.id, title: step.title, planned: minutesOf(step, pace), real: Math.round(real) }];
  });
}

/** What took most longer than reckoned, and what least, where they differ by a quarter and five minutes at least. */
export function farthest(times: readonly StepTime[]): { slower?: StepTime; quicker?: StepTime } {
  const off = ({ planned, real }: StepTime) => real - planned;
  const tells = times.filter((each) => Math.abs(off(each)) >= 5 && Math.abs(off(each)) >= each.planned / 4).sort((a, b) => off(b) - off(a));
  const [slower, quicker] = [tells[0], tells[tells.length - 1]];
  return { ...(slower && off(slower) > 0 ? { slower } : {}), ...(quicker && off(quicker) < 0 ? { quicker } : {}) };
}
