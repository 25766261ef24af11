/** A step's clock as it is kept: ms spent, and since when it runs (epoch ms; 0: it stands). */
export type Clock = readonly [spent: number, since: number];

const MINUTE = 60_000;
const OF_STEP = 'time:';

export const asClock = (kept: readonly number[] | undefined): Clock => [kept?.[0] ?? 0, kept?.[1] ?? 0];
export const isRunning = ([, since]: Clock) => since > 0;

/** ms spent by now; a clock of the device that was set back takes nothing away. */
export const spentBy = ([spent, since]: Clock, now: number) => spent + (since > 0 ? Math.max(0, now - since) : 0);

/** Minutes every step's clock of a make has counted, by the step's id; `tally`: what the make keeps, clocks by "time:" and the step. */
export function spentMinutes(tally: Readonly<Record<string, readonly number[]>>, now: number): Record<string, number> {
  const clocks = Object.entries(tally).filter(([id]) => id.startsWith(OF_STEP));
  return Object.fromEntries(clocks.map(([id, kept]) => [id.slice(OF_STEP.length), spentBy(asClock(kept), now) / MINUTE]));
}
