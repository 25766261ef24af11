import { describe, expect, it } from 'vitest';
import { BadInput } from '../errors/bad-input.ts';
import { Unmakeable } from '../errors/unmakeable.ts';
import { CONSTRUCTIONS, constructionById } from '../garments/index.ts';
import { proposalsFor } from '../garments/proposals.ts';
import { USUAL_STRETCH } from '../cloth/elastic.ts';
import { INCH } from '../units/units.ts';
import { MEASURED } from '../testing/every-skirt.ts';
import { planFor } from './plan.ts';
import { settleChoices, settleCloth, settleElastic, validateBody } from './validate.ts';

const circle = constructionById('circle-skirt')!;
const tube = constructionById('knit-tube-skirt')!;
const fieldOf = (work: () => unknown): string => {
  try {
    work();
  } catch (error) {
    if (error instanceof BadInput || error instanceof Unmakeable) return error.field;
    throw error;
  }
  throw new Error('was taken after all');
};

describe('what is left out', () => {
  it('takes the contract’s figures: 150 cm of medium woven that frays and is washed', () => {
    expect(settleCloth(circle, {})).toMatchObject({
      width: 1500,
      selvedge: 10,
      kind: 'woven',
      weight: 'medium',
      frays: true,
      prewashed: true,
      oneWay: false,
      sheer: false,
      print: 'none',
    });
    expect(settleElastic({})).toEqual({ width: 20, kind: 'woven-non-roll', greatestStretch: 1.5 });
  });

  it('is a knit that stretches half as far again for what only works in one', () => {
    expect(settleCloth(tube, {})).toMatchObject({ kind: 'knit', stretchAcross: 0.5, stretchAlong: 0.2, frays: false });
    // what is named wins over the default, and what is not named stays
    expect(settleCloth(tube, { kind: 'woven' })).toMatchObject({ kind: 'woven', stretchAcross: 0.5 });
  });

  it('seams 15 mm on woven cloth and 10 on knit, whatever the units', () => {
    expect(settleChoices(circle, {}, 'woven').get('seam')).toBe(15);
    expect(settleChoices(circle, {}, 'knit').get('seam')).toBe(10);
    expect(settleChoices(circle, { seam: 12 }, 'knit').get('seam')).toBe(12);
  });

  it('stretches an elastic as its kind does, unless it was tested', () => {
    for (const [kind, stretch] of Object.entries(USUAL_STRETCH)) expect(settleElastic({ kind: kind as never }).greatestStretch).toBe(stretch);
    expect(settleElastic({ kind: 'braided', greatestStretch: 1.6 }).greatestStretch).toBe(1.6);
  });
});

describe('what a new make starts with', () => {
  it('is half an inch of seam for those who work in inches, and the band on the same cloth', () => {
    for (const construction of CONSTRUCTIONS) {
      const inches = proposalsFor(construction, { units: 'in' });
      expect(inches['seam'], construction.id).toBeCloseTo(INCH / 2, 9);
      expect(proposalsFor(construction, { units: 'cm' })).not.toHaveProperty('seam');
      const band = construction.choices.find(({ id }) => id === 'bandCloth');
      expect(band?.default ?? 'main', construction.id).toBe('main');
      expect(() => settleChoices(construction, inches, 'woven')).not.toThrow();
    }
  });
});

describe('for those who think in inches', () => {
  it('every length a new make starts with is one they find on their tape: whole inches where it is long, never finer than an eighth', () => {
    for (const construction of CONSTRUCTIONS) {
      const proposals = proposalsFor(construction, { units: 'in' });
      for (const choice of construction.choices) {
        const usual = choice.default;
        if (choice.kind !== 'length' || typeof usual !== 'number' || usual === 0) continue;
        const proposed = proposals[choice.id];
        if (typeof proposed !== 'number') continue;
        const eighths = proposed / (INCH / 8);
        expect(eighths, `${construction.id} ${choice.id}`).toBeCloseTo(Math.round(eighths), 6);
        if (proposed >= 240) expect(proposed / INCH, `${construction.id} ${choice.id}`).toBeCloseTo(Math.round(proposed / INCH), 6);
      }
    }
    expect(Number(proposalsFor(circle, { units: 'in' })['length'])).toBeCloseTo(24 * INCH, 6);
    // what the hem field shows is what is computed with: half an inch
    expect(Number(proposalsFor(circle, { units: 'in' })['hem'])).toBeCloseTo(INCH / 2, 6);
  });

  it('zips are bought in whole inches, thread by the yard', () => {
    const { shopping } = planFor({ construction: 'circle-skirt', body: MEASURED, units: 'in' });
    expect(shopping.find(({ id }) => id === 'zip')!.amount).toMatch(/^\d+ in$/);
    expect(shopping.find(({ id }) => id === 'thread')!.amount).toMatch(/ yd$/);
  });
});

describe('what is wrong is named by its field', () => {
  it.each<[string, () => unknown]>([
    ['body', () => validateBody(circle, null as never)],
    ['body.waist-girth', () => validateBody(circle, { 'hip-girth': 900 })],
    ['body.waist-girth', () => validateBody(circle, { 'waist-girth': 0, 'hip-girth': 900 })],
    ['body.waist-girth', () => validateBody(circle, { 'waist-girth': 5001, 'hip-girth': 900 })],
    ['body.hip-girth', () => validateBody(circle, { 'waist-girth': 700, 'hip-girth': Number.NaN })],
    ['body.hips', () => validateBody(circle, { 'waist-girth': 700, 'hip-girth': 900, hips: 900 })],
    ['choices', () => settleChoices(circle, [] as never, 'woven')],
    ['choices.lenght', () => settleChoices(circle, { lenght: 600 }, 'woven')],
    ['choices.length', () => settleChoices(circle, { length: Number.POSITIVE_INFINITY }, 'woven')],
    ['choices.length', () => settleChoices(circle, { length: 5 }, 'woven')],
    ['choices.closure', () => settleChoices(circle, { closure: 1 }, 'woven')],
    ['choices.lining', () => settleChoices(circle, { lining: 'yes' }, 'woven')],
    ['cloth.width', () => settleCloth(circle, { width: 10 })],
    ['cloth.selvedge', () => settleCloth(circle, { width: 300, selvedge: 150 })],
    ['cloth.kind', () => settleCloth(circle, { kind: 'paper' as never })],
    ['cloth.oneWay', () => settleCloth(circle, { oneWay: 1 as never })],
    ['cloth.colour', () => settleCloth(circle, { colour: 'red' } as never)],
    ['elastic.greatestStretch', () => settleElastic({ greatestStretch: 1 })],
    ['elastic.kind', () => settleElastic({ kind: 'rubber' as never })],
  ])('%s', (field, work) => expect(fieldOf(work)).toBe(field));

  it('a value of the right kind that is too much or too little is no bad request but can’t be made, and says what can', () => {
    const nearest = (value: number) => {
      try {
        settleChoices(circle, { length: value }, 'woven');
      } catch (error) {
        return error instanceof Unmakeable ? error.nearest : undefined;
      }
      return undefined;
    };
    expect(nearest(10)).toBe(20);
    expect(nearest(2000)).toBe(1500);
    expect(nearest(600)).toBeUndefined();
  });

  it('one of two measures is enough where either will do', () => {
    const child = constructionById('child-tube-skirt')!;
    expect(() => validateBody(child, { flatWaist: 260 })).not.toThrow();
    expect(() => validateBody(child, { 'waist-girth': 520 })).not.toThrow();
    expect(fieldOf(() => validateBody(child, { 'hip-girth': 600 }))).toBe('body.waist-girth');
  });
});

describe('schools side by side', () => {
  const body = MEASURED;
  const noLay = () => ({ length: 1, utilisation: 0, placements: [] });

  it.each(CONSTRUCTIONS.map((each) => [each.id, each] as const))(
    '%s compares figures that its plans have, and that tell the schools apart',
    (_, construction) => {
      for (const { id, compare, options = [], when } of construction.choices) {
        if (!compare) continue;
        const values = (compare.at ?? options).filter((value) => value !== 'try-on');
        expect(values.length, id).toBeGreaterThan(1);
        const base = when ? { [when.choice]: when.is[0]! } : {};
        const figures = values.map((value) => {
          const plan = planFor({ construction: construction.id, body, choices: { ...base, [id]: value } }, noLay);
          return compare.quantities.map((name) => plan.quantities.find((each) => each.id === name)?.value);
        });
        for (const [i, name] of compare.quantities.entries())
          expect(figures.some((row) => row[i] !== undefined) || name.startsWith('elastic-sewn'), `${id}: ${name}`).toBe(true);
        expect(new Set(figures.map((row) => row.join())).size, id).toBeGreaterThan(1);
      }
    },
  );
});

describe('the catalogue', () => {
  it.each(CONSTRUCTIONS.map((each) => [each.id, each] as const))('%s offers only defaults it would take, and says why of each', (_, construction) => {
    for (const { id, default: byDefault, min = 0, max = Infinity, options, when, compare, saves } of construction.choices) {
      if (typeof byDefault === 'number') {
        expect(byDefault, id).toBeGreaterThanOrEqual(min);
        expect(byDefault, id).toBeLessThanOrEqual(max);
      }
      if (options) expect(options, id).toContain(byDefault);
      if (when)
        expect(
          construction.choices.map((each) => each.id),
          id,
        ).toContain(when.choice);
      for (const at of compare?.at ?? []) expect(at >= min && at <= max, `${id} at ${at}`).toBe(true);
      if (Array.isArray(saves)) for (const { to } of saves) expect(() => settleChoices(construction, { [id]: to }, 'woven'), id).not.toThrow();
    }
    expect(construction.docket.length).toBeGreaterThanOrEqual(4);
  });
});
