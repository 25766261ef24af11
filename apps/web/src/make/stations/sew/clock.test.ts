import { describe, expect, it } from 'vitest';
import { asClock, isRunning, spentBy } from '@arcus/core';
import { clocked, isForgotten, started, stopped, ticking } from './clock.ts';

const MIN = 60_000;
const noon = Date.UTC(2027, 3, 3, 12);

describe('the clock of a step', () => {
  it('counts what it ran, over pauses and over a page that was away in between', () => {
    const first = stopped(asClock(started(asClock(undefined), noon)), noon + 5 * MIN);
    expect(first).toEqual([5 * MIN, 0]);
    // kept as it is, read by another page later
    const again = asClock(JSON.parse(JSON.stringify(started(asClock(first), noon + 60 * MIN))) as number[]);
    expect(isRunning(again)).toBe(true);
    expect(spentBy(again, noon + 63 * MIN)).toBe(8 * MIN);
  });

  it('started twice runs from the first time; a device clock set back takes nothing away', () => {
    const once = started(asClock(undefined), noon);
    expect(started(asClock(once), noon + MIN)).toEqual(once);
    expect(spentBy(asClock([MIN, noon]), noon - 10 * MIN)).toBe(MIN);
  });

  it('left running over night is asked about, not counted in silence', () => {
    expect(isForgotten([0, noon], 15, noon + 40 * MIN)).toBe(false);
    expect(isForgotten([0, noon], 15, noon + 12 * 60 * MIN)).toBe(true);
    expect(isForgotten([12 * 60 * MIN, 0], 15, noon)).toBe(false);
  });

  it('adds up over the steps of a make, leaving out what only just began', () => {
    expect(clocked({ 'time:a': [12 * MIN, 0], 'time:b': [3 * MIN, noon], 'time:c': [900, 0], 'rows:x': [4] }, noon + 2 * MIN)).toEqual({
      minutes: 17,
      steps: 2,
    });
    expect(ticking(3_725_000)).toBe('1:02:05');
    expect(ticking(65_000)).toBe('1:05');
  });
});
