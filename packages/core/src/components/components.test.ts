import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { lengthOf } from '../geometry/edge.ts';
import { needleFor } from '../make/needle.ts';
import { draftFor } from '../plan/plan.ts';
import type { PlanRequest } from '../plan/request.ts';
import { anyBody, NEAR, RUNS } from '../testing/bodies.ts';
import { MEASURED } from '../testing/every-skirt.ts';

type Choices = PlanRequest['choices'];
const sheetOf = (construction: string, choices: Choices = {}, rest: Partial<PlanRequest> = {}) =>
  draftFor({ construction, body: MEASURED, choices, ...rest }).sheet;
const near = (actual: number, expected: number) => expect(Math.abs(actual - expected)).toBeLessThan(NEAR);

describe('bands (handbook 3)', () => {
  it('a fitted band: waist, ease, 25 mm of overlap and two seams, twice its height and two seams', () => {
    fc.assert(
      fc.property(anyBody, fc.integer({ min: 0, max: 60 }), fc.integer({ min: 15, max: 80 }), (body, waistEase, bandWidth) => {
        const sheet = sheetOf('gathered-skirt', { waist: 'fitted-band', waistEase, bandWidth }, { body, cloth: { width: 3000 } });
        near(sheet.quantity('band-cut-length').value, body['waist-girth'] + waistEase + 25 + 30);
        near(sheet.quantity('band-cut-width').value, 2 * bandWidth + 30);
      }),
      RUNS,
    );
  });

  it('a tube band: its channel and two seams, twice elastic and 5 mm and two seams', () => {
    fc.assert(
      fc.property(anyBody, fc.integer({ min: 10, max: 60 }), (body, width) => {
        const elastic = { width, kind: 'knitted' as const, greatestStretch: 2 };
        const sheet = sheetOf('gathered-skirt', { waist: 'tube-band' }, { body, elastic, cloth: { width: 3000 } });
        near(sheet.quantity('band-cut-length').value, body['hip-girth'] + 50 + 30);
        near(sheet.quantity('band-cut-width').value, 2 * (width + 5) + 30);
      }),
      RUNS,
    );
  });

  it('a self casing: elastic, 5 mm of room, 10 mm turned under', () => {
    for (const width of [6, 10, 20, 38]) {
      const sheet = sheetOf('gathered-skirt', {}, { elastic: { width, kind: 'knitted', greatestStretch: 2 } });
      near(sheet.quantity('casing-turn').value, width + 15);
    }
  });
});

describe('strips longer than the cloth is wide', () => {
  it('are cut in equal parts whose seam lines together are the whole strip', () => {
    fc.assert(
      fc.property(fc.integer({ min: 500, max: 1600 }), fc.integer({ min: 100, max: 400 }), (width, ruffleHeight) => {
        const sheet = sheetOf('gathered-skirt', { hemEdge: 'ruffle', ruffleHeight, ruffleFullness: 2.5 }, { cloth: { width } });
        const ruffle = sheet.pieces.find(({ id }) => id === 'ruffle')!;
        near(ruffle.copies * lengthOf(ruffle.seam, 'top'), sheet.quantity('ruffle-flat').value);
        expect(lengthOf(ruffle.cut, 'top')).toBeLessThanOrEqual(sheet.usableWidth.value + 1e-6);
      }),
      { numRuns: 80, seed: 4 },
    );
  });
});

describe('linings', () => {
  it('stop 5 cm above the hem, or where the flare begins', () => {
    near(sheetOf('circle-skirt', { lining: true }).quantity('lining-length').value, 600 - 50);
    near(sheetOf('gathered-skirt', { lining: true, length: 700 }).quantity('lining-length').value, 700 - 50);
    const gored = sheetOf('gored-skirt', { lining: true, liningTo: 'flare', profile: 'trumpet' });
    near(gored.quantity('lining-length').value, MEASURED['waist-to-knee'] - 60);
    expect(gored.pieces.filter(({ cloth }) => cloth === 'lining').length).toBeGreaterThan(0);
  });
});

describe('peplums, pockets and godets', () => {
  it('a peplum’s hole sewn to the waist has the waist’s length (geometry)', () => {
    fc.assert(
      fc.property(anyBody, fc.integer({ min: 60, max: 300 }), (body, peplumLength) => {
        const sheet = sheetOf('knit-tube-skirt', { peplum: true, peplumLength }, { body, cloth: { kind: 'knit', stretchAcross: 0.6, width: 3000 } });
        const peplum = sheet.pieces.find(({ id }) => id === 'peplum')!;
        near(lengthOf(peplum.seamHoles[0]!, 'waist'), sheet.quantity('tube-girth').value);
      }),
      { numRuns: 60, seed: 4 },
    );
  });

  it('a pocket is its size, 30 mm at the top and a seam on the other sides', () => {
    const sheet = sheetOf('gathered-skirt', { pockets: true, pocketWidth: 140, pocketDepth: 160 });
    near(sheet.quantity('pocket-cut-width').value, 140 + 30);
    near(sheet.quantity('pocket-cut-length').value, 160 + 30 + 15);
    expect(sheet.pieces.find(({ id }) => id === 'pocket')!.copies).toBe(2);
  });

  it('a godet of height k and hem width u opens by u / k radians, one in every seam', () => {
    const sheet = sheetOf('gored-skirt', { godets: true, godetHeight: 250, godetHem: 180 });
    near(sheet.quantity('godet-angle').value, ((180 / 250) * 180) / Math.PI);
    const godet = sheet.pieces.find(({ id }) => id === 'godet')!;
    expect(godet.copies).toBe(8);
    near(lengthOf(godet.seam, 'hem'), 180);
  });
});

describe('gathering', () => {
  it('tests a 30 cm strip and says how long it should come out', () => {
    const sheet = sheetOf('gathered-skirt', { waist: 'fitted-band', fullness: 2.5 });
    const step = sheet.steps.find(({ id }) => id.startsWith('gather'))!;
    expect(step.how).toContain('30.0 cm should come out 12.0 cm long');
  });

  it('marks both edges in 4, 8 and 16 parts that add up', () => {
    const sheet = sheetOf('gathered-skirt', { waist: 'fitted-band', fullness: 2 });
    const table = sheet.steps.find(({ sections }) => sections)!.sections!;
    expect(table.rows.map(({ parts }) => parts)).toEqual([4, 8, 16]);
    for (const { parts, marks } of table.rows) {
      near(marks[0]! * parts, sheet.quantity('flat-length').value);
      near(marks[1]! * parts, MEASURED['waist-girth']);
    }
  });
});

it('the needle follows the cloth: finer for light, stretch point for knits (common practice, no source)', () => {
  expect(needleFor({ kind: 'woven', weight: 'light' })).toContain('70');
  expect(needleFor({ kind: 'woven', weight: 'heavy' })).toContain('100');
  expect(needleFor({ kind: 'knit', weight: 'medium' })).toMatch(/stretch|ballpoint/);
});
