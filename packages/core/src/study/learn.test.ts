import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { planFor } from '../plan/plan.ts';
import { learnedFor, traitsSeen, type Experience, type Outcome, type SwatchSeen } from './learn.ts';
import { requestOfMake } from './request-of.ts';

const swatch = (more: Partial<SwatchSeen>): SwatchSeen => ({
  kind: 'shirring',
  clothId: 'poplin',
  elasticId: null,
  way: 'across',
  before: 300,
  after: 150,
  steamed: null,
  takenOn: '2027-02-01',
  ...more,
});
const nothing: Experience = { swatches: [], outcomes: [], declined: [] };
const make = { id: 'second', construction: 'shirred-dress', choices: {} };
const sources = { body: { 'bust-girth': 920, 'hip-girth': 960 }, cloth: { id: 'poplin', width: 1500 } };
const first = planFor(requestOfMake({ ...make, id: 'first' }, sources));
const planned = Object.fromEntries(first.quantities.map(({ id, value }) => [id!, value]));
const outcome = (actuals: Record<string, number>, more: Partial<Outcome> = {}): Outcome => ({
  makeId: 'first',
  makeName: 'First dress',
  clothId: 'poplin',
  finishedOn: '2027-03-01',
  planned,
  actuals,
  choices: {},
  ...more,
});
const learnt = (experience: Partial<Experience>, id: string) =>
  learnedFor({ ...nothing, ...experience }, { clothId: 'poplin' }).find((each) => each.id === id);

describe('what was made and tried teaches the next plan', () => {
  it('take-up is flat / shirred of the strip; steam what it drew in after (handbook 8)', () => {
    const strips = [swatch({ before: 300, after: 150, steamed: 141 })];
    expect(learnt({ swatches: strips }, 'takeUp')).toMatchObject({ value: 2, says: 'your figure, from 1 swatch of this cloth' });
    expect(learnt({ swatches: strips }, 'steam')!.value).toBeCloseTo(0.06, 9);
  });

  it('a make that came out otherwise: the next of its kind comes out as that one did', () => {
    const actual = planned['shirr-relaxed']! * 1.1;
    const experience = { ...nothing, outcomes: [outcome({ 'shirr-relaxed': actual, 'sewing-minutes': planned['sewing-minutes']! * 1.5 })] };
    const second = requestOfMake(make, { ...sources, experience });
    const plan = planFor(second);
    const numberOf = (id: string) => plan.quantities.find((each) => each.id === id)!.value;
    expect(numberOf('shirr-relaxed') / actual).toBeCloseTo(1, 2);
    expect(numberOf('sewing-minutes')).toBeCloseTo(planned['sewing-minutes']! * 1.5, 0);
    const says = JSON.stringify(plan.quantities.find(({ id }) => id === 'shirr-relaxed'));
    expect(says).toContain('your figure, from 1 make of this cloth');
  });

  it('teaches others, not itself; what was chosen by hand and what was declined stay', () => {
    const outcomes = [outcome({ 'shirr-relaxed': 700 })];
    const experience = { ...nothing, outcomes };
    expect(requestOfMake({ ...make, id: 'first' }, { ...sources, experience }).choices).toEqual({});
    expect(requestOfMake({ ...make, choices: { takeUp: 1.7 } }, { ...sources, experience }).choices).toEqual({ takeUp: 1.7 });
    expect(requestOfMake(make, { ...sources, experience: { ...experience, declined: ['takeUp'] } }).choices).toEqual({});
  });

  it('a cloth’s own strips go before those of other cloths; what can’t be is left out', () => {
    const swatches = [swatch({}), swatch({ clothId: 'voile', after: 120 }), swatch({ after: 20 })];
    expect(learnt({ swatches }, 'takeUp')).toMatchObject({ value: 2, low: 2, high: 2 });
    expect(learnedFor({ ...nothing, swatches }, { clothId: 'linen' })[0]).toMatchObject({ low: 2, high: 2.5, says: 'your figure, from 2 swatches' });
  });

  it('bobbins: so many metres one sewed at least, rows x flat / bobbins', () => {
    const bobbins = learnt({ outcomes: [outcome({ bobbins: 5 })] }, 'bobbinMetres')!;
    expect(bobbins.value).toBeCloseTo((planned['shirr-rows']! * planned['shirr-flat']!) / 5000, 9);
  });

  it('says how far it spreads: the figure lies between the lowest and the highest, whatever the order', () => {
    const ratios = fc.array(fc.double({ min: 1.3, max: 2.9, noNaN: true }), { minLength: 1, maxLength: 9 });
    fc.assert(
      fc.property(ratios, (seen) => {
        const found = learnt({ swatches: seen.map((ratio) => swatch({ after: 300 / ratio })) }, 'takeUp')!;
        expect(found.low).toBeCloseTo(Math.min(...seen), 9);
        expect(found.high).toBeCloseTo(Math.max(...seen), 9);
        expect(found.value).toBeGreaterThanOrEqual(found.low - 1e-9);
        expect(found.value).toBeLessThanOrEqual(found.high + 1e-9);
        expect(found.observations).toHaveLength(seen.length);
      }),
    );
  });

  it('traits: stretch (x - 10)/10 of a fold of 10 cm, shrinkage 1 - after/before; of two the careful one (handbook 2)', () => {
    const seen = traitsSeen([
      swatch({ kind: 'stretch', before: 100, after: 150 }),
      swatch({ kind: 'stretch', before: 100, after: 140 }),
      swatch({ kind: 'shrinkage', way: 'along', before: 500, after: 480 }),
      swatch({ kind: 'shrinkage', way: 'along', before: 500, after: 475 }),
      swatch({ kind: 'elastic', before: 100, after: 180 }),
    ]);
    const of = (trait: string) => seen.find((each) => each.trait === trait)!;
    expect(of('stretchAcross').value).toBeCloseTo(0.4, 9);
    expect(of('shrinkAlong').value).toBeCloseTo(0.05, 9);
    expect(of('greatestStretch').value).toBeCloseTo(1.8, 9);
    expect(of('stretchAcross')).toMatchObject({ count: 2 });
  });
});
