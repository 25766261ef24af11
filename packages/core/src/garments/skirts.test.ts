// Longer than 250 lines: the check values of every skirt side by side.
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BadInput } from '../errors/bad-input.ts';
import { Unmakeable } from '../errors/unmakeable.ts';
import { lengthOf } from '../geometry/edge.ts';
import { outlineArea } from '../geometry/area.ts';
import { flatten } from '../geometry/flatten.ts';
import { ringFault } from '../geometry/simple-ring.ts';
import { draftFor, planFor } from '../plan/plan.ts';
import { constructionById } from './index.ts';
import type { PlanRequest } from '../plan/request.ts';
import { anyBody, NEAR, RUNS } from '../testing/bodies.ts';
import { checkOf, numbersOf } from '../testing/plan-numbers.ts';

type Choices = NonNullable<PlanRequest['choices']>;
const BODY = { 'waist-girth': 700, 'hip-girth': 960, 'waist-to-hip': 200, 'waist-to-knee': 580, 'knee-girth': 370 };
const request = (
  construction: string,
  choices: Choices = {},
  body: Record<string, number> = BODY,
  cloth: PlanRequest['cloth'] = {},
): PlanRequest => ({ construction, body, choices, cloth });
const near = (actual: number, expected: number) => expect(Math.abs(actual - expected)).toBeLessThan(NEAR);
const nearestOf = (make: () => unknown): unknown => {
  try {
    make();
  } catch (error) {
    expect(error).toBeInstanceOf(Unmakeable);
    return (error as Unmakeable).nearest;
  }
  throw new Error('was made after all');
};

describe('gathered skirt', () => {
  it('agrees with handbook 5 on hundreds of bodies, exact and in whole widths', () => {
    fc.assert(
      fc.property(
        anyBody,
        fc.integer({ min: 10, max: 40 }),
        fc.boolean(),
        fc.constantFrom('self-casing', 'tube-band', 'exposed-elastic'),
        fc.integer({ min: 800, max: 1600 }),
        (body, tenths, whole, waist, width) => {
          const fullness = tenths / 10;
          const q = numbersOf(request('gathered-skirt', { fullness, waist, widthSchool: whole ? 'whole' : 'exact', length: 600 }, body, { width }));
          const usable = width - 20;
          const wanted = Math.max(fullness * body['waist-girth'], body['hip-girth'] + 50);
          const widths = Math.ceil(wanted / (usable - 30) - 1e-9);
          const flat = whole ? widths * (usable - 30) : wanted;
          expect(q('widths')).toBe(widths);
          near(q('flat-length'), flat);
          near(q('panel-cut-width'), flat / widths + 30);
          near(q('panel-cut-length'), 600 + 24 + (waist === 'self-casing' ? 20 + 5 + 10 : 15));
          near(q('fullness'), flat / body['waist-girth']);
          near(q('flat-section') * 8, flat);
          near(q('finished-section') * 8, body['waist-girth']);
          if (waist === 'exposed-elastic') near(q('elastic-sewn-ratio'), (body['hip-girth'] + 50) / body['waist-girth']);
          if (waist === 'tube-band') near(q('band-cut-width'), 2 * 25 + 30);
        },
      ),
      RUNS,
    );
  });

  it('on a fitted band counts fullness on the waist with its ease; what is worn round the hips clears them, zip or not (handbook 13a)', () => {
    const q = numbersOf(request('gathered-skirt', { waist: 'fitted-band', waistEase: 20, fullness: 2 }));
    near(q('flat-length'), 2 * 720);
    near(numbersOf(request('gathered-skirt', { waist: 'fitted-band', waistEase: 20, fullness: 1.2 }))('flat-length'), 960 + 50);
    near(numbersOf(request('tiered-skirt', { waist: 'fitted-band', topFullness: 1 }))('tier-1-flat'), 960 + 50);
    near(q('band-cut-length'), 720 + 25 + 30);
    near(q('finished-section'), 720 / 8);
  });

  it('panels sewn together are as wide as the flat length', () => {
    const { sheet } = draftFor(request('gathered-skirt', { fullness: 3 }));
    const panel = sheet.pieces[0]!;
    near(lengthOf(panel.seam, 'top') * panel.copies, sheet.quantity('flat-length').value);
  });

  it('stops an elastic that can’t be pulled as long as the hips, with ways out that work', () => {
    const plan = planFor(request('gathered-skirt', { waist: 'exposed-elastic', elasticSchool: 'snug', elasticSnug: 0.85 }));
    const check = checkOf(plan, 'elastic-sewn');
    expect(check.verdict).toBe('stop');
    const ways = check.waysOut!.flatMap((way) => (way.choices ? [way.choices] : []));
    expect(
      ways.some((choices) =>
        planFor(request('gathered-skirt', { waist: 'exposed-elastic', elasticSchool: 'snug', elasticSnug: 0.85, ...choices })).checks.every(
          (each) => each.id !== 'elastic-sewn' || each.verdict !== 'stop',
        ),
      ),
    ).toBe(true);
  });

  it('warns of bulk where thick cloth is gathered too much (handbook 5)', () => {
    expect(checkOf(planFor(request('gathered-skirt', { fullness: 3.5 }, BODY, { weight: 'heavy' })), 'bulk-under-foot').verdict).toBe('caution');
    expect(checkOf(planFor(request('gathered-skirt', { fullness: 2 })), 'bulk-under-foot').verdict).toBe('ok');
  });
});

describe('elastic schools (handbook 7)', () => {
  const elastic = (choices: Choices) => numbersOf(request('gathered-skirt', choices));
  it.each([
    [{}, 700, 720],
    [{ elasticSchool: 'less-an-inch' }, 674.6, 694.6],
    [{ elasticSchool: 'snug' }, 644, 664],
    [{ elasticSchool: 'snug', elasticSnug: 0.9, elasticJoin: 'seam' }, 630, 655.4],
    [{ elasticSchool: 'try-on', elasticTryOn: 655, elasticOverlap: 10 }, 655, 665],
  ] as Array<[Choices, number, number]>)('%j: %f closed, %f to cut', (choices, finished, cut) => {
    near(elastic(choices)('elastic-finished'), finished);
    near(elastic(choices)('elastic-cut'), cut);
  });

  it('asks for the tried-on length, and refuses one longer than the body', () => {
    expect(() => elastic({ elasticSchool: 'try-on' })).toThrow(BadInput);
    expect(nearestOf(() => elastic({ elasticSchool: 'try-on', elasticTryOn: 800 }))).toBe(700);
  });

  it('cautions above 20 % shorter than the body, and above 5 % on a small child', () => {
    expect(checkOf(planFor(request('gathered-skirt', { elasticSchool: 'snug', elasticSnug: 0.75 })), 'elastic-comfort').verdict).toBe('caution');
    const child = { 'waist-girth': 530, 'hip-girth': 600 };
    expect(checkOf(planFor(request('gathered-skirt', { elasticSchool: 'snug', elasticSnug: 0.92 }, child)), 'elastic-comfort').verdict).toBe(
      'caution',
    );
    expect(checkOf(planFor(request('gathered-skirt', { elasticSchool: 'body' }, child)), 'elastic-comfort').verdict).toBe('ok');
  });
});

describe('tiered skirt', () => {
  it('multiplies its flat lengths down and its heights add up, on hundreds of bodies', () => {
    fc.assert(
      fc.property(
        anyBody,
        fc.integer({ min: 2, max: 6 }),
        fc.integer({ min: 100, max: 250 }),
        fc.integer({ min: 100, max: 180 }),
        fc.constantFrom('equal', 'growing'),
        fc.integer({ min: 300, max: 1200 }),
        (body, tiers, percent, grow, heights, length) => {
          const [g, growth] = [percent / 100, grow / 100];
          const q = numbersOf(request('tiered-skirt', { tiers, seamFullness: g, heights, growth, length }, body));
          let flat = Math.max(1.3 * body['waist-girth'], body['hip-girth'] + 50);
          let strips = 0;
          let sum = 0;
          for (let i = 1; i <= tiers; i++) {
            near(q(`tier-${i}-flat`), flat);
            const widths = Math.ceil(flat / (1480 - 30) - 1e-9);
            expect(q(`tier-${i}-widths`)).toBe(widths);
            strips += flat + widths * 30;
            sum += q(`tier-${i}-height`);
            if (i > 1 && heights === 'growing') near(q(`tier-${i}-height`) / q(`tier-${i - 1}-height`), growth);
            near(q(`tier-${i}-cut-height`) - q(`tier-${i}-height`), (i === 1 ? 35 : 15) + (i === tiers ? 24 : 15));
            if (i < tiers) flat *= g;
          }
          near(sum, length);
          near(q('hem-sweep'), flat);
          near(q('strip-total'), strips);
        },
      ),
      RUNS,
    );
  });

  it('takes the person’s own heights and shares the rest', () => {
    const q = numbersOf(request('tiered-skirt', { heights: 'own', tierHeight1: 200, length: 800 }));
    near(q('tier-1-height'), 200);
    near(q('tier-3-height'), 300);
    expect(nearestOf(() => numbersOf(request('tiered-skirt', { heights: 'own', tiers: 2, tierHeight1: 200, tierHeight2: 200, length: 800 })))).toBe(
      600,
    );
  });

  it('without fullness has straight tiers and nothing to gather', () => {
    const { steps } = planFor(request('tiered-skirt', { seamFullness: 1 }));
    expect(steps.some((step) => step.id.startsWith('gather-'))).toBe(false);
  });

  it('crinkled waits a day or two', () => {
    const wait = planFor(request('tiered-skirt', { crinkled: true })).steps.find((step) => step.id === 'crinkle')!;
    expect(wait.waitHours).toBeGreaterThanOrEqual(24);
    expect(wait.waitHours).toBeLessThanOrEqual(48);
  });
});

describe('gored skirt', () => {
  const inch = 25.4;
  it('holds the check values of handbook 6: hip 43 in, 8 gores, shift 2 in', () => {
    const body = { ...BODY, 'waist-girth': 32 * inch, 'hip-girth': 43 * inch };
    const q = numbersOf(request('gored-skirt', { hipEase: 0, hipShift: 2 * inch }, body));
    near(q('front-hip-share') / inch, 19.5);
    near(q('back-hip-share') / inch, 23.5);
    near(q('front-gore-hip') / inch, 4.875);
    near(q('back-gore-hip') / inch, 5.875);
  });

  it('agrees with handbook 6 on hundreds of bodies, straight and trumpet', () => {
    fc.assert(
      fc.property(
        anyBody,
        fc.constantFrom(4, 6, 8, 10, 12),
        fc.integer({ min: 0, max: 60 }),
        fc.boolean(),
        fc.integer({ min: 350, max: 500 }),
        (body, gores, hipShift, trumpet, goreHem) => {
          const q = numbersOf(
            request('gored-skirt', { gores, hipShift, goreHem, profile: trumpet ? 'trumpet' : 'straight', length: 900, kneePinch: 5 }, body),
          );
          const total = body['hip-girth'] + 20;
          near(q('front-gore-hip') * (gores / 2) + q('back-gore-hip') * (gores / 2), total);
          near(q('back-hip-share') - q('front-hip-share'), 2 * hipShift);
          near(q('gore-waist') * gores, body['waist-girth']);
          const line = trumpet ? body['waist-to-knee'] - 60 : body['waist-to-hip'];
          near(q('flare-line'), line);
          const flare = trumpet ? q('front-gore-hip') - 10 : q('front-gore-hip');
          near(q('gore-flare-front'), flare);
          near(q('hem-sweep'), gores * goreHem);
          // Pythagoras: the side edge of the flare against its centre
          const fall = 900 - line;
          near(q('hem-rise-front'), Math.hypot(fall, (goreHem - flare) / 2) - fall);
          near(q('narrowest-girth'), Math.min(total, (q('gore-flare-front') + q('gore-flare-back')) * (gores / 2), gores * goreHem));
        },
      ),
      RUNS,
    );
  });

  it('draws gores whose corner is lifted by the hem rise: the flare’s side edge is as long as its centre', () => {
    const { sheet } = draftFor(request('gored-skirt', { profile: 'trumpet', goreHem: 400 }));
    const gore = sheet.pieces[0]!;
    const flareEdge = gore.seam.find((edge) => edge.name === 'side-right')!;
    near(lengthOf([flareEdge], 'side-right'), 850 - sheet.quantity('flare-line').value);
    expect(ringFault(flatten(gore.cut))).toBeUndefined();
  });

  it('keeps the gores beside the side seams as wide at the waist as at the hip when elastic draws them in', () => {
    const { sheet } = draftFor(request('gored-skirt', { waist: 'side-elastic' }));
    expect(sheet.pieces.filter((piece) => piece.id.endsWith('-side')).map((piece) => piece.copies)).toEqual([2, 2]);
    near(sheet.quantity('gore-waist-side').value, sheet.quantity('front-gore-hip').value);
    expect(checkOf(planFor(request('gored-skirt', { waist: 'side-elastic' })), 'passes-over-hip').verdict).toBe('stop');
  });

  it('warns where one can’t stride: twice the knee, or seven tenths of the hip where it is unknown', () => {
    const { 'knee-girth': _knee, ...kneeless } = BODY;
    expect(checkOf(planFor(request('gored-skirt', { profile: 'trumpet', kneePinch: 20 })), 'walking-room').verdict).toBe('caution');
    expect(checkOf(planFor(request('gored-skirt', {}, kneeless)), 'walking-room').numbers['wanted']).toBeCloseTo(0.7 * 960, 9);
    expect(checkOf(planFor(request('gored-skirt')), 'walking-room').verdict).toBe('ok');
  });

  it('refuses what can’t be drawn and names what can', () => {
    const make = (choices: Choices, body = BODY) => numbersOf(request('gored-skirt', choices, body));
    expect(nearestOf(() => make({ gores: 7 }))).toBe(8);
    expect(nearestOf(() => make({ profile: 'trumpet', goreHem: 60 }))).toBe(99);
    expect(nearestOf(() => make({ length: 180 }))).toBeGreaterThan(200);
    const hip = nearestOf(() => make({}, { ...BODY, 'waist-girth': 1000 })) as number;
    expect(make({}, { ...BODY, 'waist-girth': 1000, 'hip-girth': hip })('front-gore-hip')).toBeGreaterThan(0);
  });

  it('says how to chalk sixteen halves so that the hip stays true', () => {
    const { sheet } = draftFor(request('gored-skirt', { gores: 16, hipEase: 13 }));
    expect(sheet.chalk[0]!.marks.find((mark) => mark.id === 'station-hip')!.hint).toMatch(/times .* all rounded up would add/);
  });
});

describe('handkerchief skirt', () => {
  it('agrees with handbook 4 on hundreds of bodies', () => {
    fc.assert(
      fc.property(anyBody, fc.integer({ min: 100, max: 600 }), (body, sideLength) => {
        const q = numbersOf(request('handkerchief-skirt', { sideLength }, body, { width: 2800 }));
        const r = body['waist-girth'] / (2 * Math.PI);
        near(q('waist-radius-cut'), r - 15);
        near(q('square-side-cut'), 2 * (r + sideLength) + 24);
        // the diagonal of a square of half side r + sideLength, from the hole
        near(q('corner-length'), Math.hypot(r + sideLength, r + sideLength) - r);
      }),
      RUNS,
    );
  });

  it('is cut in two halves where the square is wider than the cloth', () => {
    const plan = planFor(request('handkerchief-skirt', { sideLength: 700 }));
    expect(plan.pieces[0]).toMatchObject({ copies: 2 });
    const reach = 700 / 2 / Math.PI + 700;
    near(outlineArea(plan.pieces[0]!.seam) * 2, (2 * reach) ** 2 - Math.PI * (700 / 2 / Math.PI) ** 2);
  });
});

describe('knit tube skirt', () => {
  it('stretches over the hip by what handbook 9 asks, on hundreds of bodies', () => {
    fc.assert(
      fc.property(anyBody, fc.boolean(), (body, shaped) => {
        const q = numbersOf(request('knit-tube-skirt', { profile: shaped ? 'shaped' : 'straight' }, body));
        const [waist, hip] = [body['waist-girth'], body['hip-girth']];
        near(q('stretch-needed-waist'), (hip - waist) / waist);
        near(q('stretch-needed-hip'), shaped ? 0 : (hip - waist) / waist);
        near(q('elastic-finished'), waist - 25.4);
        near(q('elastic-sewn-ratio'), waist / (waist - 25.4));
        if (shaped) {
          near(4 * q('quarter-hem'), Math.max(2 * body['knee-girth'], 0.85 * hip));
          near(4 * q('quarter-waist'), waist);
        } else near(q('tube-girth'), waist);
      }),
      RUNS,
    );
  });

  it('stops on woven cloth and says why', () => {
    const check = checkOf(planFor(request('knit-tube-skirt', {}, BODY, { kind: 'woven', stretchAcross: 0 })), 'knit-only');
    expect(check.verdict).toBe('stop');
    expect(check.says).toMatch(/woven cloth won't stretch/);
  });

  it('stops a knit that stretches up instead of round', () => {
    expect(checkOf(planFor(request('knit-tube-skirt', {}, BODY, { stretchAcross: 0.1, stretchAlong: 0.5 })), 'stretch-direction').verdict).toBe(
      'stop',
    );
  });

  it('offers the tube cut to the hips where the knit gives too little, and then it passes', () => {
    const cloth = { stretchAcross: 0.2, stretchAlong: 0.1 };
    const elastic = { kind: 'knitted' as const };
    const check = checkOf(planFor({ ...request('knit-tube-skirt', {}, BODY, cloth), elastic }), 'knit-stretch-waist');
    expect(check.verdict).toBe('stop');
    const again = planFor({ ...request('knit-tube-skirt', { ...check.waysOut![0]!.choices }, BODY, cloth), elastic });
    expect(checkOf(again, 'knit-stretch-waist').verdict).toBe('ok');
    expect(checkOf(again, 'passes-over-hip').verdict).not.toBe('stop');
  });

  it('sews every seam that must stretch with a stitch that does (ISO 4915: not 301)', () => {
    const steps = planFor(request('knit-tube-skirt', { peplum: true, profile: 'shaped' })).steps;
    expect(steps.filter((step) => step.seam).map((step) => step.stitch)).not.toContain('301');
  });

  it('has a peplum whose hole sewn to the waist has the waist’s length', () => {
    const { sheet } = draftFor(request('knit-tube-skirt', { peplum: true }));
    near(lengthOf(sheet.pieces.find((piece) => piece.id === 'peplum')!.seamHoles[0]!, 'waist'), 700);
  });
});

describe('child’s tube-band skirt', () => {
  it('works from the child or from a skirt laid flat', () => {
    const child = numbersOf(request('child-tube-skirt', {}, { 'waist-girth': 530 }));
    near(child('flat-waist'), 265);
    near(child('flat-hem'), 345);
    near(child('band-cut-length'), 530 + 30);
    near(child('band-cut-width'), 2 * 25 + 30);
    near(child('elastic-cut'), 550);
    const flat = numbersOf(request('child-tube-skirt', { bandHeight: 40 }, { flatWaist: 280, flatHem: 400 }));
    near(flat('flat-hem'), 400);
    near(flat('band-cut-width'), 110);
    near(flat('elastic-finished'), 560);
  });

  it('needs one of the two and says so', () => {
    expect(() => numbersOf(request('child-tube-skirt', {}, { 'hip-girth': 600 }))).toThrow(/waist-girth.*flatWaist/);
  });

  it('always says the cautions for children (handbook 17)', () => {
    expect(checkOf(planFor(request('child-tube-skirt', {}, { flatWaist: 300 })), 'child-safety').says).toMatch(/drawstrings.*Local rules/);
  });

  it('lets only the length grow', () => {
    const room = numbersOf(request('child-tube-skirt', { growthRoom: 40 }, { 'waist-girth': 530 }));
    near(room('hem-with-growth'), 60);
    near(room('elastic-finished'), 530);
  });
});

describe('every construction', () => {
  const all = ['circle-skirt', 'gathered-skirt', 'tiered-skirt', 'gored-skirt', 'handkerchief-skirt', 'knit-tube-skirt', 'child-tube-skirt'];

  it.each(all)('%s scales as a practice sample: half the body gives half the finished length', (construction) => {
    const full = numbersOf(request(construction));
    const half = numbersOf(request(construction, { sampleSize: 'half' }));
    near(half('finished-length'), full('finished-length') / 2);
  });

  it.each(all)('%s draws every piece as simple rings, cut outside seam, chalk and steps for all of it', (construction) => {
    const plan = planFor(request(construction));
    for (const piece of plan.pieces) {
      expect(ringFault(flatten(piece.cut)), piece.id).toBeUndefined();
      expect(outlineArea(piece.cut)).toBeGreaterThan(outlineArea(piece.seam));
    }
    for (const piece of plan.pieces.filter((each) => each.cloth === 'main')) expect(plan.chalk.map((sheet) => sheet.piece)).toContain(piece.id);
    expect(new Set(plan.steps.map((step) => step.id)).size).toBe(plan.steps.length);
    expect(plan.quantities.map((each) => each.id)).toEqual([...new Set(plan.quantities.map((each) => each.id))]);
  });

  it.each(all)('%s has every figure, step and chalk sheet once, whichever option is taken', (construction) => {
    for (const choice of constructionById(construction)!.choices) {
      const values = choice.kind === 'yes-no' ? [true] : (choice.options ?? []);
      for (const value of values.filter((each) => each !== 'try-on')) {
        const plan = planFor(request(construction, { [choice.id]: value }), () => ({ length: 1, utilisation: 0, placements: [] }));
        for (const ids of [plan.quantities.map(({ id }) => id), plan.steps.map(({ id }) => id), plan.chalk.map(({ piece }) => piece)])
          expect(ids, `${choice.id} ${String(value)}`).toEqual([...new Set(ids)]);
        for (const piece of plan.pieces.filter((each) => each.cloth === 'main'))
          expect(
            plan.chalk.map((sheet) => sheet.piece),
            `${choice.id} ${String(value)}`,
          ).toContain(piece.id);
      }
    }
  });

  it.each(all)('%s names the field of a choice out of range, or unknown', (construction) => {
    expect(() => planFor(request(construction, { length: 'long' } as Choices))).toThrow(BadInput);
    expect(() => planFor(request(construction, { wings: 2 }))).toThrow(/choices\.wings/);
    expect(() => planFor(request(construction, { seam: 200 }))).toThrow(Unmakeable);
    expect(() => planFor(request(construction, { seam: -5 }))).toThrow(BadInput);
    expect(() => planFor(request(construction, {}, { ...BODY, tail: 5 }))).toThrow(/body\.tail/);
  });
});

describe('bad wishes get the nearest that can be made', () => {
  it.each([
    ['gathered-skirt', { fullness: 0.8 }, 1],
    ['tiered-skirt', { tiers: 0 }, 2],
    ['tiered-skirt', { tiers: 9 }, 6],
    ['circle-skirt', { fraction: 0 }, 0.1],
    ['handkerchief-skirt', { sideLength: 5 }, 20],
  ] as Array<[string, Choices, number]>)('%s %j: %f', (construction, choices, nearest) => {
    expect(nearestOf(() => planFor(request(construction, choices)))).toBe(nearest);
  });
});

describe('hem edges (handbook 3)', () => {
  const hemmed = (construction: string, choices: Choices) => planFor(request(construction, choices));
  const value = (plan: ReturnType<typeof planFor>, id: string) => plan.quantities.find((each) => each.id === id)!.value;

  it('a ruffle is its height, a seam and a hem, or folded double twice its height and two seams', () => {
    for (const construction of ['gathered-skirt', 'circle-skirt']) {
      const single = hemmed(construction, { hemEdge: 'ruffle', ruffleHeight: 120, ruffleFullness: 2.5, hem: 20, seam: 15 });
      near(value(single, 'ruffle-cut-width'), 120 + 15 + 20);
      near(value(single, 'ruffle-flat'), 2.5 * value(single, 'hem-sweep'));
      near(value(single, 'finished-length'), 600 + 120);
      const double = hemmed(construction, { hemEdge: 'ruffle', ruffleHeight: 120, ruffleDouble: true, seam: 15 });
      near(value(double, 'ruffle-cut-width'), 2 * 120 + 2 * 15);
      // its strips sewn together are as long as the flat ruffle
      const strips = single.pieces.find(({ id }) => id === 'ruffle')!;
      near(strips.copies * lengthOf(strips.seam, 'top'), value(single, 'ruffle-flat'));
    }
  });

  it('a bound edge takes no allowance; its bias strip comes out of a square of its area and the joins', () => {
    const plan = hemmed('circle-skirt', { hemEdge: 'bound' });
    near(value(plan, 'hem-radius-cut'), value(plan, 'hem-radius'));
    const strip = (value(plan, 'hem-sweep') + 30) * 50;
    expect(value(plan, 'binding-square') ** 2).toBeGreaterThan(strip);
    expect(value(plan, 'binding-square')).toBeCloseTo(Math.sqrt(strip) + 50, 6);
  });
});
