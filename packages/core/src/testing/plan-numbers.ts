import { draftFor, planFor, type Plan } from '../plan/plan.ts';
import type { PlanRequest } from '../plan/request.ts';

/** The quantities of a request by id, without laying its pieces. */
export function numbersOf(request: PlanRequest): (id: string) => number {
  const { sheet } = draftFor(request);
  return (id) => sheet.quantity(id).value;
}

/** One check of a plan. */
export function checkOf(plan: Plan, id: string) {
  const found = plan.checks.find((check) => check.id === id);
  if (!found) throw new Error(`no check ${id}; there are ${plan.checks.map((check) => check.id).join(', ')}`);
  return found;
}

export const TOVE = { 'waist-girth': 700, 'hip-girth': 960 };

export const circlePlan = (choices: PlanRequest['choices'] = {}, cloth: PlanRequest['cloth'] = {}, body: PlanRequest['body'] = TOVE): Plan =>
  planFor({ construction: 'circle-skirt', body, choices, cloth });
