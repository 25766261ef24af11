import { describe, expect, it } from 'vitest';
import { spentMinutes } from './clock.ts';
import { usualMinutes, workOf, workTimes } from './usual-minutes.ts';

// figures: handbook 13a, minutes for a beginner / practised hand: zip 50 / 20, gathering 12 / 5 a metre; pace 0.5 / 1.5 m a minute; by hand 0.15
const zip = { id: 'zip', handling: [['zip', 1]] as const, seamLength: 1000 };
const gathering = { id: 'gather', handling: [['gather', 2]] as const, seamLength: 4000 };
const mixed = { id: 'seam', handling: [['seam', 2], ['finish', 1]] as const, seamLength: 0 }; // prettier-ignore

describe('minutes by the rule of thumb (handbook 13a)', () => {
  it('handling and the seam at the pace of the hand', () => {
    expect(usualMinutes(zip, 'beginner')).toBe(50 + 2);
    expect(usualMinutes(zip, 'practised')).toBeCloseTo(20 + 1 / 1.5, 9);
    expect(usualMinutes(gathering, 'beginner')).toBe(24 + 8);
    expect(usualMinutes({ ...zip, pace: 75 }, 'beginner')).toBeCloseTo(50 + 1000 / 150, 9);
  });

  it('a step counts as the work it is most of; a step of none counts as none', () => {
    expect(workOf(mixed, 'beginner')).toBe('seam');
    expect(workOf({ handling: [] }, 'beginner')).toBeUndefined();
  });

  it('clocks are added up kind by kind; one that ran for seconds was a slip', () => {
    const tally = { 'time:zip': [30 * 60_000, 0], 'time:gather': [20_000, 0], 'rows:zip': [4] };
    const times = workTimes([zip, gathering, { ...zip, id: 'zip-2' }], 'beginner', spentMinutes({ ...tally, 'time:zip-2': [60_000, 0] }, 0));
    expect(times.works).toEqual([{ work: 'zip', usual: 104, real: 31 }]);
    expect(times.usual).toBe(52 + 32 + 52);
  });

  it('a clock that runs counts to now', () => {
    expect(spentMinutes({ 'time:a': [60_000, 1_000_000] }, 1_000_000 + 120_000)).toEqual({ a: 3 });
  });
});
