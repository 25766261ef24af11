import { describe, expect, it } from 'vitest';
import { planFor, type Plan } from '../plan/plan.ts';
import type { PlanRequest } from '../plan/request.ts';
import { EVERY_SKIRT } from '../testing/every-skirt.ts';
import { minutesOf } from './sewing.ts';
import { FIGURES } from '../figure/figures.ts';
import { STITCHES } from './stitches.ts';

const plan = (request: PlanRequest): Plan => planFor(request, () => ({ length: 1000, utilisation: 0.5, placements: [] }));
const at = ({ steps }: Plan, found: (id: string, kind: string) => boolean) => steps.findIndex(({ id, kind }) => found(id, kind));

describe.each(EVERY_SKIRT)('sewing a %s', (_, request) => {
  const made = plan(request);

  it('tests on a scrap, chalks, cuts, and only then sews', () => {
    const [test, chalk, cut] = ['test', 'chalk', 'cut'].map((wanted) => at(made, (id) => id === wanted));
    const sewn = at(made, (_id, kind) => kind === 'sew');
    expect(test!).toBeLessThan(chalk!);
    expect(chalk!).toBeLessThan(cut!);
    expect(cut!).toBeLessThan(sewn);
  });

  it('tries on before the hem, and hems last of all sewing (handbook 14)', () => {
    const fit = at(made, (_id, kind) => kind === 'fit');
    const hem = at(made, (id) => id === 'hem');
    if (hem < 0) return;
    expect(fit).toBeGreaterThan(-1);
    expect(fit).toBeLessThan(hem);
    expect(made.steps.slice(hem + 1).every(({ kind }) => kind !== 'sew')).toBe(true);
  });

  it('washes unwashed cloth first of all and waits for it to dry (handbook 2)', () => {
    const unwashed = plan({ ...request, cloth: { ...request.cloth, prewashed: false, shrinkAlong: 0.05 } });
    expect(unwashed.steps[0]).toMatchObject({ id: 'wash', kind: 'wait' });
    expect(unwashed.steps[0]!.waitHours).toBeGreaterThan(0);
    expect(made.steps.some(({ id }) => id === 'wash')).toBe(false);
  });

  it('gives every machine seam its stitch with length and width, and says how', () => {
    for (const { kind, seam, stitch, stitchLength, stitchWidth, how, id } of made.steps) {
      expect(how.length, id).toBeGreaterThan(10);
      if (kind !== 'sew' || !seam) continue;
      expect(Object.keys(STITCHES), id).toContain(stitch);
      expect(stitchLength, id).toBeGreaterThan(0);
      // ISO 4915: a 301 lockstitch is straight, a zigzag or overlock is not
      if (stitch === '301') expect(stitchWidth ?? 0, id).toBe(0);
      else expect(stitchWidth, id).toBeGreaterThan(0);
    }
  });

  it('finishes raw edges on cloth that frays and on no other (handbook 13)', () => {
    const finishing = (frays: boolean) =>
      plan({ ...request, cloth: { ...request.cloth, frays } }).steps.filter(({ id }) => id.startsWith('finish')).length;
    expect(finishing(false)).toBe(0);
    expect(finishing(true)).toBeGreaterThan(0);
  });

  it('adds up its thread and its minutes from the steps, waits apart (contract)', () => {
    const thread =
      made.steps.reduce((sum, { seam, stitch }) => sum + (seam && stitch ? seam.value * FIGURES[STITCHES[stitch].figure]!.value : 0), 0) * 1.15;
    const minutes = made.steps.reduce((sum, { setUp, seam }) => sum + setUp + (seam?.value ?? 0) / 500, 0);
    const value = (id: string) => made.quantities.find((each) => each.id === id)!.value;
    expect(value('thread-length')).toBeCloseTo(thread, 3);
    expect(value('sewing-minutes')).toBeCloseTo(minutes, 6);
    const quick = plan({ ...request, choices: { ...request.choices, pace: 'practised' } });
    expect(quick.quantities.find(({ id }) => id === 'sewing-minutes')!.value).toBeLessThan(value('sewing-minutes'));
  });

  it('lists on the shopping list what the steps use', () => {
    const bought = new Set(made.shopping.map(({ id }) => id));
    expect(bought.has('cloth')).toBe(true);
    expect(bought.has('thread')).toBe(true);
    expect(bought.has('elastic')).toBe(made.quantities.some(({ id }) => id === 'elastic-cut'));
    expect(bought.has('zip')).toBe(made.quantities.some(({ id }) => id === 'zip-length'));
  });
});

it('sews a knit’s seams with stitches that stretch: never a plain 301 (handbook 9)', () => {
  for (const [name, request] of EVERY_SKIRT) {
    const cloth = { ...request.cloth, kind: 'knit' as const, stretchAcross: 0.6, stretchAlong: 0.3 };
    for (const { id, stitch } of plan({ ...request, cloth }).steps.filter((step) => ['sides', 'band', 'waist', 'hem'].includes(step.id)))
      expect(stitch, `${name} ${id}`).not.toBe('301');
  }
});

it('reckons a beginner at half a metre of seam a minute, a practised hand at one and a half (handbook 13)', () => {
  expect([FIGURES['pace-beginner']!.value, FIGURES['pace-practised']!.value]).toEqual([500, 1500]);
  const [, request] = EVERY_SKIRT[0]!;
  const sides = plan(request).steps.find(({ id }) => id === 'sides')!;
  expect(minutesOf(sides, 500) - sides.setUp).toBeCloseTo(sides.seam!.value / 500, 9);
  expect(plan({ ...request, choices: { ...request.choices, pace: 'practised' } }).pace).toBe(1500);
});
