import { describe, expect, it } from 'vitest';
import { BadInput } from '../errors/bad-input.ts';
import { draftFor, planFor } from '../plan/plan.ts';
import type { PlanRequest } from '../plan/request.ts';
import { MEASURED } from '../testing/every-skirt.ts';

const lined = (cloths: PlanRequest['cloths'] = {}, rest: Partial<PlanRequest> = {}): PlanRequest => ({
  construction: 'gathered-skirt',
  body: MEASURED,
  choices: { lining: true, fullness: 3 },
  cloth: { width: 1500, print: 'up', oneWay: true },
  cloths,
  ...rest,
});
const lining = (request: PlanRequest) => draftFor(request).sheet.piece('lining');

describe('cloths by what they are for', () => {
  it('a role that is not named is cut from cloth as wide as the main one, without its print and nap (contract)', () => {
    expect(lining(lined()).turns).toEqual([0, 180]);
    expect(draftFor(lined()).sheet.piece('panel').turns).toEqual([0]);
    expect(planFor(lined()).otherLays.lining!.usableWidth).toBe(1480);
  });

  it('a role that is named has its own width, print and shrinkage', () => {
    const plan = planFor(lined({ lining: { width: 900, selvedge: 15, oneWay: true, prewashed: false, shrinkAlong: 0.1 } }));
    expect(plan.otherLays.lining!.usableWidth).toBe(870);
    // hip and 5 cm, 103 cm, in widths of 87 cm less two seams
    expect(plan.pieces.find(({ id }) => id === 'lining')!.copies).toBe(2);
    expect(plan.pieces.find(({ id }) => id === 'lining')!.turns).toEqual([0]);
    const { length, buy } = plan.otherLays.lining!;
    expect(buy).toBe(Math.ceil(length / 0.9 / 100 - 1e-9) * 100);
    expect(plan.lay.usableWidth).toBe(1480);
  });

  it('interfacing is bought by its own width: half the band high, in as many strips as it takes', () => {
    const of = (width: number) =>
      draftFor({
        construction: 'gathered-skirt',
        body: MEASURED,
        choices: { waist: 'fitted-band' },
        cloths: { interfacing: { width } },
      }).sheet.quantity('interfacing-length').value;
    // band cut 72 + 2.5 + 3 = 77.5 cm by 9 cm
    expect(of(900)).toBeCloseTo(45, 6);
    expect(of(450)).toBeCloseTo(90, 6);
  });

  it('an underlay is a knit that stretches as much as the main one', () => {
    const { sheet } = draftFor({ construction: 'knit-tube-skirt', body: MEASURED, choices: { underlay: true } });
    expect(sheet.cloths.of(sheet.piece('underlay').cloth)).toMatchObject({ kind: 'knit', stretchAcross: 0.5 });
  });

  it.each([
    ['cloths.sleeve', { sleeve: { width: 900 } }],
    ['cloths.lining.width', { lining: { width: 'wide' } }],
    ['cloths.lining.sheen', { lining: { sheen: 1 } }],
    ['cloths.contrast.selvedge', { contrast: { width: 60, selvedge: 40 } }],
    ['cloths.__proto__', JSON.parse('{"__proto__":{"width":900}}') as object],
  ])('refuses %s by name', (field, cloths) => {
    expect(() => draftFor(lined(cloths as PlanRequest['cloths']))).toThrow(BadInput);
    expect(() => draftFor(lined(cloths as PlanRequest['cloths']))).toThrow(new RegExp(`^${field.replaceAll('.', '\\.')}: `));
  });
});

describe('figures of the trade', () => {
  it('are replaced by the maker’s own, and say which they are', () => {
    const minutes = (figures?: Record<string, number>) =>
      planFor(lined({}, figures ? { figures } : {})).quantities.find(({ id }) => id === 'sewing-minutes')!.value;
    expect(minutes({ 'pace-beginner': 250 })).toBeGreaterThan(minutes());
    expect(draftFor(lined()).sheet.figure('pace-beginner').label).toContain('common practice');
    expect(draftFor(lined({}, { figures: { 'pace-beginner': 250 } })).sheet.figure('pace-beginner').label).toContain('your figure');
  });

  it('and a lining stops where the maker’s figure says', () => {
    const long = (figures: Record<string, number>) => draftFor(lined({}, { figures })).sheet.quantity('lining-length').value;
    expect(long({ 'lining-shorter': 80 })).toBe(520);
  });

  it.each([
    ['figures.mood', { mood: 3 }],
    ['figures.pace-beginner', { 'pace-beginner': 0 }],
    ['figures.pace-beginner', { 'pace-beginner': '250' }],
    ['figures.constructor', { constructor: 3 }],
  ])('refuses %s by name', (field, figures) => {
    expect(() => draftFor(lined({}, { figures: figures as Record<string, number> }))).toThrow(new RegExp(`^${field}: `));
  });

  it('refuses a wearer we do not know', () => {
    expect(() => draftFor(lined({}, { wearer: 'giant' as never }))).toThrow(/^wearer: must be one of adult, child, infant/);
  });
});
