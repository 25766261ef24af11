import { describe, expect, it } from 'vitest';
import { constructionById } from '../garments/index.ts';
import { planFor } from '../plan/plan.ts';
import type { PlanRequest } from '../plan/request.ts';
import { whatItBecomes } from './becomes.ts';
import { clothAgainst } from './curve.ts';
import { takenOffBolt } from './fitting.ts';
import { foldWays } from './folds.ts';
import { waysOutOfTooLittle } from './ways-out.ts';
import { compareWidths } from './widths.ts';

const BODY = { 'waist-girth': 700, 'hip-girth': 960, 'waist-to-hip': 200, 'waist-to-knee': 580, 'waist-to-floor': 1020 };
const gathered: PlanRequest = {
  construction: 'gathered-skirt',
  body: BODY,
  choices: { length: 700, fullness: 2.5 },
  cloth: { width: 1400, weight: 'light' },
};
const circle = (choices = {}, cloth = {}): PlanRequest => ({ construction: 'circle-skirt', body: BODY, choices, cloth: { width: 1500, ...cloth } });

describe('too little cloth', () => {
  it('gives ways out that fit, the least painful first, and none where there is enough', () => {
    const onHand = takenOffBolt(planFor(gathered)) * 0.8;
    const ways = waysOutOfTooLittle(gathered, onHand);
    expect(ways.length).toBeGreaterThanOrEqual(2);
    for (const { choices, takes } of ways) {
      const plan = planFor({ ...gathered, choices: { ...gathered.choices, ...choices } });
      expect(takenOffBolt(plan)).toBeLessThanOrEqual(onHand + 1e-6);
      expect(takes).toBeCloseTo(takenOffBolt(plan), 6);
    }
    expect(ways.map(({ gives }) => gives)).toEqual([...ways.map(({ gives }) => gives)].sort((a, b) => a - b));
    expect(waysOutOfTooLittle(gathered, 1e6)).toEqual([]);
  });

  it('shortens by no more than it must: half a centimetre longer takes more than there is', () => {
    const onHand = 1300;
    const way = waysOutOfTooLittle(circle(), onHand).find(({ choices }) => 'length' in choices)!;
    const longer = Number(way.choices['length']) + 5;
    expect(takenOffBolt(planFor(circle({ length: longer })))).toBeGreaterThan(onHand);
  });

  it('offers the fullest circle that fits, in a few panels where that lies closer, not a sliver of one on two thirds of the cloth', () => {
    const [onHand, narrow] = [1400, circle({}, { width: 1400 })];
    const way = waysOutOfTooLittle(narrow, onHand).find(({ choices }) => 'fraction' in choices)!;
    const fraction = Number(way.choices['fraction']);
    expect(fraction).toBeGreaterThanOrEqual(0.5);
    expect(way.says).toMatch(/panels$/);
    for (const panels of [2, 3, 4]) {
      const fuller = planFor({ ...narrow, choices: { fraction: Number((fraction + 0.05).toFixed(2)), panels } });
      expect(takenOffBolt(fuller), `${panels} panels`).toBeGreaterThan(onHand);
    }
  });

  it('counts what unwashed cloth loses in the wash', () => {
    const washed = takenOffBolt(planFor(circle()));
    expect(takenOffBolt(planFor(circle({}, { prewashed: false, shrinkAlong: 0.04 })))).toBeCloseTo(washed / 0.96, 6);
  });
});

describe('what a cloth can become', () => {
  it('is solved: every garment fits the cloth and the person, and no stop is left', () => {
    const cloth = { width: 1400, weight: 'medium' as const, kind: 'woven' as const };
    const { can, cannot } = whatItBecomes(BODY, cloth, 1800, 'cm');
    expect(can.length).toBeGreaterThanOrEqual(4);
    for (const { construction, choices, takes } of can) {
      const plan = planFor({ construction, body: BODY, cloth: { ...cloth, lengthOnHand: 1800 }, choices });
      expect(takes).toBeLessThanOrEqual(1800);
      expect(plan.checks.filter(({ verdict }) => verdict === 'stop').map(({ id }) => `${construction} ${id}`)).toEqual([]);
    }
    // woven cloth: the knit tube comes with its reason instead
    expect(cannot.find(({ construction }) => construction === 'knit-tube-skirt')!.why).toMatch(/woven|knit/);
  });

  it('where there is cloth to spare beyond the longest, it is fuller than usual and says by what', () => {
    const onHand = 9000;
    const { can } = whatItBecomes(BODY, { width: 1400 }, onHand, 'cm');
    const [wide, tiered] = ['gathered-skirt', 'tiered-skirt'].map((id) => can.find(({ construction }) => construction === id)!);
    expect(wide!.fuller).toEqual(['fullness']);
    const usual = constructionById('gathered-skirt')!.choices.find(({ id }) => id === 'fullness')!.default;
    expect(wide!.choices['fullness']).toBeGreaterThan(usual as number);
    expect(tiered!.fuller).toContain('seamFullness');
    for (const { takes } of can) expect(takes).toBeLessThanOrEqual(onHand);
    // a little cloth goes into the length first
    for (const { fuller } of whatItBecomes(BODY, { width: 1400 }, 1200, 'cm').can) expect(fuller).toEqual([]);
  });

  it('no longer than the person is, and says which measure is missing', () => {
    const { can, cannot } = whatItBecomes({ 'waist-girth': 700, 'hip-girth': 960, 'waist-to-floor': 700 }, { width: 2800 }, 9000, 'cm');
    for (const { plan } of can) expect(plan.quantities.find(({ id }) => id === 'finished-length')!.value).toBeLessThanOrEqual(660);
    expect(cannot.find(({ construction }) => construction === 'gored-skirt')!.why).toContain('waist to hip');
  });
});

describe('widths and curves', () => {
  it('a circle skirt on 90 cm cloth takes more length than on 150, or more panels', () => {
    const rows = compareWidths(circle(), [900, 1500]);
    expect(rows[0]!.buy! > rows[1]!.buy! || rows[0]!.panels! > rows[1]!.panels!).toBe(true);
    expect(rows.every(({ waste }) => waste! > 0 && waste! < 1)).toBe(true);
  });

  it('cloth goes up with the length of the garment', () => {
    const choice = constructionById('gathered-skirt')!.choices.find(({ id }) => id === 'length')!;
    const points = clothAgainst(gathered, choice, 600, 7);
    expect(points.map(({ at }) => at)).toEqual([300, 400, 500, 600, 700, 800, 900]);
    points.slice(1).forEach(({ takes }, i) => expect(takes!).toBeGreaterThan(points[i]!.takes!));
  });
});

describe('folds', () => {
  it('a whole circle is cut once through four layers: twice its radius of cloth (handbook 4)', () => {
    const plan = planFor(circle({ closure: 'stretch', bandCloth: 'contrast' }, { kind: 'knit', stretchAcross: 0.6 }));
    const four = foldWays(plan).find(({ id }) => id === 'in-four')!;
    const radius = plan.quantities.find(({ id }) => id === 'hem-radius-cut')!.value;
    expect(four.layers).toBe(4);
    expect(four.cuts).toBe(1);
    expect(four.length).toBeCloseTo(2 * radius, 0);
  });

  it('gores folded along are cut in pairs: half the outlines, never less cloth than the pieces cover', () => {
    const plan = planFor({ construction: 'gored-skirt', body: BODY, choices: { bandCloth: 'contrast' }, cloth: { width: 1500 } });
    const ways = foldWays(plan);
    const open = ways.find(({ id }) => id === 'open')!;
    const along = ways.find(({ id }) => id === 'along')!;
    expect(open.cuts).toBe(8);
    expect(along.cuts).toBe(4);
    for (const { waste } of ways) expect(waste).toBeGreaterThanOrEqual(0);
  });

  it('never turns one-way cloth end for end by folding it across', () => {
    const ways = foldWays(planFor({ construction: 'gored-skirt', body: BODY, cloth: { width: 1500, oneWay: true } }));
    expect(ways.map(({ id }) => id)).not.toContain('across');
  });

  it('one odd even piece is cut on the fold', () => {
    const plan = planFor(circle({ fraction: 0.5, length: 300, bandCloth: 'main' }));
    const along = foldWays(plan).find(({ id }) => id === 'along')!;
    expect(along.stretches[0]!.pieces.map(({ id }) => id)).toContain('skirt, on the fold');
    const [first] = along.stretches[0]!.placements;
    expect(first!.x).toBe(0);
  });
});
