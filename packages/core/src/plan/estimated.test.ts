import { describe, expect, it } from 'vitest';
import { leavesOf } from '../quantity/sensitivity.ts';
import { planFor } from './plan.ts';

// handbook 1: a missing measure may be stood in for by a size table row, always shown as an estimate
describe('an estimated measure', () => {
  const body = { 'waist-girth': 722, 'hip-girth': 960 };
  const plan = planFor({ construction: 'gathered-skirt', body, estimated: { 'hip-girth': 'EN 13402-3, waist 72' } });

  it('is called an estimate in the formula of every number it goes into', () => {
    for (const id of ['flat-length', 'panel-cut-width']) {
      const leaves = leavesOf(plan.quantities.find((each) => each.id === id)!);
      expect(leaves.find((leaf) => leaf.id === 'hip-girth')?.label, id).toBe('Hip (estimated from EN 13402-3, waist 72)');
    }
  });

  it('asks to be measured before anything is cut', () =>
    expect(plan.checks.find(({ id }) => id === 'plausible-body')).toMatchObject({
      verdict: 'caution',
      says: expect.stringMatching(/^Hip is an estimate from EN 13402-3, waist 72: measure it before you cut\./),
    }));

  it('is refused by name where no such measure was sent, or it says nothing', () => {
    expect(() => planFor({ construction: 'gathered-skirt', body, estimated: { 'bust-girth': 'a guess' } })).toThrow('estimated.bust-girth');
    expect(() => planFor({ construction: 'gathered-skirt', body, estimated: { 'hip-girth': '' } })).toThrow('estimated.hip-girth');
  });
});
