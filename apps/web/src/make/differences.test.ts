import { describe, expect, it } from 'vitest';
import type { ClothView, ElasticView, MakeView } from '@arcus/contract';
import { constructionById, planFor } from '@arcus/core';
import { changedUnder, conflictsIn, figuresOfTick, staleTicks, stepSaid } from './differences.ts';
import type { MakeDraft } from './draft.ts';

const construction = constructionById('circle-skirt')!;
const body = { 'waist-girth': 700, 'hip-girth': 960 };
const plan = (waist: number, choices = {}) => planFor({ construction: 'circle-skirt', body: { ...body, 'waist-girth': waist }, choices });

describe('marks that were chalked', () => {
  const first = plan(700);
  const sheet = first.chalk.find(({ piece }) => piece === 'skirt')!;
  const ticks = sheet.marks.filter(({ quantities }) => quantities.length > 0).map(({ id }) => `chalk:skirt:${id}`);
  const done = { done: [...ticks, 'sew:hem'], chalked: Object.fromEntries(ticks.map((tick) => [tick, figuresOfTick(first, tick)!.figures])) };

  it('hold while their figures are what they were', () => {
    expect(ticks.length).toBeGreaterThan(1);
    expect(staleTicks(first, done)).toEqual([]);
    expect(staleTicks(plan(700.2), done)).toEqual([]);
  });
  it('no longer hold once a measure has moved them: the waist moves the hole and the hem', () => {
    const stale = staleTicks(plan(740), done);
    expect(stale.length).toBeGreaterThan(0);
    expect(stale.map(({ tick }) => tick)).not.toContain('sew:hem');
    expect(stale.map(({ says }) => says).join()).toContain('Chalked at 9.6 cm');
  });
  it('no longer hold where there is no such mark any more', () => {
    const gone = { done: ['chalk:skirt:cape'], chalked: { 'chalk:skirt:cape': [1] } };
    expect(staleTicks(first, gone)[0]!.says).toContain('no longer there');
  });
});

describe('what changed under a make', () => {
  const cloth = { width: 1500, kind: 'woven', shrinkAlong: 0.03, name: 'Rust linen' } as ClothView;
  const make = { basis: { body, cloth: { width: 1500, kind: 'woven', shrinkAlong: 0.03 }, elastic: null } } as unknown as MakeView;
  it('is said in the person’s units, by name', () => {
    expect(changedUnder(make, { body, cloth }, construction, 'cm')).toEqual([]);
    const rows = changedUnder(
      make,
      { body: { ...body, 'waist-girth': 720 }, cloth: { ...cloth, width: 1400, shrinkAlong: 0.05 } },
      construction,
      'cm',
    );
    expect(rows).toEqual([
      { what: 'Waist', was: '70.0 cm', is: '72.0 cm' },
      { what: 'Rust linen, width', was: '150.0 cm', is: '140.0 cm' },
      { what: 'Rust linen, shrinkage along', was: '3 %', is: '5 %' },
    ]);
    expect(changedUnder(make, { body: { ...body, 'hip-girth': 1016 }, cloth }, construction, 'in')[0]!.is).toBe('40 in');
  });
  it('is nothing where nothing was, whatever else is known of the elastic', () => {
    const elastic = { name: 'Soft', kind: 'knitted', width: 20, greatestStretch: 1.8, lengthOnHand: 4000 } as ElasticView;
    const looked = { basis: { ...make.basis, elastic: { kind: 'knitted', width: 20, greatestStretch: 1.8 } } } as unknown as MakeView;
    expect(changedUnder(looked, { body, cloth, elastic }, construction, 'cm')).toEqual([]);
    expect(changedUnder(looked, { body, cloth, elastic: { ...elastic, greatestStretch: 1.5 } }, construction, 'cm')).toHaveLength(1);
  });
  it('is nothing where only a measure moved that this garment has no use for', () => {
    expect(changedUnder(make, { body: { ...body, 'neck-girth': 400 }, cloth }, construction, 'cm')).toEqual([]);
  });
});

it('what both changed is named with both values', () => {
  const draft = { name: 'Mine', choices: { length: 610 } } as unknown as MakeDraft;
  const known = { construction, people: [], cloths: [], elastics: [], units: 'cm' as const };
  expect(conflictsIn({ name: 'Theirs', 'choices.length': 650 }, draft, known)).toEqual([
    { what: 'Name', was: 'Theirs', is: 'Mine' },
    { what: 'Length below the band', was: '65.0 cm', is: '61.0 cm' },
  ]);
});

describe('a step back or forward, in words', () => {
  const known = { construction, people: [], cloths: [{ id: 'rust', name: 'Rust linen' } as ClothView], elastics: [], units: 'cm' as const };
  const state = (more: Partial<MakeDraft> = {}) =>
    ({ name: 'Slip', choices: { length: 600 }, otherCloths: {}, done: [], clothId: null, ...more }) as unknown as MakeDraft;

  it('names the choice and what it is now', () => {
    expect(stepSaid(state({ choices: { length: 470 } }), state(), plan(700), known).join()).toMatch(/length.*60\.0 cm/i);
  });
  it('names the cloth, and the step that was ticked or unticked by its title', () => {
    expect(stepSaid(state(), state({ clothId: 'rust' }), plan(700), known).join()).toContain('Rust linen');
    expect(stepSaid(state({ done: ['sew:hem'] }), state(), plan(700), known)).toEqual(['unticked: Hem']);
    expect(stepSaid(state(), state({ done: ['sew:hem', 'station:sew'] }), plan(700), known)).toEqual(['ticked: Hem']);
  });
  it('says nothing where nothing differs', () => {
    expect(stepSaid(state(), state(), plan(700), known)).toEqual([]);
  });
});
