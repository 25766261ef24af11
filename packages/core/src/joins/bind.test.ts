import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { draftFor } from '../plan/plan.ts';
import { RUNS } from '../testing/bodies.ts';
import { MEASURED } from '../testing/every-skirt.ts';

const SEAM_OF_JOINS = 6;

/**
 * Lengths of the strips a square gives, cut beside its diagonal on both sides, mm: each is measured along its middle, and each join on the slant takes
 * two allowances across it (geometry).
 */
function fromSquare(side: number, width: number): { strips: number; whole: number } {
  const diagonal = side * Math.SQRT2;
  const middles: number[] = [];
  for (let from = 0; from + width <= diagonal / 2 + 1e-9; from += width) middles.push(diagonal - 2 * from - width);
  const strips = 2 * middles.length;
  const whole = 2 * middles.reduce((sum, each) => sum + each, 0) - (strips - 1) * 2 * SEAM_OF_JOINS * Math.SQRT2;
  return { strips, whole };
}

const bound = (length: number, fraction: number) =>
  draftFor({ construction: 'circle-skirt', body: MEASURED, choices: { hemEdge: 'bound', length, fraction } }).sheet;

describe('a bias strip out of a square (handbook 3: a square of side sqrt(B x b), plus joins)', () => {
  it('the square always gives as much as the edge takes', () => {
    fc.assert(
      fc.property(fc.integer({ min: 250, max: 1100 }), fc.constantFrom(0.5, 1, 1.5), (length, fraction) => {
        const sheet = bound(length, fraction);
        const [whole, side] = ['binding-length', 'binding-square'].map((id) => sheet.quantity(id).value) as [number, number];
        const width = sheet.figure('binding-width').value;
        expect(fromSquare(side, width).whole).toBeGreaterThanOrEqual(whole);
        // and is not so large that the cloth is wasted
        expect(side).toBeLessThan(Math.sqrt(whole * width) + 2 * width);
      }),
      RUNS,
    );
  });

  it('says how many strips that are, to one more or less, and one join fewer', () => {
    for (const length of [300, 600, 1000]) {
      const sheet = bound(length, 1);
      const { how } = sheet.steps.find(({ id }) => id === 'binding-make')!;
      const [, strips, joins] = /about (\d+) of them, with (\d+) joins/.exec(how)!.map(Number) as [number, number, number];
      expect(joins).toBe(strips - 1);
      const { strips: cut } = fromSquare(sheet.quantity('binding-square').value, sheet.figure('binding-width').value);
      expect(Math.abs(strips - cut)).toBeLessThanOrEqual(2);
    }
  });

  it('a bound edge loses nothing: it is finished where it is cut', () => {
    const sheet = bound(600, 1);
    expect(sheet.quantity('hem-radius-cut').value).toBeCloseTo(sheet.quantity('hem-radius').value, 9);
    expect(sheet.joins.filter(({ how }) => how === 'hem')).toEqual([]);
  });
});
