import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { SafeSide } from '../quantity/unit.ts';
import { exactNumber, formatCloth, formatLength, formatMinutes, formatQuantity, formatSewn } from './format.ts';
import { parseLength } from './parse-length.ts';
import { INCH, STEP, YARD } from './units.ts';

const sides = fc.constantFrom<SafeSide>('up', 'down', 'nearest');
const units = fc.constantFrom('cm', 'in' as const);
const anyLength = fc.double({ min: 0, max: 9000, noNaN: true });

describe('a length as it is shown', () => {
  it('lies on its safe side, never further off than a step', () => {
    fc.assert(
      fc.property(anyLength, units, sides, (mm, system, side) => {
        const system_ = system as 'cm' | 'in';
        const shown = parseLength(formatLength(mm, system_, side), system_) as number;
        expect(Math.abs(shown - mm)).toBeLessThanOrEqual(STEP[system_] * (side === 'nearest' ? 0.5 : 1) + 1e-6);
        if (side === 'up') expect(shown).toBeGreaterThanOrEqual(mm - 1e-3);
        if (side === 'down') expect(shown).toBeLessThanOrEqual(mm + 1e-3);
      }),
    );
  });

  it('is not pushed a step further by the noise of arithmetic', () => {
    expect(formatLength(0.1 * 3 * 1000, 'cm', 'up')).toBe('30.0 cm');
    expect(formatLength(4.375 * INCH + 1e-10, 'in', 'up')).toBe('4 3/8 in');
    expect(formatLength(4.375 * INCH - 1e-10, 'in', 'down')).toBe('4 3/8 in');
  });

  it('speaks fractions as a tape does: the largest that measures it', () => {
    // an eighth, a quarter, three eighths ... of an inch
    const said = [1, 2, 3, 4, 5, 6, 7, 8].map((eighths) => formatLength((eighths * INCH) / 8, 'in'));
    expect(said).toEqual(['1/8 in', '1/4 in', '3/8 in', '1/2 in', '5/8 in', '3/4 in', '7/8 in', '1 in']);
    expect(formatLength(INCH / 16, 'in', 'nearest', 'in-fine')).toBe('1/16 in');
    expect(formatLength(111.4, 'cm', 'nearest', 'cm-chalk')).toBe('11.0 cm');
  });

  it('of cloth is metres or yards, enough of it', () => {
    fc.assert(
      fc.property(anyLength, units, (mm, system) => {
        const shown = parseLength(formatCloth(mm, system as 'cm' | 'in'), system as 'cm' | 'in') as number;
        expect(shown).toBeGreaterThanOrEqual(mm - 1e-3);
        expect(shown - mm).toBeLessThanOrEqual(system === 'cm' ? 10 : YARD / 8 + 1e-6);
      }),
    );
  });
});

describe('other figures', () => {
  it('counts are whole, on their safe side; ratios have two figures; degrees one', () => {
    expect(formatQuantity(3.01, 'count', 'cm', 'up')).toBe('4');
    expect(formatQuantity(3.99, 'count', 'cm', 'down')).toBe('3');
    expect(formatQuantity(1.4666, 'ratio', 'cm', 'nearest')).toBe('1.47');
    expect(formatQuantity(1.461, 'ratio', 'in', 'up')).toBe('1.47');
    expect(formatQuantity(128.571, 'deg', 'cm')).toBe('128.6°');
    expect(formatQuantity(2.5e6, 'mm2', 'cm')).toBe('2.50 m²');
  });

  it('minutes are said in hours once there are enough of them', () => {
    expect([0, 45, 59.2, 60, 61, 130].map(formatMinutes)).toEqual(['0 min', '45 min', '1 h', '1 h', '1 h 1 min', '2 h 10 min']);
  });

  it('what is sewn is said in metres or yards once it is long, never less than it is', () => {
    expect(formatSewn(355, 'cm')).toBe('35.5 cm');
    expect(formatSewn(31_280, 'cm')).toBe('31.28 m');
    expect(formatSewn(31_281, 'cm')).toBe('31.29 m');
    // 1 yd = 914.4 mm exactly
    expect(formatSewn(914.4 * 34.25, 'in')).toBe('34 1/4 yd');
    expect(formatSewn(25.4 * 14, 'in')).toBe('14 in');
  });

  it('in a working stand one figure finer than they are shown, rounded to no side', () => {
    expect(exactNumber(111.408, 'mm', 'cm')).toBe('11.14 cm');
    expect(exactNumber(700, 'mm', 'cm')).toBe('70.0 cm');
    expect(exactNumber(4.46 * INCH, 'mm', 'in')).toBe('4.46 in');
    expect(exactNumber(0.92, 'ratio', 'in')).toBe('0.92');
    expect(exactNumber(180, 'deg', 'cm')).toBe('180°');
  });
});
