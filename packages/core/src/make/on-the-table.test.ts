import { describe, expect, it } from 'vitest';
import { BadInput } from '../errors/bad-input.ts';
import { Unmakeable } from '../errors/unmakeable.ts';
import { CONSTRUCTIONS } from '../garments/index.ts';
import { planFor } from '../plan/plan.ts';
import { optionPairs } from '../testing/any-request.ts';
import { MEASURED } from '../testing/every-skirt.ts';
import { minutesOf } from './sewing.ts';
import { STITCHES } from './stitches.ts';

/** How it lies is no matter here. */
const unlaid = () => ({ length: 1, utilisation: 0, placements: [] });
const planWith = (construction: string, machine: string) => planFor({ construction, body: MEASURED, choices: { machine } }, unlaid);
const numberOf = (plan: ReturnType<typeof planFor>, id: string) => plan.quantities.find((each) => each.id === id)!.value;

const OF_A_MACHINE = /zigzag|bobbin|tension|handwheel|\bfeed\b|presser|\bfoot\b|NM \d|overlock/i;

it('whatever is chosen, what is sewn by hand says nothing of a machine', () => {
  for (const construction of CONSTRUCTIONS)
    for (const choices of [{}, ...optionPairs(construction).slice(0, 20)]) {
      let plan;
      try {
        plan = planFor({ construction: construction.id, body: MEASURED, choices: { ...choices, machine: 'hands' } }, unlaid);
      } catch (error) {
        if (error instanceof Unmakeable || error instanceof BadInput) continue;
        throw error;
      }
      for (const { id, how, caution = '', stitch } of plan.steps)
        if (stitch) expect(`${how} ${caution}`, `${construction.id} ${id} ${JSON.stringify(choices)}`).not.toMatch(OF_A_MACHINE);
    }
}, 120_000);

describe.each(CONSTRUCTIONS.map(({ id }) => id))('%s with what stands on the table', (construction) => {
  it('by hand: no step asks for a machine, and every seam goes at 15 cm a minute (handbook 13a)', () => {
    const plan = planWith(construction, 'hands');
    for (const { id, stitch, foot, how } of plan.steps) {
      if (stitch) expect(STITCHES[stitch].byHand, id).toBe(true);
      expect(foot, id).toBeUndefined();
      if (stitch) expect(how, id).toMatch(/By hand: |hand needle/);
    }
    const seams = plan.steps.reduce((sum, { seam }) => sum + (seam?.value ?? 0), 0);
    const handling = plan.steps.reduce((sum, { setUp }) => sum + setUp, 0);
    expect(numberOf(plan, 'sewing-minutes')).toBeCloseTo(handling + seams / 150, 6);
    expect(numberOf(plan, 'sewing-minutes')).toBeGreaterThan(numberOf(planWith(construction, 'zigzag'), 'sewing-minutes'));
    expect(plan.shopping.find(({ id }) => id === 'needle')!.what).toContain('Hand needles');
  });

  it('without zigzag: what must stretch or is kept from fraying by zigzag is done by hand, nothing by a straight stitch instead (handbook 9)', () => {
    const [zigzag, straight] = [planWith(construction, 'zigzag'), planWith(construction, 'straight')];
    straight.steps.forEach((step, i) => {
      const before = zigzag.steps[i]!;
      expect(step.id).toBe(before.id);
      if (before.stitch === '301') expect(step.stitch).toBe('301');
      else if (before.stitch) expect(STITCHES[step.stitch!].byHand, step.id).toBe(true);
    });
    const minutes = straight.steps.reduce((sum, step) => sum + minutesOf(step, straight.pace), 0);
    expect(numberOf(straight, 'sewing-minutes')).toBeCloseTo(minutes, 6);
  });
});
