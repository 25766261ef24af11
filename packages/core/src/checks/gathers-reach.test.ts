import { describe, expect, it } from 'vitest';
import { CONSTRUCTIONS } from '../garments/index.ts';
import { planFor } from '../plan/plan.ts';
import { requestOfMake } from '../study/request-of.ts';
import type { PlanRequest } from '../plan/request.ts';
import { everyOption } from '../testing/every-option.ts';

const request: PlanRequest = {
  construction: 'gathered-skirt',
  body: { 'waist-girth': 700, 'hip-girth': 960 },
  choices: { waist: 'fitted-band', fullness: 3 },
  cloth: { weight: 'light' },
};
const reach = (of: PlanRequest) => planFor(of).checks.find(({ id }) => id === 'gathers-reach');

describe('too much can be eased out, too little cannot be added (handbook 5)', () => {
  it('a strip that gathered less far than the plan asks is told before anything is cut', () => {
    const strips = (after: number) => ({
      swatches: [{ kind: 'gather' as const, clothId: 'c', elasticId: null, way: 'across' as const, before: 300, after, steamed: null, takenOn: '2027-01-01' }], // prettier-ignore
      outcomes: [],
      declined: [],
    });
    const make = { id: 'm', construction: request.construction, choices: request.choices! };
    const of = (after: number) => reach(requestOfMake(make, { body: request.body, cloth: { id: 'c', weight: 'light' }, experience: strips(after) }));
    expect(of(140)).toMatchObject({ verdict: 'caution', numbers: { reach: 300 / 140 } });
    expect(of(140)!.says).toContain('your figure, from 1 swatch of this cloth');
    expect(of(90)).toMatchObject({ verdict: 'ok' });
  });

  it('its way out is one: taken, what is gathered can be reached', () => {
    const asked = { ...request, figures: { 'gather-reach': 2 } };
    const [way] = reach(asked)!.waysOut!;
    const after = reach({ ...asked, choices: { ...asked.choices, ...way!.choices } })!;
    expect(after.verdict).toBe('ok');
    expect(after.numbers['gathered']).toBeLessThanOrEqual(2);
    expect(after.numbers['gathered']).toBeGreaterThan(1.8);
  });

  it.each(CONSTRUCTIONS)('$id: is looked at wherever an edge is gathered, as far as the strip of its step, and nowhere else', (construction) => {
    for (const [says, plan] of everyOption(construction)) {
      // the strip that is tried first is told in the step itself: "30 cm should come out 12.5 cm long (2.40 to 1)"
      const strips = plan.steps.flatMap(({ how }) => (/should come out [^(]+\(([\d.]+) to 1\)/.exec(how)?.slice(1) ?? []).map(Number));
      const check = plan.checks.find(({ id }) => id === 'gathers-reach');
      expect(check !== undefined, says).toBe(strips.length > 0);
      if (check) expect(check.numbers['gathered'], says).toBeCloseTo(Math.max(...strips), 2);
    }
  });
});
