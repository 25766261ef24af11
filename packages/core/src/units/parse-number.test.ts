import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { INCH } from './units.ts';
import { parseLength } from './parse-length.ts';
import { parseNumber } from './parse-number.ts';

describe('a plain number as people write it', () => {
  it.each<[string, number]>([
    ['2', 2],
    ['0,5', 0.5],
    ['0.5', 0.5],
    ['1,75', 1.75],
    ['1/2', 0.5],
    ['1 1/2', 1.5],
    ['1½', 1.5],
    ['¼', 0.25],
    [' 3 ', 3],
    ['-6', -6],
    ['−6', -6],
    ['.5', 0.5],
  ])('%s is %d', (text, value) => expect(parseNumber(text)).toBe(value));

  it.each(['', 'two', '1/0', '1..2', '3 4', '12 cm'])('“%s” is none, and says what would do', (text) =>
    expect((parseNumber(text) as { problem: string }).problem).toMatch(/Try|Type|divides/),
  );

  it('asks about a comma before three digits: thousands to some, decimals to others', () => {
    expect((parseNumber('1,200') as { problem: string }).problem).toContain('two ways');
    expect((parseLength('1,200 mm', 'cm') as { problem: string }).problem).toContain('two ways');
    expect(parseLength('1.200 mm', 'cm')).toBeCloseTo(1.2, 9);
  });

  it('reads back whatever it is shown as', () =>
    fc.assert(
      fc.property(
        fc.double({ min: -1e4, max: 1e4, noNaN: true }).map((value) => Number(value.toFixed(4))),
        (value) => {
          expect(parseNumber(String(value))).toBeCloseTo(value, 9);
        },
      ),
      { numRuns: 100, seed: 20270508 },
    ));
});

it('two strokes are inches, one is feet', () => {
  expect(parseLength("26''", 'cm')).toBeCloseTo(26 * INCH, 9);
  expect(parseLength("5' 4''", 'cm')).toBeCloseTo(64 * INCH, 9);
});
