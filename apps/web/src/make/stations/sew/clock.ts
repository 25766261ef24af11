import { isRunning, LEAST_CLOCKED, spentBy, spentMinutes, type Clock } from '@arcus/core';

const MINUTE = 60_000;
/** Left running for this much longer than planned, it was probably forgotten, ms. */
const GRACE = 60 * MINUTE;

export const started = (clock: Clock, now: number): number[] => (isRunning(clock) ? [...clock] : [clock[0], now]);
export const stopped = (clock: Clock, now: number): number[] => [spentBy(clock, now), 0];

/** Whether it was probably left running: far longer than the step takes, minutes. */
export const isForgotten = (clock: Clock, plannedMinutes: number, now: number) =>
  isRunning(clock) && now - clock[1] > 3 * plannedMinutes * MINUTE + GRACE;

/** "12 min", "1 h 05 min". */
export function minutesSay(ms: number): string {
  const minutes = Math.floor(ms / MINUTE);
  return minutes < 60 ? `${minutes} min` : `${Math.floor(minutes / 60)} h ${String(minutes % 60).padStart(2, '0')} min`;
}

/** "12:07", as it runs. */
export function ticking(ms: number): string {
  const seconds = Math.floor(ms / 1000);
  const [h, m, s] = [Math.floor(seconds / 3600), Math.floor(seconds / 60) % 60, seconds % 60];
  return [...(h > 0 ? [h] : []), h > 0 ? String(m).padStart(2, '0') : m, String(s).padStart(2, '0')].join(':');
}

/** Minutes all clocks of a make have counted, and over how many steps. */
export function clocked(tally: Readonly<Record<string, readonly number[]>>, now: number): { minutes: number; steps: number } {
  const clocks = Object.values(spentMinutes(tally, now)).filter((spent) => spent >= LEAST_CLOCKED);
  return { minutes: Math.round(clocks.reduce((sum, each) => sum + each, 0)), steps: clocks.length };
}
