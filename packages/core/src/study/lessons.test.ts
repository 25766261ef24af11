import { describe, expect, it } from 'vitest';
import { CONSTRUCTIONS } from '../garments/index.ts';
import { planFor } from '../plan/plan.ts';
import type { PlanRequest } from '../plan/request.ts';
import { explained } from './explained.ts';
import { MEASURED } from '../testing/every-skirt.ts';
import { lessonsOf } from './lessons.ts';
import { worthLogging } from './worth-logging.ts';

const request: PlanRequest = { construction: 'circle-skirt', body: { 'waist-girth': 700, 'hip-girth': 960 }, choices: { length: 600 } };
const plan = planFor(request);
const planned = Object.fromEntries(plan.quantities.map(({ id, value }) => [id!, value]));
const again = (change: object) => planFor({ ...request, choices: { ...request.choices, ...change } });
const valueOf = (made: ReturnType<typeof planFor>, id: string) => made.quantities.find((each) => each.id === id)!.value;

describe('a difference explained', () => {
  it('1.6 cm more waist: the hole cut 2.5 mm larger (d = 2 pi r), or two seams sewn 4 mm nearer to the edge', () => {
    const says = explained(plan, 'finished-girth', 700, 716).join('; ');
    expect(says).toContain('the hole cut 0.3 cm farther from the centre');
    expect(says).toContain('each of the 2 seams sewn 0.4 cm nearer to the edge');
    expect(says).toContain('waist taken 1.6 cm too small');
    expect(says).toContain('stretched before it was stay-stitched');
  });

  it('says nothing where it came out as planned, and of time how much of it was taken', () => {
    expect(explained(plan, 'finished-girth', 700, 701)).toEqual([]);
    expect(explained(plan, 'sewing-minutes', 200, 300)[0]).toContain('150 %');
    expect(explained(plan, 'no-such-thing', 1, 2)).toEqual([]);
  });
});

describe('made again', () => {
  it('what came out too large or too long is planned by so much less: with the same hand it comes out right', () => {
    const [girth, length] = lessonsOf({ planned, actuals: { 'finished-girth': planned['finished-girth']! + 16, 'finished-length': 612 } }, request);
    expect(valueOf(again(girth!.change), 'finished-girth')).toBeCloseTo(planned['finished-girth']! - 16, 6);
    expect(valueOf(again(length!.change), 'finished-length')).toBeCloseTo(588, 6);
    expect(girth!.says).toBe('The waist came out 1.6 cm too large: less ease this time');
  });

  it('an elastic that was cut otherwise is begun with', () => {
    const gathered: PlanRequest = { ...request, construction: 'gathered-skirt' };
    const before = planFor(gathered);
    const cut = valueOf(before, 'elastic-cut');
    const [elastic] = lessonsOf(
      { planned: Object.fromEntries(before.quantities.map(({ id, value }) => [id!, value])), actuals: { 'elastic-cut': cut - 30 } },
      gathered,
    );
    expect(valueOf(planFor({ ...gathered, choices: { ...gathered.choices, ...elastic!.change } }), 'elastic-cut')).toBeCloseTo(cut - 30, 6);
  });

  it('what can’t be made is not proposed, and what came out right teaches nothing', () => {
    expect(lessonsOf({ planned, actuals: { 'finished-length': 1_400 } }, request)).toEqual([]);
    expect(lessonsOf({ planned, actuals: { 'finished-girth': planned['finished-girth']! + 2 } }, request)).toEqual([]);
  });
});

describe('of every construction', () => {
  it.each(CONSTRUCTIONS.map(({ id }) => id))(
    '%s: every number that came out otherwise is explained in lengths, twice the difference by twice the amount',
    (construction) => {
      const made = planFor({ construction, body: MEASURED }, () => ({ length: 1000, utilisation: 0.5, placements: [] }));
      for (const { id, value, unit } of worthLogging(made)) {
        if (unit !== 'mm') continue;
        const [once, twice] = [explained(made, id!, value, value + 40), explained(made, id!, value, value + 80)];
        expect(`${once.join()} ${twice.join()}`).not.toMatch(/NaN|undefined|Infinity/);
        expect(twice).toHaveLength(once.length);
        once.forEach((says, i) => {
          const [a, b] = [says, twice[i]!].map((each) => Number(/([\d.]+) cm/.exec(each)?.[1] ?? 0));
          // both are read to a millimetre
          expect(Math.abs(b! - 2 * a!), `${id}: ${says} / ${twice[i]}`).toBeLessThanOrEqual(0.16);
        });
      }
    },
  );
});
