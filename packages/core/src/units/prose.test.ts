import { describe, expect, it } from 'vitest';
import { measureById } from '../body/measures.ts';
import { CONSTRUCTIONS } from '../garments/index.ts';
import { aboutIn, proseIn } from './prose.ts';
import { parseLength } from './parse-length.ts';

describe.each(CONSTRUCTIONS)('what is said of the choices of $id', ({ choices, needs, optional }) => {
  it('speaks one person’s units, in what it says and in what its options are called', () => {
    for (const { id, label, why, optionLabels = {} } of choices) {
      const said = (units: 'cm' | 'in') => [label, ...Object.values(optionLabels), proseIn(why, units)].join(' | ');
      expect(said('in'), id).not.toMatch(/\d ?(mm|cm|m)\b/);
      expect(said('cm'), id).not.toMatch(/\d\/\d|\d ?yd\b/);
      // a sentence has its full stop in both
      for (const units of ['cm', 'in'] as const) expect(proseIn(why, units), id).toMatch(/^[A-Z0-9].*[.?]$/);
    }
    for (const id of [...needs, ...optional]) expect(measureById(id)!.how, id).not.toMatch(/\d ?(mm|cm|m|in)\b/);
  });

  it('means about the same length in both: a rule of thumb is round, not another rule', () => {
    for (const { id, why } of choices) {
      if (typeof why === 'string') continue;
      const pairs: Array<[number, number]> = [];
      why((mm, inches) => {
        pairs.push([mm, inches * 25.4]);
        return '';
      });
      expect(pairs.length, id).toBeGreaterThan(0);
      for (const [mm, inches] of pairs) expect(Math.abs(inches / mm - 1), `${id}: ${mm} mm`).toBeLessThan(0.3);
    }
  });
});

it('a rule of thumb reads back as what it says', () => {
  expect(parseLength(aboutIn('cm')(75, 3), 'cm')).toBe(75);
  // 1 in = 25.4 mm exactly (international yard and pound, 1959)
  expect(parseLength(aboutIn('in')(75, 3), 'in')).toBeCloseTo(76.2, 9);
});
