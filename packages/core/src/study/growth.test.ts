import { describe, expect, it } from 'vitest';
import { growthOf } from './growth.ts';

const line = (measure: string, value: number, takenOn: string, struck = false) => ({ measure, value, takenOn, struck });

describe('how a child grows', () => {
  it('from the first day to the last, whatever the order; half a year’s growth twice is a year’s', () => {
    const [hip] = growthOf([line('hip-girth', 622, '2026-07-02'), line('hip-girth', 598, '2026-01-01'), line('hip-girth', 610, '2026-04-01')]);
    expect(hip!.points.map(({ value }) => value)).toEqual([598, 610, 622]);
    expect(hip!.grew).toBe(24);
    // 182 of 365.25 days
    expect(hip!.perYear).toBeCloseTo((24 * 365.25) / 182, 9);
  });
  it('a slip that was struck out and what was taken once or on one day say nothing of growth', () => {
    expect(growthOf([line('waist-girth', 521, '2026-01-01'), line('waist-girth', 53, '2026-07-01', true)])).toEqual([]);
    expect(growthOf([line('waist-girth', 521, '2026-01-01'), line('waist-girth', 530, '2026-01-01')])).toEqual([]);
  });
});
