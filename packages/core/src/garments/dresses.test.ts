// Longer than 250 lines: the check values of every dress side by side.
import { describe, expect, it } from 'vitest';
import { BadInput } from '../errors/bad-input.ts';
import { Unmakeable } from '../errors/unmakeable.ts';
import { planFor, type Plan } from '../plan/plan.ts';
import type { PlanRequest } from '../plan/request.ts';
import { sideOf } from '../shapes/piece.ts';
import { MEASURED } from '../testing/every-skirt.ts';
import { INCH } from '../units/units.ts';

const noLay = () => ({ length: 1, utilisation: 0, placements: [] });
const planned = (construction: string, choices: PlanRequest['choices'] = {}, rest: Partial<PlanRequest> = {}): Plan =>
  planFor({ construction, body: MEASURED, choices, ...rest }, noLay);
const numbers = (plan: Plan) => Object.fromEntries(plan.quantities.map(({ id, value }) => [id!, value]));
const check = (plan: Plan, id: string) => plan.checks.find((each) => each.id === id);
/** What it was refused for. */
const refused = (work: () => unknown): Unmakeable | BadInput => {
  try {
    work();
  } catch (error) {
    if (error instanceof Unmakeable || error instanceof BadInput) return error;
    throw error;
  }
  throw new Error('it was made');
};

// handbook 10, "check values for this section": common practice, no source
describe('a shirred dress', () => {
  it('has 23 rows of shirring on 9 inches, 1 cm apart', () =>
    expect(numbers(planned('shirred-dress', { shirrDepth: 9 * INCH }))['shirr-rows']).toBe(23));

  it('changes a bobbin that lasts five and a half rows after five', () => {
    const row = (1.5 * 920) / 2;
    const plan = planned('shirred-dress', { bobbinMetres: (5.5 * row) / 1000, shirrDepth: 100 });
    expect(numbers(plan)['rows-per-bobbin']).toBe(5);
    // 11 rows on each of two panels: 22 rows, five to a bobbin
    expect(numbers(plan)['bobbins']).toBe(5);
    const { bobbins } = plan.steps.find(({ id }) => id === 'shirring')!;
    expect(bobbins!.changeBefore).toEqual([6, 11, 16, 21]);
  });

  it('is cut to 1.5 times the bust in the snug school and twice in the full one, and always over the hips with 5 cm to spare', () => {
    expect(numbers(planned('shirred-dress'))['shirr-flat']).toBeCloseTo(1.5 * 920, 9);
    expect(numbers(planned('shirred-dress', { fullness: 2 }))['shirr-flat']).toBeCloseTo(2 * 920, 9);
    const wide = { ...MEASURED, 'hip-girth': 1500 };
    expect(numbers(planned('shirred-dress', {}, { body: wide }))['shirr-flat']).toBeCloseTo(1550, 9);
    // a top that ends above the hips need not clear them
    expect(numbers(planned('shirred-dress', { length: 60 }, { body: wide }))['shirr-flat']).toBeCloseTo(1380, 9);
  });

  it('comes down by its take-up, and by steam after that', () =>
    expect(numbers(planned('shirred-dress', { takeUp: 1.6, steam: 0.1 }))['shirr-relaxed']).toBeCloseTo((1380 / 1.6) * 0.9, 9));

  it('cuts the armhole corners about 3 1/2 by 3 inches, from dress and sleeve alike', () => {
    const plan = planned('shirred-dress', { sleeves: true });
    const [panel, sleeve] = ['panel', 'sleeve'].map((id) => plan.pieces.find((piece) => piece.id === id)!);
    for (const piece of [panel!, sleeve!]) {
      const top = sideOf(piece, 'top').length;
      const bottom = sideOf(piece, 'bottom').length;
      expect((bottom - top) / 2 / INCH).toBeCloseTo(3.5, 0);
    }
    expect(sideOf(panel!, 'corner-right').length).toBeCloseTo(sideOf(sleeve!, 'corner-left').length, 9);
    expect(plan.openings).toEqual(['top', 'hem', 'sleeve-left', 'sleeve-right']);
  });

  it('has a hem ruffle twice as long as the hem', () =>
    expect(numbers(planned('shirred-dress', { ruffle: true }))['ruffle-flat']).toBeCloseTo(2 * 1380, 9));

  it('holds with straps up to 0.95 of the bust, without them up to 0.88 (handbook 8)', () => {
    // at rest 1380 / 1.6 x 0.98 = 845 mm, 0.919 of the bust
    const loose = { takeUp: 1.6, steam: 0.02 };
    expect(check(planned('shirred-dress', { ...loose, straps: 'plain' }), 'shirring-fit')?.verdict).toBe('ok');
    expect(check(planned('shirred-dress', { ...loose, straps: 'none' }), 'shirring-fit')?.verdict).toBe('stop');
    expect(check(planned('shirred-dress', { fullness: 1, length: 0 }), 'shirring-fit')?.verdict).toBe('tight');
  });

  it('is a skirt too: shirred to the waist, without straps or sleeves', () => {
    const plan = planned('shirred-dress', { wornAt: 'waist', sleeves: true, shirrDepth: 80 });
    expect(numbers(plan)['shirr-flat']).toBeCloseTo(Math.max(1.5 * 720, 980 + 50), 9);
    expect(plan.pieces.map(({ id }) => id)).toEqual(['panel']);
    expect(check(plan, 'shirring-fit')?.says).toContain('waist');
  });

  it('is sewn flat or in the round: rows before the side seams, or after them', () => {
    const order = (shirrOrder: string) => planned('shirred-dress', { shirrOrder }).steps.map(({ id }) => id).filter((id) => ['shirring', 'sides'].includes(id)); // prettier-ignore
    expect(order('flat')).toEqual(['shirring', 'sides']);
    expect(order('round')).toEqual(['sides', 'shirring']);
  });
});

describe('a gathered jersey dress', () => {
  it('is drawn in by two elastics of their own lengths, none wider than what it sits on', () => {
    const n = numbers(planned('gathered-jersey-dress'));
    expect(n['bust-elastic-finished']).toBeCloseTo(0.9 * 920, 9);
    expect(n['under-bust-elastic-cut']).toBeCloseTo(0.9 * 790 + 20, 9);
    expect(n['skirt-flat']).toBeCloseTo(Math.max(1.5 * 790, 980 + 50), 9);
  });
  it('refuses an elastic as tried on by name: there are two of them', () =>
    expect(refused(() => planned('gathered-jersey-dress', { elasticSchool: 'try-on' }))).toBeInstanceOf(BadInput));
});

describe('a skater dress', () => {
  it('of a 32 inch waist has a hole of 5.1 inches, and straps over 15.5 inches are cut 16.5 by 2.5', () => {
    const body = { ...MEASURED, 'waist-girth': 32 * INCH };
    const n = numbers(planned('skater-dress', { bodiceEase: 0, strapLength: 15.5 * INCH, strapWidth: INCH, seam: INCH / 2 }, { body }));
    expect(n['waist-radius']! / INCH).toBeCloseTo(5.1, 1);
    expect(n['strap-cut-length']! / INCH).toBeCloseTo(16.5, 1);
    expect(n['strap-cut-width']! / INCH).toBeCloseTo(2.5, 1);
  });
  it('sews bodice, lining and skirt in one waist seam of equal lengths', () => {
    const waist = planned('skater-dress').joins.find(({ id }) => id === 'waist')!;
    expect(waist.layers).toHaveLength(3);
    expect(waist.ease ?? 0).toBeLessThan(1);
  });
  it('is tried on before the skirt’s hole is trusted', () => {
    const ids = planned('skater-dress').steps.map(({ id }) => id);
    expect(ids.indexOf('bodice-fit')).toBeLessThan(ids.indexOf('waist'));
  });
});

describe('a yoke dress', () => {
  it('of a 38 inch bust has quarters of 9 1/2; a front yoke of 7 leaves 29 of 36 inches, a back yoke of 12 leaves 24; strips 1 1/2 apart: 4 rows and 8', () => {
    const body = { ...MEASURED, 'bust-girth': 38 * INCH };
    const choices = { length: 36 * INCH, frontYoke: 7 * INCH, backYoke: 12 * INCH, yokeEase: 0, stripSpacing: 1.5 * INCH };
    const n = numbers(planned('yoke-dress', choices, { body }));
    expect(n['yoke-quarter']! / INCH).toBeCloseTo(9.5, 9);
    expect(n['front-skirt-length']! / INCH).toBeCloseTo(29, 9);
    expect(n['back-skirt-length']! / INCH).toBeCloseTo(24, 9);
    expect([n['strip-rows-front'], n['strip-rows-back']]).toEqual([4, 8]);
  });
  it('of a 36 inch chest takes 144 inches of skirt at 4 to 1', () => {
    const n = numbers(
      planned('yoke-dress', { yokeEase: 0, fullness: 4 }, { body: { ...MEASURED, 'bust-girth': 36 * INCH }, cloth: { weight: 'light' } }),
    );
    expect((n['skirt-flat-front']! + n['skirt-flat-back']!) / INCH).toBeCloseTo(144, 9);
  });
  it('measures its bindings along the drawn curves: an arc behind, half an ellipse in front', () => {
    const [half, depth, seam] = [75, 75, 15];
    // behind: the arc over a chord of 150 that is 25 deep (geometry); in front: Ramanujan's perimeter of the ellipse, within 1 %
    const behind = depth / 3;
    const radius = (half ** 2 + behind ** 2) / (2 * behind);
    const arc = 2 * radius * Math.asin(half / radius);
    const h = ((half - depth) / (half + depth)) ** 2;
    const front = (Math.PI * (half + depth) * (1 + (3 * h) / (10 + Math.sqrt(4 - 3 * h)))) / 2;
    const n = numbers(planned('yoke-dress', { neckHalfWidth: half, neckDepth: depth, seam }));
    expect(n['neck-binding']! / (arc + front + 2 * seam)).toBeCloseTo(1, 2);
  });
  it('sews a deeper back yoke’s side to the front of the skirt, so that both sides are equally long', () => {
    const plan = planned('yoke-dress', { backYoke: 300 });
    for (const id of ['side-1', 'side-2']) expect(plan.joins.find((join) => join.id === id)!.ease ?? 0).toBeLessThan(0.5);
  });
});

describe('an A-line dress', () => {
  it('takes a T-shirt laid flat as it is, or half the bust with its ease', () => {
    expect(numbers(planned('aline-dress', {}, { body: { 'shoulder-width': 390, flatChest: 500 } }))['flat-chest']).toBe(500);
    expect(numbers(planned('aline-dress'))['flat-chest']).toBe(920 / 2 + 40);
  });
  it('has a keyhole half as long as what the head lacks, and none where the neck is wide enough', () => {
    const n = numbers(planned('aline-dress'));
    expect(n['head-slit']).toBeCloseTo((560 - n['neck-opening']!) / 2, 9);
    const wide = planned('aline-dress', { neckWidth: 300, neckDrop: 150 });
    expect(numbers(wide)['head-slit']).toBe(0);
    expect(wide.pieces.some(({ id }) => id === 'keyhole')).toBe(false);
  });
  it('closes each dart on itself, so that front and back sides are equally long', () => {
    const plan = planned('aline-dress', { dart: true, dartWidth: 40 });
    const side = (piece: string) =>
      sideOf(
        plan.pieces.find(({ id }) => id === piece)!,
        'side-right',
      ).length;
    expect(side('front') - side('back')).toBeCloseTo(40, 6);
    expect(plan.joins.find(({ id }) => id === 'side-1')!.ease ?? 0).toBeLessThan(0.5);
  });
  it('folds its ruffles double from strips of 10 to 15 cm', () => {
    const n = numbers(planned('aline-dress', { hemRuffle: true, ruffleDouble: true, ruffleHeight: 50 }));
    expect(n['ruffle-cut-width']).toBeGreaterThanOrEqual(100);
    expect(n['ruffle-cut-width']).toBeLessThanOrEqual(150);
  });
});

describe('a panel robe', () => {
  const body = { 'wrist-span': 1650, 'back-neck-width': 200 };
  const robe = (cloth: PlanRequest['cloth'], choices = {}) =>
    planFor({ construction: 'panel-robe', body, choices: { length: 1500, ...choices }, cloth });

  it('of a 165 cm span has panels of 55 cm and shoulder seams of 17.5; three metres upright, 2.2 across', () => {
    const upright = robe({ width: 1100, selvedge: 0 });
    expect(numbers(upright)).toMatchObject({ 'panel-width': 550, 'shoulder-seam': 175, 'cloth-needed-upright': 3000, 'cloth-needed-across': 2200 });
    expect(upright.lay.length).toBeCloseTo(3000, 3);
    expect(robe({ width: 1500, selvedge: 0, print: 'across' }).lay.length).toBeCloseTo(2200, 3);
  });
  it('cuts four strips of 14 cm for all its bands from 60 cm of a second cloth 150 cm wide', () =>
    expect(numbers(robe({ width: 1500, selvedge: 0 }))['contrast-to-buy']).toBe(600));
  it('takes its allowances out of the panels: as cut they are the panels, and the finished span is four seams less', () => {
    const plan = robe({ width: 1100, selvedge: 0 });
    const back = plan.pieces.find(({ id }) => id === 'back')!;
    const xs = back.cut.map(({ from }) => from[0]);
    const ys = back.cut.map(({ from }) => from[1]);
    expect(Math.max(...xs) - Math.min(...xs)).toBeCloseTo(550, 6);
    expect(Math.max(...ys) - Math.min(...ys)).toBeCloseTo(1500, 6);
    expect(numbers(plan)['finished-span']).toBe(1650 - 40);
  });
  it('cuts the front from 17.5 cm at the top to 40 cm down the edge', () => {
    const front = robe({ width: 1100, selvedge: 0 }).pieces.find(({ id }) => id === 'front-left')!;
    const neck = front.cut.find(({ name }) => name === 'neck')!;
    const top = Math.max(...front.cut.map(({ from }) => from[1]));
    const outer = Math.max(...front.cut.map(({ from }) => from[0]));
    expect(outer - neck.from[0]).toBeCloseTo(175, 3);
    expect(top - neck.from[1]).toBeCloseTo(0, 6);
    // the straight of the neck, lengthened, meets the inner edge 40 cm down
    const slope = (neck.from[1] - neck.to[1]) / (neck.from[0] - neck.to[0]);
    expect(top - (neck.from[1] - slope * neck.from[0])).toBeCloseTo(400, 3);
  });
  it('is halved for a sample: body and lengths, not the seam', () => {
    const n = numbers(robe({ width: 1100, selvedge: 0 }, { sampleSize: 'half' }));
    expect(n['panel-width']).toBe(275);
    expect(n['finished-span']).toBe(825 - 40);
  });
});

describe('a rectangle jumper', () => {
  it('of a 44 cm neck has a hole of 7.0 cm and a collar of 44 by 18 with 1 cm on each side', () => {
    const n = numbers(planned('rectangle-jumper', { length: 480, span: 1420 }, { body: { ...MEASURED, 'neck-girth': 440 } }));
    expect(n['neck-radius']! / 10).toBeCloseTo(7.0, 1);
    expect([n['collar-cut-length'], n['collar-cut-width']]).toEqual([460, 200]);
  });
  it('asks the knit to give as much as the head needs', () => {
    const n = numbers(planned('rectangle-jumper'));
    expect(n['neck-stretch-needed']).toBeCloseTo(560 / 370 - 1, 9);
    expect(check(planned('rectangle-jumper'), 'passes-over-head')?.verdict).toBe('stop');
    expect(check(planned('rectangle-jumper', { neckEase: 60 }), 'passes-over-head')?.verdict).not.toBe('stop');
  });
  it('lowers the whole hole towards the front, which stays as long', () => {
    const [even, low] = [0, 25].map((neckLowered) => planned('rectangle-jumper', { neckLowered }).pieces[0]!);
    expect(sideOf(even!, 'neck').length).toBeCloseTo(sideOf(low!, 'neck').length, 9);
  });
});

describe('a gusset tunic', () => {
  it('has the finished sizes its formulas say', () => {
    const n = numbers(planned('gusset-tunic'));
    expect(n).toMatchObject({ 'body-panel-width': 520, 'sleeve-width': 350, 'gore-height': 480, 'hem-sweep': 1540, 'gusset-cut': 130 });
  });
  it('trues its gores: both edges are as long as the side they are sewn to', () => {
    const plan = planned('gusset-tunic', { goreHem: 500 });
    for (const join of plan.joins.filter(({ step }) => step === 'gores')) expect(join.ease ?? 0).toBeLessThan(0.5);
  });
});

describe('what can’t be is refused by name, with what would do', () => {
  it.each<[string, string, PlanRequest['choices'], Partial<PlanRequest>?]>([
    ['rows closer than the foot', 'shirred-dress', { rowSpacing: 2 }],
    ['straps of no width', 'shirred-dress', { strapWidth: 0 }],
    ['a bobbin that ends inside its first row', 'shirred-dress', { bobbinMetres: 1, fullness: 3 }],
    ['sleeves on three panels', 'shirred-dress', { sleeves: true, panels: 3 }],
    ['sleeves narrower than the arm', 'shirred-dress', { sleeves: true, sleeveWidth: 210 }],
    ['a neck wider than the shoulders', 'yoke-dress', { neckHalfWidth: 200 }],
    ['a yoke longer than the dress', 'yoke-dress', { length: 300, frontYoke: 400 }],
    ['strips that lie over each other', 'yoke-dress', { stripSpacing: 5 }],
    ['a neck wider than the shoulders of an A-line', 'aline-dress', { neckWidth: 400 }],
    ['a flat chest under the body’s half', 'aline-dress', {}, { body: { ...MEASURED, flatChest: 400 } }],
    ['sleeves wider than the armhole takes', 'gusset-tunic', { sleeveEase: 300, gusset: 200 }],
    ['a collar on a neck that is all allowance', 'rectangle-jumper', { neckEase: -60, seam: 40 }, { body: { ...MEASURED, 'neck-girth': 300 } }],
    ['bands that are all seam', 'panel-robe', { bandWidth: 40, seam: 20 }],
  ])('%s', (_, construction, choices, rest = {}) => {
    const { field, nearest } = refused(() => planned(construction, choices, rest)) as Unmakeable;
    expect(field).toMatch(/^(choices|body)\./);
    expect(nearest).toBeTypeOf('number');
    const [part, id] = field.split('.') as ['choices' | 'body', string];
    const mended =
      part === 'choices'
        ? planned(construction, { ...choices, [id]: nearest! }, rest)
        : planned(construction, choices, { ...rest, body: { ...rest.body, [id]: nearest as number } });
    expect(mended.pieces.length).toBeGreaterThan(0);
  });
});
