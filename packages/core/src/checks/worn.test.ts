import { describe, expect, it } from 'vitest';
import { draftFor } from '../plan/plan.ts';
import type { PlanRequest } from '../plan/request.ts';
import { MEASURED } from '../testing/every-skirt.ts';

const checkIn = (request: PlanRequest, id: string) => {
  const found = draftFor(request).sheet.checks.find((check) => check.id === id);
  if (!found) throw new Error(`no check ${id}`);
  return found;
};
const of = (construction: string, choices: PlanRequest['choices'] = {}, rest: Partial<PlanRequest> = {}): PlanRequest => ({
  construction,
  body: MEASURED,
  choices,
  ...rest,
});

describe('getting in is not enough: what is worn fits all the way down (handbook 13a)', () => {
  it('stops a sliver of a circle that the zip lets on and the hips burst', () => {
    // 0.15 of a circle from a waist of 72 cm: 72 + 2 pi x 0.15 x 20 = 90.8 cm at a hip of 98 (geometry)
    const check = checkIn(of('circle-skirt', { fraction: 0.15 }), 'fits-body');
    expect(check.verdict).toBe('stop');
    expect(check.numbers['garment']).toBeCloseTo(720 + 2 * Math.PI * 0.15 * 200, 6);
    expect(check.numbers['body']).toBe(980);
    expect(checkIn(of('circle-skirt', { fraction: 0.15 }), 'passes-over-hip').verdict).toBe('ok');
  });

  it('looks at the last edge where the skirt ends above the hip', () => {
    const short = checkIn(of('circle-skirt', { fraction: 0.15, length: 100 }), 'fits-body');
    // half way to the hip, the body measures half way between 72 and 98
    expect(short.numbers['body']).toBeCloseTo(850, 6);
    expect(short.numbers['garment']).toBeCloseTo(720 + 2 * Math.PI * 0.15 * 100, 6);
  });

  it('passes what has the room the trade asks for: gathered skirts the hip and 5 cm, zip or not', () => {
    for (const waist of ['self-casing', 'tube-band', 'exposed-elastic', 'fitted-band'])
      expect(checkIn(of('gathered-skirt', { waist, fullness: 1 }), 'fits-body'), waist).toMatchObject({ verdict: 'ok', numbers: { spare: 50 } });
  });

  it('a pinched knee narrower than both legs stops, whatever the hip has', () => {
    const request = of('gored-skirt', { profile: 'trumpet', kneePinch: 30, length: 800 });
    expect(checkIn(request, 'fits-body').verdict).toBe('stop');
    expect(checkIn(request, 'walking-room').verdict).toBe('caution');
  });

  it('a knit may be smaller than the body by what it stretches, with a third kept for comfort (handbook 9)', () => {
    const at = (stretchAcross: number) =>
      checkIn(of('knit-tube-skirt', { elasticSchool: 'body' }, { cloth: { kind: 'knit', stretchAcross } }), 'fits-body').verdict;
    // the tube is 72, the hip 98: 36 % are needed
    expect([at(0.3), at(0.4), at(0.6)]).toEqual(['stop', 'tight', 'ok']);
  });
});

describe('a zip sits in a seam that is there, and long enough (handbook 13a)', () => {
  it.each([
    [8, 'at centre back'],
    [6, 'at the left side'],
    [10, 'at the left side'],
    [12, 'at centre back'],
  ])('with %i gores %s', (gores, where) => {
    expect(checkIn(of('gored-skirt', { gores }), 'zip-place').says).toContain(where);
  });

  it('stops where the skirt is shorter than its zip, with a way out', () => {
    const check = checkIn(of('circle-skirt', { length: 180 }), 'zip-place');
    expect(check.verdict).toBe('stop');
    expect(check.waysOut!.length).toBeGreaterThan(0);
  });

  it('says where it crosses the gathers of a tier, and not where the first tier is high enough', () => {
    const tiers = (length: number) => checkIn(of('tiered-skirt', { waist: 'fitted-band', length, tiers: 4 }), 'zip-place');
    expect(tiers(600)).toMatchObject({ verdict: 'caution' });
    expect(tiers(600).says).toContain('gathered seam');
    expect(tiers(1200).verdict).toBe('ok');
  });
});

describe('elastic', () => {
  it('braided is not sewn through (handbook 7); in a casing it may be', () => {
    const braided = { elastic: { width: 20, kind: 'braided' as const } };
    expect(checkIn(of('gathered-skirt', { waist: 'exposed-elastic' }, braided), 'elastic-kind')).toMatchObject({
      verdict: 'caution',
      waysOut: [{ elastic: { kind: 'knitted' } }],
    });
    expect(checkIn(of('gathered-skirt', {}, braided), 'elastic-kind').verdict).toBe('ok');
  });

  it('keeps to the limits of who wears it, on a practice sample too (handbook 7)', () => {
    const snug = { elasticSchool: 'snug', elasticSnug: 0.9 };
    const comfort = (rest: Partial<PlanRequest>, choices = {}) =>
      checkIn(of('gathered-skirt', { ...snug, ...choices }, rest), 'elastic-comfort').verdict;
    expect(comfort({})).toBe('ok');
    expect(comfort({}, { sampleSize: 'half' })).toBe('ok');
    expect(comfort({ wearer: 'child' })).toBe('caution');
    expect(comfort({ body: { 'waist-girth': 520, 'hip-girth': 600 } })).toBe('caution');
  });

  it('at the sides has to draw in, but not to bunch', () => {
    const drawn = (sideElastic: number) => checkIn(of('gored-skirt', { waist: 'side-elastic', sideElastic }), 'elastic-comfort').verdict;
    // each side has two gores of 12.5 cm between its elastic's ends
    expect([drawn(260), drawn(180), drawn(100)]).toEqual(['caution', 'ok', 'caution']);
  });
});

it('edges that are sewn together agree, or the difference is named (handbook 10)', () => {
  expect(checkIn(of('gored-skirt', { hipShift: 0 }), 'joins-agree').verdict).toBe('ok');
  const shifted = checkIn(of('gored-skirt', { hipShift: 150, gores: 4, profile: 'trumpet', length: 800, goreHem: 500 }), 'joins-agree');
  expect(shifted.numbers['difference']).toBeGreaterThan(5);
  expect(shifted).toMatchObject({ verdict: 'caution' });
  expect(shifted.says).toContain('longer than the other');
});
