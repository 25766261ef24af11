import { describe, expect, it } from 'vitest';
import { CONSTRUCTIONS } from '../garments/index.ts';
import { planFor } from '../plan/plan.ts';
import { MEASURED } from '../testing/every-skirt.ts';
import { tryOnOf } from './try-on.ts';

describe('what to look at while it is tried on', () => {
  it.each(CONSTRUCTIONS.map(({ id }) => id))('%s: of this garment, nothing it has not got', (construction) => {
    const plan = planFor({ construction, body: MEASURED });
    const says = tryOnOf(plan).join(' ');
    expect(/zip/.test(says)).toBe(plan.joins.some(({ how }) => how === 'zip'));
    expect(/elastic leave marks/.test(says)).toBe(plan.quantities.some(({ id }) => /^(bust-)?elastic-finished$/.test(id!)));
    expect(/shirring/.test(says)).toBe(plan.quantities.some(({ id }) => id === 'shirr-relaxed'));
    expect(tryOnOf(plan).length).toBeGreaterThanOrEqual(3);
  });
  it('for a child it asks for cords and loose ends, against the light only where one may see through', () => {
    const child = planFor({ construction: 'child-tube-skirt', body: { 'waist-girth': 540 }, wearer: 'child' });
    expect(tryOnOf(child).join(' ')).toContain('no cords');
    const of = (weight: 'light' | 'heavy') => tryOnOf(planFor({ construction: 'circle-skirt', body: MEASURED, cloth: { weight } })).join(' ');
    expect(of('light')).toContain('Against the light');
    expect(of('heavy')).not.toContain('Against the light');
  });
});
