import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { inUnits } from './in-units.ts';
import { parseLength } from './parse-length.ts';

describe('prose in the person’s own units', () => {
  // 1 in = 25.4 mm exactly; to the nearest eighth
  it.each([
    ['1.5 cm on woven, 1 cm on knit.', '5/8 in on woven, 3/8 in on knit.'],
    ['tails of 15 to 20 cm', 'tails of 5 7/8 to 7 7/8 in'],
    ['6 and 12 mm from the edge', '1/4 and 1/2 in from the edge'],
    ['Eight of 30 cm make a hem of 2.40 m.', 'Eight of 11 3/4 in make a hem of 2 5/8 yd.'],
    ['Half a circle hangs in gentle folds.', 'Half a circle hangs in gentle folds.'],
    ['0.90 to 0.97 in a casing', '0.90 to 0.97 in a casing'],
  ])('%s', (metric, inches) => {
    expect(inUnits(metric, 'in')).toBe(inches);
    expect(inUnits(metric, 'cm')).toBe(metric);
  });

  it('means the same length, to a sixteenth of an inch', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 3000 }), (mm) => {
        const said = inUnits(`leave ${mm} mm free`, 'in');
        const back = parseLength(/leave (.*) free/.exec(said)![1]!, 'in') as number;
        expect(Math.abs(back - mm)).toBeLessThanOrEqual(25.4 / 16 + 1e-9);
      }),
    );
  });
});
