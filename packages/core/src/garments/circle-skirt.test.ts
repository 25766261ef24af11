import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { Unmakeable } from '../errors/unmakeable.ts';
import { lengthOf } from '../geometry/edge.ts';
import { outlineArea } from '../geometry/area.ts';
import { boundsOf } from '../geometry/bounds.ts';
import { planFor } from '../plan/plan.ts';
import { anyBody, NEAR, RUNS } from '../testing/bodies.ts';
import { checkOf, circlePlan, numbersOf, TOVE } from '../testing/plan-numbers.ts';
import { INCH } from '../units/units.ts';

const circle = (body: Record<string, number>, choices = {}) => numbersOf({ construction: 'circle-skirt', body, choices });

describe('radii of a circle skirt', () => {
  // handbook 4, check values (common practice): girth 32 in, full circle: 5.1 in; girth 28 in: full 4.46, half 8.91, quarter 17.83 in
  it.each([
    [32, 1, 5.1, 0.05],
    [28, 1, 4.46, 0.005],
    [28, 0.5, 8.91, 0.005],
    [28, 0.25, 17.83, 0.005],
  ])('girth %f in, %f of a circle: %f in', (girth, fraction, radius, to) => {
    const value = circle({ 'waist-girth': girth * INCH, 'hip-girth': 40 * INCH }, { fraction })('waist-radius') / INCH;
    expect(Math.abs(value - radius)).toBeLessThanOrEqual(to);
  });

  it('the inner seam arcs of all panels together are the waist seam, to 0.1 mm, on any body and any part of a circle', () => {
    fc.assert(
      fc.property(
        anyBody,
        fc.constantFrom(0.25, 1 / 3, 0.5, 0.75, 1, 1.5, 2),
        fc.constantFrom('zip', 'stretch', 'pull-on'),
        fc.integer({ min: 200, max: 800 }),
        (body, fraction, closure, length) => {
          const plan = planFor({ construction: 'circle-skirt', body, choices: { fraction, closure, length }, cloth: { width: 2800 } }, () => ({
            length: 1,
            utilisation: 0,
            placements: [],
          }));
          const skirt = plan.pieces.find((piece) => piece.id === 'skirt')!;
          const arcs = lengthOf([...skirt.seam, ...skirt.seamHoles.flat()], 'waist') * skirt.copies;
          const girth = closure === 'pull-on' ? body['hip-girth'] + 50 : body['waist-girth'];
          expect(Math.abs(arcs - girth)).toBeLessThan(0.1);
          const hem = lengthOf(skirt.seam, 'hem') * skirt.copies;
          expect(Math.abs(hem - (girth + 2 * Math.PI * fraction * length))).toBeLessThan(0.1);
        },
      ),
      RUNS,
    );
  });

  it('agrees with the handbook formulas on hundreds of bodies', () => {
    fc.assert(
      fc.property(anyBody, fc.double({ min: 0.25, max: 2, noNaN: true }), fc.integer({ min: 100, max: 900 }), (body, fraction, length) => {
        const q = numbersOf({ construction: 'circle-skirt', body, choices: { fraction, length, closure: 'pull-on' }, cloth: { width: 4000 } });
        const girth = body['hip-girth'] + 50;
        const r = girth / fraction / 6.283185307179586;
        expect(Math.abs(q('waist-radius') - r)).toBeLessThan(NEAR);
        expect(Math.abs(q('waist-radius-cut') - (r - 15))).toBeLessThan(NEAR);
        expect(Math.abs(q('hem-radius-cut') - (r + length + 12))).toBeLessThan(NEAR);
        expect(Math.abs(q('panel-angle') * q('panels') - 360 * fraction)).toBeLessThan(1e-6);
        expect(Math.abs(q('fullness') - girth / body['waist-girth'])).toBeLessThan(1e-9);
        expect(Math.abs(q('elastic-cut') - (body['waist-girth'] + 20))).toBeLessThan(NEAR);
      }),
      RUNS,
    );
  });

  it('cuts the waist hole smaller than the seam by its allowance', () => {
    const skirt = circlePlan({ closure: 'stretch' }, { kind: 'knit', stretchAcross: 0.5 }).pieces[0]!;
    expect(Math.abs(outlineArea(skirt.cutHoles[0]!))).toBeLessThan(Math.abs(outlineArea(skirt.seamHoles[0]!)));
    expect(lengthOf(skirt.seamHoles[0]!, 'waist') - lengthOf(skirt.cutHoles[0]!, 'waist')).toBeCloseTo(2 * Math.PI * 10, 6);
  });
});

describe('panels', () => {
  it('are two for a full circle with a zip, one where nothing must open', () => {
    expect(circle(TOVE)('panels')).toBe(2);
    expect(circle(TOVE, { closure: 'stretch' })('panels')).toBe(1);
  });

  it('of half a circle take what geometry says of the cloth: lying 2 (r + length + hem), the height r + length + hem + seam', () => {
    const box = boundsOf(circlePlan().pieces[0]!.cut);
    const reach = 700 / 2 / Math.PI + 600 + 12;
    expect(box.width).toBeCloseTo(2 * reach, 6);
    expect(box.height).toBeCloseTo(reach + 15, 6);
  });

  it('stand on end on narrow cloth before they are cut in more parts (handbook 4)', () => {
    const plan = circlePlan({}, { width: 900 });
    expect(plan.pieces[0]).toMatchObject({ copies: 2, turns: [90, 270] });
  });

  it('become more where not even that fits, and say so', () => {
    const plan = circlePlan({ length: 800 }, { width: 700 });
    expect(plan.pieces[0]!.copies).toBeGreaterThan(2);
    expect(checkOf(plan, 'cloth-wide-enough').verdict).toBe('caution');
  });

  it('all point one way on one-way cloth', () => {
    expect(circlePlan({}, { oneWay: true }).pieces[0]!.turns).toEqual([0]);
    expect(circlePlan({}, { oneWay: true, print: 'across', width: 3000 }).pieces[0]!.turns).toEqual([90]);
  });

  it('above 330 degrees that must open are slit: no allowance is left for the sides', () => {
    const plan = circlePlan({ fraction: 0.95, panels: 1, length: 400 });
    expect(plan.pieces[0]!.seam.filter((edge) => edge.name.startsWith('side')).map((edge) => edge.allowance)).toEqual([0, 0]);
    const whole = circlePlan({ fraction: 1, panels: 1, length: 400 });
    expect(whole.pieces[0]!.lines.map((line) => line.name)).toEqual(['slit']);
  });

  it('can be chosen, but not fewer than there are circles', () => {
    expect(() => circlePlan({ fraction: 1.5, panels: 1 })).toThrow(Unmakeable);
    expect(circle(TOVE, { panels: 4 })('panel-angle')).toBe(90);
  });
});

describe('what the cloth changes (handbook 2)', () => {
  it('stops a 95 cm hip at a 70 cm zip-less woven waist, with ways out that work', () => {
    const body = { 'waist-girth': 700, 'hip-girth': 950 };
    const check = checkOf(circlePlan({ closure: 'stretch' }, {}, body), 'passes-over-hip');
    expect(check.verdict).toBe('stop');
    expect(check.says).toMatch(/70\.0 cm.*95\.0 cm.*25\.0 cm are missing/);
    const ways = check.waysOut!.filter((way) => way.choices);
    expect(ways.length).toBeGreaterThanOrEqual(2);
    for (const way of ways) expect(checkOf(circlePlan({ closure: 'stretch', ...way.choices }, {}, body), 'passes-over-hip').verdict).toBe('ok');
  });

  it('lets the same waist pass in a knit that stretches far enough', () => {
    const knit = { kind: 'knit', stretchAcross: 0.4 } as const;
    expect(checkOf(circlePlan({ closure: 'stretch' }, knit, { 'waist-girth': 700, 'hip-girth': 950 }), 'passes-over-hip').verdict).toBe('ok');
  });

  it('asks for washing and buys for the shrinkage', () => {
    const washed = circlePlan();
    const raw = circlePlan({}, { prewashed: false, shrinkAlong: 0.05 });
    expect(checkOf(raw, 'prewash').verdict).toBe('caution');
    expect(raw.lay.buy).toBe(Math.ceil(washed.lay.length / 0.95 / 100) * 100);
    expect(raw.steps[0]!.id).toBe('wash');
    expect(raw.steps[0]!.waitHours).toBeGreaterThan(0);
  });

  it('counts neither selvedges nor what shrinks across as usable', () => {
    expect(circlePlan({}, { width: 1600, selvedge: 15, prewashed: false, shrinkAcross: 0.03 }).lay.usableWidth).toBeCloseTo(1600 * 0.97 - 30, 9);
  });

  it('lines sheer cloth 5 cm shorter', () => {
    const bare = circlePlan({}, { sheer: true });
    const check = checkOf(bare, 'needs-lining');
    expect(check.verdict).toBe('caution');
    const lined = circlePlan({ ...check.waysOut![0]!.choices }, { sheer: true });
    expect(checkOf(lined, 'needs-lining').verdict).toBe('ok');
    expect(lined.quantities.find((each) => each.id === 'lining-length')!.value).toBe(550);
    expect(lined.otherLays.lining!.length).toBeGreaterThan(0);
  });

  it('hangs heavy cloth twice as long and doubts a full circle of it', () => {
    expect(checkOf(circlePlan({}, { weight: 'heavy' }), 'hang-before-hem').numbers['hours']).toBe(48);
    expect(checkOf(circlePlan({}, { weight: 'light' }), 'hang-before-hem').numbers['hours']).toBe(24);
    expect(checkOf(circlePlan({}, { weight: 'heavy' }), 'weight-suits').verdict).toBe('caution');
  });

  it('finishes no edges on cloth that does not fray', () => {
    expect(circlePlan({}, { frays: false }).steps.some((step) => step.id.startsWith('finish'))).toBe(false);
  });
});

describe('buying and sewing', () => {
  it('buys the lay and the reserve, rounded up to what shops cut: 10 cm, or an eighth of a yard', () => {
    const cm = circlePlan({ reserve: 150 });
    expect(cm.lay.buy).toBe(Math.ceil((cm.lay.length + 150) / 100) * 100);
    const inches = planFor({ construction: 'circle-skirt', body: TOVE, units: 'in' });
    expect(inches.lay.buy / 114.3).toBeCloseTo(Math.ceil(inches.lay.length / 114.3), 9);
  });

  it('needs thread as the consumption tables say (from memory): 301 2.5, 304 7, and 15 % waste', () => {
    const plan = circlePlan();
    const figure: Record<string, number> = { '301': 2.5, '304': 7, '504': 14, '514': 18 };
    const sum = plan.steps.reduce((all, step) => all + (step.seam?.value ?? 0) * (step.stitch ? figure[step.stitch]! : 0), 0);
    expect(plan.quantities.find((each) => each.id === 'thread-length')!.value).toBeCloseTo(sum * 1.15, 4);
  });

  it('hems last but for the iron, after it has hung', () => {
    const ids = circlePlan({ closure: 'pull-on' }).steps.map((step) => step.id);
    const order = ['stay-stitch', 'sides', 'band', 'elastic', 'try-on', 'hang', 'hem', 'press'].map((id) => ids.indexOf(id));
    expect(order).toEqual([...order].sort((a, b) => a - b));
    expect(order[0]).toBeGreaterThan(0);
  });

  it('practises in half size: body and lengths shrink, allowances and elastic width stay (handbook 10)', () => {
    const [full, half] = [
      circle(TOVE, { closure: 'pull-on', pullOnEase: 0 }),
      circle(TOVE, { closure: 'pull-on', pullOnEase: 0, sampleSize: 'half' }),
    ];
    expect(half('hem-radius')).toBeCloseTo(full('hem-radius') / 2, 9);
    expect(half('waist-radius') - half('waist-radius-cut')).toBe(15);
    expect(half('band-cut-width')).toBe(full('band-cut-width'));
  });
});

describe('what can’t be drawn', () => {
  it('says so where the allowance eats the hole, and names a part of a circle that goes', () => {
    const body = { 'waist-girth': 500, 'hip-girth': 560 };
    try {
      circle(body, { fraction: 4, seam: 30 });
      expect.unreachable();
    } catch (error) {
      expect(error).toBeInstanceOf(Unmakeable);
      const { nearest } = error as Unmakeable;
      expect(circle(body, { fraction: nearest, seam: 30 })('waist-radius-cut')).toBeGreaterThan(0);
    }
  });
});
