import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { planFor } from '../plan/plan.ts';
import { asTried, declinedTrait, traitsSeen } from './as-tried.ts';
import type { Experience, SwatchSeen } from './experience.ts';
import { requestOfMake } from './request-of.ts';

const swatch = (more: Partial<SwatchSeen>): SwatchSeen => ({
  kind: 'stretch',
  clothId: 'jersey',
  elasticId: null,
  way: 'across',
  before: 100,
  after: 150,
  steamed: null,
  takenOn: '2027-02-01',
  ...more,
});
const tried = (...swatches: SwatchSeen[]): Experience => ({ swatches, outcomes: [], declined: [] });
const jersey = { id: 'jersey', width: 1500, kind: 'knit' as const, stretchAcross: 0.6, stretchAlong: 0.2, shrinkAlong: 0.03, prewashed: false };
const make = { id: 'm', construction: 'knit-tube-skirt', choices: {} };
const body = { 'waist-girth': 700, 'hip-girth': 960, 'waist-to-hip': 200 };

describe('what strips say of a cloth or an elastic', () => {
  it('stretch (x - 10)/10 of a fold of 10 cm, shrinkage 1 - after/before; of two the careful one (handbook 2)', () => {
    const seen = traitsSeen(
      tried(
        swatch({}),
        swatch({ after: 140 }),
        swatch({ kind: 'shrinkage', way: 'along', before: 500, after: 480 }),
        swatch({ kind: 'shrinkage', way: 'along', before: 500, after: 475 }),
        swatch({ kind: 'elastic', clothId: null, elasticId: 'jersey', before: 100, after: 180 }),
      ),
      'jersey',
    );
    const of = (trait: string) => seen.find((each) => each.trait === trait)!;
    expect(of('stretchAcross')).toMatchObject({ value: 0.4, count: 2 });
    expect(of('shrinkAlong').value).toBeCloseTo(0.05, 9);
    expect(of('greatestStretch').value).toBeCloseTo(1.8, 9);
  });

  it('is reckoned with in place of the record, once or twice alike, and only of that cloth', () => {
    const experience = tried(swatch({ after: 127 }), swatch({ clothId: 'other', after: 190 }));
    const once = asTried(jersey, experience);
    expect(once).toEqual({ ...jersey, stretchAcross: 0.27 });
    expect(asTried(once, experience)).toEqual(once);
    expect(asTried({ ...jersey, id: 'third' }, experience).stretchAcross).toBe(0.6);
    expect(asTried(jersey, { ...experience, declined: [declinedTrait('stretchAcross', 'jersey')] })).toEqual(jersey);
  });

  it('what no cloth does was measured wrongly and is left out: no plan fails by a strip', () => {
    const any = fc.record({
      kind: fc.constantFrom('stretch', 'shrinkage', 'elastic', 'gather', 'crinkle', 'shirring'),
      way: fc.constantFrom('along', 'across'),
      before: fc.integer({ min: 5, max: 5000 }),
      after: fc.integer({ min: 5, max: 10_000 }),
    });
    fc.assert(
      fc.property(fc.array(any, { maxLength: 5 }), (strips) => {
        const swatches = strips.map((strip) => swatch({ ...strip, elasticId: 'band' } as Partial<SwatchSeen>));
        const elastic = { id: 'band', width: 20, kind: 'knitted' as const, greatestStretch: 1.8 };
        const of = { ...make, construction: 'circle-skirt', choices: { closure: 'stretch' } };
        const request = requestOfMake(of, { body, cloth: jersey, elastic, experience: tried(...swatches) });
        expect(request.cloth!.shrinkAlong).toBeLessThanOrEqual(0.5);
        expect(request.cloth!.stretchAcross).toBeLessThanOrEqual(4);
        expect(request.elastic!.greatestStretch).toBeLessThanOrEqual(6);
        expect(() => planFor(request)).not.toThrow();
      }),
      { numRuns: 25 },
    );
  });

  it('decides a check, and is said there and in the number’s own working', () => {
    const plan = (experience?: Experience) => planFor(requestOfMake(make, { body, cloth: jersey, ...(experience ? { experience } : {}) }));
    const stretch = (of: ReturnType<typeof plan>) => of.checks.find(({ id }) => id === 'knit-stretch-hip')!;
    const stiff = plan(tried(swatch({ after: 101 })));
    expect(stretch(stiff).numbers['has']).toBeCloseTo(0.01, 9);
    expect(stretch(stiff).says).toContain('1 % (your figure, from 1 swatch of it)');
    expect(stretch(plan()).says).not.toContain('your figure');
    const washed = plan(tried(swatch({ kind: 'shrinkage', way: 'along', before: 500, after: 450 })));
    const bought = washed.quantities.find(({ id }) => id === 'cloth-to-buy')!;
    expect(JSON.stringify(bought)).toContain('Shrinkage along (your figure, from 1 swatch of it)');
    expect(bought.value).toBeGreaterThan(plan().quantities.find(({ id }) => id === 'cloth-to-buy')!.value);
  });
});
