import { minutesOf, type ToDo } from '@arcus/core';
import type { Sketched } from '../makes/use-sketches.ts';

const HOUR = 3_600_000;

/** What is left of a make: its steps that are not ticked; those with no plan have nothing that can be reckoned with. */
export function todoOf({ make, plan }: Sketched): ToDo | undefined {
  if (!plan || make.finishedOn) return undefined;
  const done = new Set(make.done);
  const steps = plan.steps
    .filter(({ id }) => !done.has(`sew:${id}`))
    .map((step) => ({
      id: step.id,
      title: step.title,
      minutes: step.waitHours ? 0 : minutesOf(step, plan.pace),
      ...(step.waitHours ? { waitHours: step.waitHours } : {}),
    }));
  if (steps.length === 0) return undefined;
  const waiting = steps[0]?.waitHours ? make.tally[`wait:${steps[0].id}`] : undefined;
  return { id: make.id, name: make.name, dueOn: make.dueOn, steps, ...(waiting ? { waitsUntil: waiting[0]! + (waiting[1] ?? 24) * HOUR } : {}) };
}
