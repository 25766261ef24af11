import type { Step } from '../../make/step.ts';
import type { Plan } from '../../plan/plan.ts';
import type { How } from '../../sheet/join.ts';
import { formatLength, formatMinutes } from '../../units/format.ts';

/** Unpicking goes at half the pace of sewing (common practice, no source). */
const UNPICKING = 2;
/** A seam holds with no less than this beside it, mm (common practice, no source). */
export const LEAST_SEAM = 6;

/** A length in the person's units. */
export const show = ({ units }: Plan, mm: number) => formatLength(mm, units);

/** A number of the plan; undefined where it has none of that name. */
export const valueOf = ({ quantities }: Plan, id: string) => quantities.find((each) => each.id === id)?.value;

/** A chosen number; undefined where there is no such choice or none was made. */
export function chosen({ choices }: Plan, id: string): number | undefined {
  const value = choices.get(id);
  return typeof value === 'number' ? value : undefined;
}

/** Time to unpick a seam of so many mm and sew it again, in words. */
export const againSays = ({ pace }: Plan, mm: number) => `about ${formatMinutes(Math.max(5, (mm / pace) * (1 + UNPICKING)))} to unpick and sew again`;

/** The joins a step sews, of these ways. */
export function sews(step: Step, plan: Plan, ...ways: How[]) {
  return plan.joins.filter(({ id, how }) => step.joins?.includes(id) && ways.includes(how));
}

/** Seams from the waist or bust down that can be taken in or let out: at least the one that closes the ring. */
export function downSeams({ steps, joins }: Plan): number {
  const ids = steps.filter(({ id }) => id === 'sides' || id === 'gores' || id === 'side-seams').flatMap((step) => step.joins ?? []);
  return Math.max(1, joins.filter(({ id, how }) => how === 'plain' && ids.includes(id)).length);
}
