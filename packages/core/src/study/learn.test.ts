import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { planFor } from '../plan/plan.ts';
import type { Experience, Outcome, SwatchSeen } from './experience.ts';
import { learnedFor } from './learn.ts';
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

  it('a strip says how far this cloth gathers, and only this one (handbook 5: test a strip)', () => {
    const swatches = [swatch({ kind: 'gather', before: 300, after: 150 }), swatch({ kind: 'gather', clothId: 'voile', before: 300, after: 80 })];
    expect(learnt({ swatches }, 'gather-reach')).toMatchObject({ value: 2, low: 2, high: 2, says: 'your figure, from 1 swatch of this cloth' });
    expect(learnedFor({ ...nothing, swatches }, { clothId: 'linen' })).toEqual([]);
  });

  it('a crinkled strip, and a crinkled hem, say how narrow the next one hangs: flat / crinkled', () => {
    const tiered = { id: 'third', construction: 'tiered-skirt', choices: { crinkled: true } };
    const of = { body: { 'waist-girth': 700, 'hip-girth': 960 }, cloth: { id: 'poplin', width: 1500 } };
    const sweepOf = (experience: Experience) => {
      const plan = planFor(requestOfMake(tiered, { ...of, experience }));
      const value = (id: string) => plan.quantities.find((each) => each.id === id)!.value;
      return { flat: value('hem-sweep'), hangs: value('crinkled-sweep'), says: plan.steps.find(({ id }) => id === 'crinkle')!.how, plan };
    };
    const usual = sweepOf(nothing);
    const strip = sweepOf({ ...nothing, swatches: [swatch({ kind: 'crinkle', before: 300, after: 120 })] });
    expect(strip.hangs).toBeCloseTo((strip.flat * 120) / 300, 6);
    expect(strip.hangs).toBeLessThan(usual.hangs);
    expect(JSON.stringify(strip.plan.quantities.find(({ id }) => id === 'crinkled-sweep'))).toContain('your figure, from 1 swatch of this cloth');
    const made = outcome({ 'crinkled-sweep': 2000 }, { planned: { 'hem-sweep': usual.flat } });
    expect(sweepOf({ ...nothing, outcomes: [made] }).hangs).toBeCloseTo(2000, 0);
  });
});

describe('time is learnt kind by kind where a clock ran', () => {
  const minutes = (experience: Experience, of = make) => {
    const plan = planFor(requestOfMake(of, { ...sources, experience }));
    const setUp = (id: string) => plan.steps.find((step) => step.id === id)!.setUp;
    return { chalk: setUp('chalk'), cut: setUp('cut'), all: plan.quantities.find(({ id }) => id === 'sewing-minutes')!, plan };
  };
  const usual = minutes(nothing);
  const timed = (times: NonNullable<Outcome['times']>, all: number) => ({ ...nothing, outcomes: [outcome({ 'sewing-minutes': all }, { times })] });

  it('what took twice as long takes twice as long again; the rest is reckoned by what is left of the whole', () => {
    const whole = usual.all.value;
    const works = [{ work: 'chalk', usual: usual.chalk, real: 2 * usual.chalk }];
    // the rest went as reckoned
    const next = minutes(timed({ usual: whole, works }, whole + usual.chalk));
    expect(next.chalk).toBeCloseTo(2 * usual.chalk, 6);
    expect(next.cut).toBeCloseTo(usual.cut, 6);
    expect(next.all.value).toBeCloseTo(whole + usual.chalk, 6);
    // the rest took half as long again
    const slower = minutes(timed({ usual: whole, works }, 2 * usual.chalk + 1.5 * (whole - usual.chalk)));
    expect(slower.chalk).toBeCloseTo(2 * usual.chalk, 6);
    expect(slower.cut).toBeCloseTo(1.5 * usual.cut, 6);
    expect(JSON.stringify(next.all)).toContain('Chalking a piece, taking it slowly (your figure, from 1 make)');
  });

  it('learnt twice it stays what it was: a make that goes as the last one did teaches the same', () => {
    const whole = usual.all.value;
    const same = () => outcome({ 'sewing-minutes': 1.5 * whole }, { times: { usual: whole, works: [] } });
    const once = minutes({ ...nothing, outcomes: [same()] });
    const thrice = minutes({ ...nothing, outcomes: [same(), { ...same(), makeId: 'b' }, { ...same(), makeId: 'c' }] });
    expect(once.all.value).toBeCloseTo(1.5 * whole, 6);
    expect(thrice.all.value).toBeCloseTo(1.5 * whole, 6);
  });

  it('clocks that say more than the whole are not taken off it', () => {
    const whole = usual.all.value;
    const next = minutes(timed({ usual: whole, works: [{ work: 'chalk', usual: usual.chalk, real: 3 * whole }] }, whole));
    expect(next.cut).toBeCloseTo(usual.cut, 6);
  });

  it('the default can be had back for one kind of work alone', () => {
    const works = [{ work: 'cut', usual: usual.cut, real: 3 * usual.cut }];
    const next = minutes({ ...timed({ usual: usual.all.value, works }, usual.all.value + 2 * usual.cut), declined: ['time-cut'] });
    expect(next.cut).toBeCloseTo(usual.cut, 6);
  });
});
