import { describe, expect, it } from 'vitest';
import { nextAction } from './next-action.ts';

const make = (done: string[]) => ({ done, summary: { figures: {}, verdict: 'ok' as const, says: '' }, finishedOn: null });

describe('what comes next with a make', () => {
  it('is the station after the last one passed, not the one last looked at', () => {
    expect(nextAction(make([])).station).toBe('measure');
    expect(nextAction(make(['station:measure', 'station:shape'])).station).toBe('cloth');
    expect(nextAction(make(['station:measure', 'station:shape', 'station:cloth', 'station:chalk', 'station:sew'])).says).toMatch(/Try it on/);
  });

  it('is where work was done, though a station before was never passed', () => {
    expect(nextAction(make(['chalk:skirt:fold-1'])).station).toBe('chalk');
    expect(nextAction(make(['chalk:skirt:fold-1', 'sew:cut'])).station).toBe('sew');
  });

  it('a stop comes before all', () => {
    const stopped = { ...make(['station:measure']), summary: { figures: {}, verdict: 'stop' as const, says: 'It will not pass the hips.' } };
    expect(nextAction(stopped)).toMatchObject({ station: 'shape', urgent: true });
  });
});
