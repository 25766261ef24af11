import { faultById, formatLength, type Plan, type Units } from '@arcus/core';

/** What went wrong at the table, as it was said when the plan was worked out again: from ticks "went:STEP:FAULT:MM". */
export function wentWrong({ steps }: Pick<Plan, 'steps'>, done: readonly string[], units: Units): string[] {
  return done.flatMap((tick) => {
    const [, step, fault, mm] = /^went:([^:]+):([^:]+):(\d+)$/.exec(tick) ?? [];
    const known = fault === undefined ? undefined : faultById(fault);
    if (!known) return [];
    const at = steps.find(({ id }) => id === step)?.title;
    return [`${known.label.toLowerCase()}${known.asks ? `, ${formatLength(Number(mm), units)}` : ''}${at ? ` (${at})` : ''}`];
  });
}
