import { describe, expect, it } from 'vitest';
import { planFor } from '@arcus/core';
import { farthest, stepTimes } from './step-times.ts';

const plan = planFor({ construction: 'circle-skirt', body: { 'waist-girth': 700, 'hip-girth': 960 }, choices: {} });
const MINUTE = 60_000;
const time = (id: string, planned: number, real: number) => ({ id, title: id, planned, real });

describe('minutes of each step beside what was reckoned', () => {
  it('lists the steps a clock ran for, in the order they are sewn, one that still runs too', () => {
    const tally = { 'time:zip': [40 * MINUTE, 0], 'time:sides': [10 * MINUTE, 1000], 'time:cut': [10_000, 0], 'rows:shirring': [3] };
    const times = stepTimes(plan, tally, 1000 + 5 * MINUTE);
    const order = plan.steps.map(({ id }) => id);
    expect(times.map(({ id, real }) => [id, real])).toEqual([
      ['sides', 15],
      ['zip', 40],
    ]);
    expect(order.indexOf('sides')).toBeLessThan(order.indexOf('zip'));
  });

  it('says what took most longer and most less, but not of a few minutes', () => {
    expect(farthest([time('a', 20, 22), time('b', 50, 90), time('c', 30, 12), time('d', 10, 14)])).toEqual({
      slower: time('b', 50, 90),
      quicker: time('c', 30, 12),
    });
    expect(farthest([time('a', 20, 22), time('b', 100, 106)])).toEqual({});
    expect(farthest([time('b', 50, 90)])).toEqual({ slower: time('b', 50, 90) });
    expect(farthest([])).toEqual({});
  });
});
