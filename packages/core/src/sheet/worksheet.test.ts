import { describe, expect, it } from 'vitest';
import { FormulaError } from '../errors/formula-error.ts';
import { draftFor } from '../plan/plan.ts';
import { Quantity } from '../quantity/quantity.ts';
import { leavesOf } from '../quantity/sensitivity.ts';
import { MEASURED } from '../testing/every-skirt.ts';

const sheet = () => draftFor({ construction: 'gathered-skirt', body: MEASURED }).sheet;

describe('the sheet lets nothing overwrite what stands on it', () => {
  it('a second quantity, piece, join or step of one name is a mistake of ours, and throws', () => {
    const one = sheet();
    const length = Quantity.constant(1, 'mm');
    expect(() => one.put('flat-length', 'Again', 'up', length)).toThrow(FormulaError);
    const { shape, grain, name } = one.piece('panel');
    expect(() => one.cut({ id: 'panel', name, copies: 1, grain, shape: shape! })).toThrow(/two pieces/);
    expect(() => one.join(one.joins[0]!)).toThrow(/two joins/);
    expect(() => one.step(one.steps[0]!)).toThrow(/two steps/);
  });

  it('a result is not called like a choice: both have their place in the formulas', () => {
    const one = sheet();
    expect(() => one.put('length', 'Length', 'up', Quantity.constant(1, 'mm'))).toThrow(/called like a choice/);
    // what was chosen and what was reached are two numbers
    const flat = one.quantity('flat-length');
    expect(leavesOf(flat).map(({ id }) => id)).toContain('chosen-fullness');
    expect(leavesOf(one.quantity('fullness')).map(({ id }) => id)).not.toContain('fullness');
  });

  it('a girth is the body’s, or twice a garment laid flat, and the tree says which', () => {
    const child = (body: Record<string, number>) => draftFor({ construction: 'child-tube-skirt', body }).sheet.girth('waist');
    expect(child({ 'waist-girth': 520 })).toMatchObject({ value: 520, label: 'Waist' });
    expect(child({ flatWaist: 255 }).value).toBe(510);
    expect(child({ flatWaist: 255 }).label).toContain('laid flat');
  });
});

describe('what is measured off a drawing stays in the tree', () => {
  it('a seam’s length moves with what its pieces were drawn from', () => {
    const one = draftFor({ construction: 'gored-skirt', body: { ...MEASURED } }).sheet;
    const side = one.side(one.piece('gore-front'), 'side-right');
    expect(leavesOf(side).map(({ id }) => id)).toEqual(expect.arrayContaining(['waist-girth', 'hip-girth', 'length', 'goreHem']));
  });
});
