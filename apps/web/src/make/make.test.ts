import { describe, expect, it, vi } from 'vitest';
import type { MakeView } from '@arcus/contract';
import { planFor } from '@arcus/core';
import { docketText } from '../docket/docket.tsx';
import { nextAction } from '../makes/next-action.ts';
import { sayDistance } from '../common/dates.ts';
import { isTyping } from '../shell/shortcuts.ts';
import { isStation, neighbour, passed, STATION_ORDER } from './stations.ts';

const make: MakeView = {
  id: 'm1',
  name: 'Slip',
  construction: 'circle-skirt',
  personId: 'p1',
  clothId: null,
  elasticId: null,
  otherCloths: {},
  choices: { length: 600 },
  dueOn: null,
  lay: null,
  station: 'shape',
  done: ['station:measure'],
  chalked: {},
  tally: {},
  basis: null,
  version: 3,
  archived: false,
  finishedOn: null,
  summary: { figures: {}, verdict: 'ok', says: '' },
  updatedAt: '2027-02-01T10:00:00.000Z',
};

describe('the stitched line', () => {
  it('runs Measure, Shape, Cloth, Chalk, Sew, Wear, one neighbour each way', () => {
    expect(STATION_ORDER.map(({ label }) => label).join(' ')).toBe('Measure Shape Cloth Chalk Sew Wear');
    expect(neighbour('measure', -1)).toBeUndefined();
    expect(neighbour('wear', 1)).toBeUndefined();
    for (const { id } of STATION_ORDER.slice(0, -1)) expect(neighbour(neighbour(id, 1)!, -1)).toBe(id);
    expect(isStation('sew')).toBe(true);
    expect(isStation('iron')).toBe(false);
    expect(passed(make, 'measure')).toBe(true);
    expect(passed(make, 'shape')).toBe(false);
  });
});

describe('what to do next', () => {
  const next = (change: Partial<MakeView>) => nextAction({ ...make, ...change });
  it('is the station one has come to, unless something is wrong or it is done', () => {
    expect(next({}).says).toBe('Decide the shape');
    expect(next({ station: 'sew' }).says, 'a station looked at is no work done').toBe('Decide the shape');
    expect(next({ done: ['station:chalk'] }).says).toBe('Go on sewing');
    expect(next({ done: ['sew:hem'] }).says).toBe('Go on sewing');
    expect(next({ finishedOn: '2027-03-01' })).toMatchObject({ says: 'Finished', urgent: false });
  });
  it('leads where the trouble is, and says it', () => {
    expect(next({ summary: { figures: {}, verdict: 'unmakeable', says: 'body.hip-girth: is needed' } })).toMatchObject({
      station: 'measure',
      urgent: true,
    });
    expect(next({ summary: { figures: {}, verdict: 'unmakeable', says: 'choices.fraction: no hole is left' } }).station).toBe('shape');
    expect(next({ summary: { figures: {}, verdict: 'stop', says: 'There is too little cloth.' } })).toMatchObject({
      says: 'There is too little cloth.',
      urgent: true,
    });
  });
});

describe('the docket', () => {
  const plan = planFor({ construction: 'circle-skirt', body: { 'waist-girth': 700, 'hip-girth': 960 }, choices: { bandCloth: 'contrast' } });
  const text = (id: string, units: 'cm' | 'in') =>
    docketText(
      plan.quantities.find((each) => each.id === id)!,
      units,
    );
  it('speaks of cloth as shops do, of radii as the tape does, and of time in hours', () => {
    // geometry: r = 70 / 2 pi = 11.14 cm, cut 9.64; hem 2 pi x 71.14 = 4.4699 m; two halves are 1.5 m of cloth
    expect(text('waist-radius-cut', 'cm')).toBe('9.6 cm');
    expect(text('waist-radius-cut', 'in')).toBe('3 3/4 in');
    expect(text('hem-sweep', 'cm')).toBe('4.47 m');
    expect(text('cloth-to-buy', 'cm')).toBe('1.50 m');
    expect(text('cloth-to-buy', 'in')).toMatch(/ yd$/);
    expect(text('sewing-minutes', 'cm')).toMatch(/^\d h \d+ min$/);
  });
});

it('dates are said as one says them', () => {
  const inDays = (days: number) => new Date(Date.now() + days * 86_400_000).toISOString().slice(0, 10);
  expect(sayDistance(inDays(0))).toBe('today');
  expect(sayDistance(inDays(1))).toBe('tomorrow');
  expect(sayDistance(inDays(12))).toBe('in 12 days');
  expect(sayDistance(inDays(-1))).toBe('1 day ago');
  expect(sayDistance(inDays(70))).toBe('in 10 weeks');
});

it('keys belong to the field one types into, not to the app', () => {
  vi.stubGlobal('HTMLElement', class {});
  expect(isTyping(null)).toBe(false);
  const field = Object.assign(new (globalThis as unknown as { HTMLElement: new () => object }).HTMLElement(), {
    tagName: 'INPUT',
    isContentEditable: false,
  });
  expect(isTyping(field as unknown as EventTarget)).toBe(true);
  expect(isTyping(Object.assign(field, { tagName: 'BUTTON' }) as unknown as EventTarget)).toBe(false);
  vi.unstubAllGlobals();
});
