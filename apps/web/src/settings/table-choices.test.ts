import { expect, it } from 'vitest';
import { CONSTRUCTIONS, planFor } from '@arcus/core';
import { tableChoices } from './table-choices.ts';

it('what is there by default chooses nothing; nor does what nobody has said yet', () => {
  for (const construction of CONSTRUCTIONS) {
    expect(tableChoices(construction, { machine: 'zigzag', finish: 'zigzag', pace: 'beginner' })).toEqual({});
    expect(tableChoices(construction, undefined)).toEqual({});
  }
});

it('what was said goes into every new make as a choice of its own, and the plan follows', () => {
  const table = { machine: 'hands', finish: 'zigzag', pace: 'practised' } as const;
  for (const construction of CONSTRUCTIONS)
    expect(tableChoices(construction, table), construction.id).toEqual({ machine: 'hands', pace: 'practised' });
  const circle = CONSTRUCTIONS.find(({ id }) => id === 'circle-skirt')!;
  const plan = planFor({ construction: 'circle-skirt', body: { 'waist-girth': 700, 'hip-girth': 960 }, choices: tableChoices(circle, table) });
  expect(plan.steps.find(({ id }) => id === 'sides')!.stitch).toBe('backstitch');
});
