import { describe, expect, it } from 'vitest';
import type { MakeView } from '@arcus/contract';
import { minutesOf, planFor, scheduleOf } from '@arcus/core';
import { todoOf } from './todo-of.ts';

const plan = planFor({ construction: 'circle-skirt', body: { 'waist-girth': 700, 'hip-girth': 960 } });
const make = (more: Partial<MakeView> = {}) =>
  ({ id: 'skirt', name: 'Skirt', dueOn: '2027-05-01', done: [], tally: {}, finishedOn: null, ...more }) as unknown as MakeView;
const before = (id: string) =>
  plan.steps
    .slice(
      0,
      plan.steps.findIndex((step) => step.id === id),
    )
    .map((step) => `sew:${step.id}`);

describe('what is left of a make', () => {
  it('is every step that is not ticked, its minutes as reckoned; a wait has hours instead', () => {
    const all = todoOf({ make: make(), plan })!;
    expect(all.steps.map(({ id }) => id)).toEqual(plan.steps.map(({ id }) => id));
    const sewn = all.steps.reduce((sum, { minutes }) => sum + minutes, 0);
    const reckoned = plan.steps.filter(({ waitHours }) => !waitHours).reduce((sum, step) => sum + minutesOf(step, plan.pace), 0);
    expect(sewn).toBeCloseTo(reckoned, 9);
    expect(all.steps.find(({ id }) => id === 'hang')).toMatchObject({ minutes: 0, waitHours: 24 });
    expect(todoOf({ make: make({ done: ['sew:test', 'sew:cut'] }), plan })!.steps.map(({ id }) => id)).not.toContain('cut');
  });

  it('is nothing once it was worn, once all is ticked, or where it can’t be drawn', () => {
    expect(todoOf({ make: make({ finishedOn: '2027-03-01' }), plan })).toBeUndefined();
    expect(todoOf({ make: make({ done: plan.steps.map(({ id }) => `sew:${id}`) }), plan })).toBeUndefined();
    expect(todoOf({ make: make() })).toBeUndefined();
  });

  it('a wait that was begun ends its hours after that, and the plan of the days knows it', () => {
    const begun = Date.parse('2027-04-05T20:00:00Z');
    const waiting = todoOf({ make: make({ done: before('hang'), tally: { 'wait:hang': [begun, 24] } }), plan })!;
    expect(waiting.waitsUntil).toBe(begun + 24 * 3_600_000);
    const { sessions } = scheduleOf([waiting], '2027-04-05', [60, 60, 60, 60, 60, 60, 60]);
    expect(sessions[0]!.day).toBe('2027-04-07');
  });
});
