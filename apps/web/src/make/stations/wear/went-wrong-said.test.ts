import { describe, expect, it } from 'vitest';
import { faultsAt, planFor } from '@arcus/core';
import { wentWrong } from './went-wrong-said.ts';

const plan = planFor({ construction: 'circle-skirt', body: { 'waist-girth': 700, 'hip-girth': 960 } });

describe('what went wrong on the way', () => {
  it('is said with what was measured and the step it happened at, in the person’s units', () => {
    const done = ['sew:hem', 'went:hem:too-short:20'];
    expect(wentWrong(plan, done, 'cm')).toEqual(['it was cut too short, 2.0 cm (Hem)']);
    expect(wentWrong(plan, done, 'in')[0]).toContain('3/4 in');
  });
  it('says nothing of other ticks, of steps that went well, or of a fault nobody knows', () => {
    expect(wentWrong(plan, ['sew:hem', 'chalk:skirt:hem', 'went:hem:bad-luck:20', 'went:hem'], 'cm')).toEqual([]);
  });
  it('knows every fault that is offered', () => {
    for (const step of plan.steps)
      for (const fault of faultsAt(step, plan)) {
        const [said] = wentWrong(plan, [`went:${step.id}:${fault.id}:20`], 'cm');
        expect(said).toContain(fault.label.toLowerCase());
        expect(said!.includes('2.0 cm')).toBe(fault.asks !== undefined);
      }
  });
});
