import { FIGURES } from '../figure/figures.ts';

/** A step as far as its minutes go. `pace`: sewn by hand at that pace, mm a minute; otherwise at the machine's. */
export interface TimedStep {
  id: string;
  handling: ReadonlyArray<readonly [figure: string, times: number]>;
  /** mm. */
  seamLength: number;
  pace?: number | undefined;
}

/** How long one kind of work took in a make, minutes: by the rule of thumb, and by the clock. */
export interface WorkTime {
  /** Name of its figure: "gather". */
  work: string;
  usual: number;
  real: number;
}

/** How long the steps of a make took by the clock; `usual`: all steps by the rule of thumb, minutes. */
export interface WorkTimes {
  usual: number;
  works: WorkTime[];
}

/** A clock that ran for less was started by mistake, minutes. */
export const LEAST_CLOCKED = 0.5;

const usual = (figure: string) => FIGURES[figure]!.value;

/** Minutes of a step by the rule of thumb, whatever the maker's own figures are: what a clock is held against. `pace`: beginner or practised. */
export function usualMinutes({ handling, seamLength, pace: byHand }: TimedStep, pace: string): number {
  const handled = handling.reduce((sum, [figure, times]) => sum + usual(`${figure}-${pace}`) * times, 0);
  return handled + seamLength / (byHand === undefined ? usual(`pace-${pace}`) : usual('pace-hand'));
}

/** The kind of work a step is most of: the handling that takes longest. None where it has none. */
export function workOf({ handling }: Pick<TimedStep, 'handling'>, pace: string): string | undefined {
  const minutes = handling.map(([figure, times]) => [figure, usual(`${figure}-${pace}`) * times] as const);
  return minutes.reduce<readonly [string | undefined, number]>((most, each) => (each[1] > most[1] ? each : most), [undefined, 0])[0];
}

/** What the clocks of a make say of each kind of work. `spent`: minutes by step id. */
export function workTimes(steps: readonly TimedStep[], pace: string, spent: Readonly<Record<string, number>>): WorkTimes {
  const works = new Map<string, WorkTime>();
  for (const step of steps) {
    const [work, real] = [workOf(step, pace), spent[step.id] ?? 0];
    if (!work || real < LEAST_CLOCKED) continue;
    const so = works.get(work) ?? { work, usual: 0, real: 0 };
    works.set(work, { work, usual: so.usual + usualMinutes(step, pace), real: so.real + real });
  }
  return { usual: steps.reduce((sum, step) => sum + usualMinutes(step, pace), 0), works: [...works.values()] };
}
