import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { FormulaError } from '../errors/formula-error.ts';
import { distribute } from './distribute.ts';
import { evaluate } from './evaluate.ts';
import { Quantity, TWO_PI } from './quantity.ts';
import { roundToStep } from './rounding.ts';
import { inputsOf, leavesOf, sensitivity } from './sensitivity.ts';
import { solveFor } from './solve.ts';
import { workingOf } from './working.ts';

const mm = (id: string, value: number) => Quantity.leaf(id, id, value, 'mm', 'measure');
const ratio = (id: string, value: number) => Quantity.leaf(id, id, value, 'ratio', 'choice');

/** Smooth formulas over three inputs, as lengths. */
const formula = fc.letrec<{ length: (v: Leaves) => Quantity }>((tie) => ({
  length: fc.oneof(
    { maxDepth: 4, withCrossShrink: true },
    fc.constantFrom<(v: Leaves) => Quantity>(
      (v) => v.a,
      (v) => v.b,
    ),
    fc.tuple(tie('length'), tie('length')).map(
      ([x, y]) =>
        (v: Leaves) =>
          x(v).plus(y(v)),
    ),
    fc.tuple(tie('length'), tie('length')).map(
      ([x, y]) =>
        (v: Leaves) =>
          x(v).minus(y(v)),
    ),
    tie('length').map((x) => (v: Leaves) => x(v).times(v.k)),
    tie('length').map((x) => (v: Leaves) => x(v).over(v.k.plus(1))),
  ),
})).length;
interface Leaves {
  a: Quantity;
  b: Quantity;
  k: Quantity;
}
const inputs = fc.record({
  a: fc.double({ min: 1, max: 2000, noNaN: true }),
  b: fc.double({ min: 1, max: 2000, noNaN: true }),
  k: fc.double({ min: 0.25, max: 4, noNaN: true }),
});
const leaves = ({ a, b, k }: { a: number; b: number; k: number }): Leaves => ({ a: mm('a', a), b: mm('b', b), k: ratio('k', k) });

describe('a number that remembers how it was worked out', () => {
  it('gives the same value when its tree is worked out again', () => {
    fc.assert(
      fc.property(formula, inputs, (make, v) => {
        expect(evaluate(make(leaves(v)), new Map())).toBe(make(leaves(v)).value);
      }),
    );
  });

  it('gives with other inputs what it would have given had they been there from the start', () => {
    fc.assert(
      fc.property(formula, inputs, inputs, (make, v, w) => {
        const again = evaluate(make(leaves(v)), new Map(Object.entries(w)));
        expect(again).toBeCloseTo(make(leaves(w)).value, 6);
      }),
    );
  });

  it('knows how much an error in each input moves it (central difference)', () => {
    fc.assert(
      fc.property(formula, inputs, fc.constantFrom('a', 'b', 'k'), (make, v, id) => {
        const quantity = make(leaves(v));
        const step = 1e-4;
        const at = (by: number) => evaluate(quantity, new Map([[id, v[id as 'a'] + by]]));
        const slope = (at(step) - at(-step)) / (2 * step);
        expect(Math.abs(sensitivity(quantity, id) - slope)).toBeLessThan(1e-3 * Math.max(1, Math.abs(slope)));
      }),
    );
  });

  it('tells what 5 mm at the waist radius does: 31 mm of waist', () => {
    const radius = mm('waist', 700).over(TWO_PI);
    // geometry: C = 2 pi r
    expect(5 / sensitivity(radius, 'waist')).toBeCloseTo(2 * Math.PI * 5, 9);
  });

  it('writes its working with the person’s own numbers', () => {
    const girth = mm('waist', 700).named('seam-girth', 'Waist seam');
    const radius = girth.over(TWO_PI.times(ratio('fraction', 1)));
    expect(workingOf(radius, 'cm')).toBe('70.0 cm / (2 pi x 1) = 11.14 cm');
    expect(inputsOf(radius)).toEqual(['seam-girth', 'fraction']);
    expect(leavesOf(radius).map((leaf) => leaf.id)).toEqual(['waist', 'fraction']);
  });

  it('puts brackets where leaving them out would change the sum', () => {
    const [a, b, c] = [mm('a', 100), mm('b', 50), mm('c', 20)];
    expect(workingOf(a.minus(b.minus(c)), 'cm')).toBe('10.0 cm - (5.0 cm - 2.0 cm) = 7.0 cm');
    expect(workingOf(a.minus(b).minus(c), 'cm')).toBe('10.0 cm - 5.0 cm - 2.0 cm = 3.0 cm');
    expect(workingOf(a.plus(b).times(2), 'cm')).toBe('(10.0 cm + 5.0 cm) x 2 = 30.0 cm');
  });

  it('follows the branch in force of larger, smaller and choose', () => {
    const [a, b] = [mm('a', 300), mm('b', 200)];
    expect(sensitivity(Quantity.larger(a, b), 'a')).toBe(1);
    expect(sensitivity(Quantity.larger(a, b), 'b')).toBe(0);
    expect(sensitivity(Quantity.smaller(a, b), 'b')).toBe(1);
    expect(evaluate(Quantity.choose(a, b, a, b), new Map([['a', 100]]))).toBe(200);
    expect(evaluate(a.over(mm('c', 70)).ceil(), new Map())).toBe(5);
    expect(evaluate(a.over(mm('c', 70)).floor(), new Map())).toBe(4);
  });

  it('refuses to add a length to a plain number', () => {
    expect(() => mm('a', 10).plus(ratio('k', 2))).toThrow(FormulaError);
    expect(() => mm('a', 10).over(mm('b', 0))).toThrow(FormulaError);
    expect(() => mm('a', 10).sqrt()).toThrow(FormulaError);
  });

  it('can be solved for an input', () => {
    fc.assert(
      fc.property(fc.integer({ min: 100, max: 900 }), (target) => {
        const sweep = TWO_PI.times(mm('waist', 700).over(TWO_PI).plus(mm('length', 600)));
        const length = solveFor(sweep, 'length', 2 * Math.PI * target + 700, 0, 2000)!;
        expect(length).toBeCloseTo(target, 5);
      }),
    );
    expect(solveFor(mm('a', 5).plus(1), 'a', 100, 0, 10)).toBeUndefined();
  });
});

describe('rounding towards the safe side', () => {
  const value = fc.double({ min: 0, max: 5000, noNaN: true });
  const step = fc.constantFrom(1, 5, 25.4 / 8, 25.4 / 16);

  it('never gives more down than there is, nor less up, and stays within a step', () => {
    fc.assert(
      fc.property(value, step, (x, s) => {
        const [down, up] = [roundToStep(x, s, 'down'), roundToStep(x, s, 'up')];
        expect(down).toBeLessThanOrEqual(x + 1e-5 * s);
        expect(up).toBeGreaterThanOrEqual(x - 1e-5 * s);
        expect(up - down).toBeLessThanOrEqual(s * (1 + 1e-9));
        expect(Math.abs(roundToStep(x, s, 'nearest') - x)).toBeLessThanOrEqual(s / 2 + 1e-9);
      }),
    );
  });

  it('leaves a value alone that already stands on a step', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 4000 }), step, (n, s) => {
        expect(roundToStep(n * s, s, 'up')).toBeCloseTo(n * s, 9);
      }),
    );
  });

  it('shares a total among many parts so that it stays true', () => {
    fc.assert(
      fc.property(fc.double({ min: 100, max: 3000, noNaN: true }), fc.integer({ min: 1, max: 48 }), step, (total, count, s) => {
        const { low, high, lows, highs } = distribute(total, count, s);
        expect(lows + highs).toBe(count);
        expect(Math.abs(low * lows + high * highs - total)).toBeLessThanOrEqual(s / 2 + 1e-6 * total);
      }),
    );
  });

  it('says what rounding every half gore up costs: 2.44 and 2.94 chalked as 2.5 and 3 add 1 in to a 43 in hip (handbook 6)', () => {
    const inch = 25.4;
    const front = distribute(19.5 * inch, 8, inch / 2);
    const back = distribute(23.5 * inch, 8, inch / 2);
    expect((front.ifAllUp + back.ifAllUp) / inch).toBeCloseTo(1, 9);
  });
});
