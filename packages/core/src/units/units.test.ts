import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { formatCloth, formatLength, formatMinutes } from './format.ts';
import { parseLength } from './parse-length.ts';
import { INCH, STEP, YARD } from './units.ts';

describe('reading lengths the way people write them (handbook 1)', () => {
  // international yard and pound agreement: 1 in = 25.4 mm, 1 yd = 914.4 mm exactly
  it.each([
    ['66', 'cm', 660],
    ['66.5 cm', 'in', 665],
    ['66,5', 'cm', 665],
    ['26 1/2', 'in', 26.5 * 25.4],
    ['26½"', 'cm', 26.5 * 25.4],
    ['26-1/2 in', 'cm', 26.5 * 25.4],
    ['½', 'in', 12.7],
    ['2 yd', 'cm', 2 * 914.4],
    ['1.5 m', 'in', 1500],
    ['660mm', 'in', 660],
    ['5\' 4"', 'cm', 64 * 25.4],
    ['1 yd 6 in', 'cm', 42 * 25.4],
    [' 70 CM ', 'in', 700],
  ] as const)('%s in %s is %f mm', (text, units, expected) => {
    expect(parseLength(text, units)).toBeCloseTo(expected, 9);
  });

  it.each(['', 'abc', '12 parsecs', '-5', '1/0', '12 34 x', '1..2', '9'.repeat(400)])('says what would do instead of “%s”', (text) => {
    expect(parseLength(text, 'cm')).toHaveProperty('problem');
  });

  it('never throws and never returns anything but a length or a problem', () => {
    fc.assert(
      fc.property(fc.string(), (text) => {
        const read = parseLength(text, 'in');
        expect(typeof read === 'number' ? Number.isFinite(read) && read >= 0 : read.problem.length > 0).toBe(true);
      }),
      { numRuns: 500 },
    );
  });

  it('reads back what it shows, to the step, in both systems', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 20_000, noNaN: true }), fc.constantFrom('cm', 'in', 'in-fine', 'cm-chalk'), (mm, step) => {
        const units = step.startsWith('cm') ? 'cm' : 'in';
        const back = parseLength(formatLength(mm, units, 'nearest', step), units) as number;
        expect(Math.abs(back - mm)).toBeLessThanOrEqual(STEP[step] / 2 + 0.06);
      }),
    );
  });
});

describe('showing lengths', () => {
  it('shows centimetres to a millimetre and inches to an eighth', () => {
    expect(formatLength(111.408, 'cm', 'down')).toBe('11.1 cm');
    expect(formatLength(4.46 * INCH, 'in', 'down')).toBe('4 3/8 in');
    expect(formatLength(8.91 * INCH, 'in', 'down', 'in-fine')).toBe('8 7/8 in');
    expect(formatLength(12.7, 'in')).toBe('1/2 in');
  });

  it('speaks of cloth in metres and yards, rounded up to what can be asked for', () => {
    expect(formatCloth(1600, 'cm')).toBe('1.60 m');
    expect(formatCloth(1.75 * YARD, 'in')).toBe('1 3/4 yd');
    expect(formatMinutes(130)).toBe('2 h 10 min');
  });
});
