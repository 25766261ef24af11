import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { halfWidth } from '../body/proportions.ts';
import { planFor } from '../plan/plan.ts';
import { EVERY_SKIRT } from '../testing/every-skirt.ts';
import { hang, ringLength } from './hang.ts';

const noLay = () => ({ length: 1, utilisation: 0, placements: [] });
const hips = (drop: number) => (drop < 100 ? 720 : 980);

describe.each(EVERY_SKIRT)('a %s as it hangs', (_, request) => {
  const plan = planFor(request, noLay);
  const hanging = hang(plan.view!, plan.cloth, hips);

  it('is never narrower than the body where its cloth reaches round, nor wider than its cloth', () => {
    for (const { drop, half, clothGirth, held } of hanging.levels) {
      expect(half).toBeLessThanOrEqual(halfWidth(clothGirth) + 1e-6);
      if (!held && clothGirth >= hips(drop)) expect(half).toBeGreaterThanOrEqual(Math.min(halfWidth(hips(drop)), halfWidth(clothGirth)) - 1e-6);
    }
  });

  it('has levels from the waist down, and folds where cloth is left over', () => {
    const drops = hanging.levels.map(({ drop }) => drop);
    expect(drops).toEqual([...drops].sort((a, b) => a - b));
    for (const { foldRatio, half, clothGirth } of hanging.levels) expect(foldRatio).toBeCloseTo(Math.max(1, halfWidth(clothGirth) / half), 9);
  });

  it('shows a hem from below that is as long as it really is', () => {
    const { radius, wave, sweep } = hanging.hem;
    expect(Math.abs(ringLength(radius, wave, hanging.folds) - sweep) / sweep).toBeLessThan(0.02);
    expect(sweep).toBeCloseTo(hanging.levels[hanging.levels.length - 1]!.clothGirth, 6);
  });
});

it('a ring without waves is a circle: 2 pi r (geometry); waves only make it longer', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 50, max: 900 }),
      fc.integer({ min: 4, max: 30 }),
      fc.double({ min: 0, max: 0.3, noNaN: true }),
      (radius, folds, share) => {
        expect(ringLength(radius, 0, folds)).toBeCloseTo(2 * Math.PI * radius, 6);
        expect(ringLength(radius, share * radius, folds)).toBeGreaterThanOrEqual(2 * Math.PI * radius - 1e-6);
      },
    ),
  );
});

it('heavy cloth stands out further than light, and folds into fewer, larger waves', () => {
  const [, request] = EVERY_SKIRT[0]!;
  const { view } = planFor(request, noLay);
  const [light, heavy] = (['light', 'heavy'] as const).map((weight) => hang(view!, { weight }, hips));
  const hem = (hanging: ReturnType<typeof hang>) => hanging.levels[hanging.levels.length - 1]!.half;
  expect(hem(heavy!)).toBeGreaterThan(hem(light!));
  expect(heavy!.folds).toBeLessThan(light!.folds);
});
