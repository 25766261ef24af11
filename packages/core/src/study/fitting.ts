import { Unmakeable } from '../errors/unmakeable.ts';
import type { Choice } from '../garments/choice.ts';
import type { Layer } from '../plan/plan-lay.ts';
import { planFor, type Plan } from '../plan/plan.ts';
import type { PlanRequest } from '../plan/request.ts';

/** Values between two steps are looked at this often at most. */
const HALVINGS = 12;

/** Length of cloth a plan takes off the bolt as it lies in the cupboard, mm: the lay and the reserve, before it shrinks in the wash. */
export function takenOffBolt({ lay, cloth, choices }: Plan): number {
  const needed = lay.length + Number(choices.get('reserve') ?? 0);
  return cloth.prewashed ? needed : needed / (1 - cloth.shrinkAlong);
}

/** The plan of a request, or undefined where it can't be made. */
export function planOrNone(request: PlanRequest, layer?: Layer): Plan | undefined {
  try {
    return planFor(request, layer);
  } catch (error) {
    if (error instanceof Unmakeable) return undefined;
    throw error;
  }
}

export const withChoice = (request: PlanRequest, id: string, value: number | string | boolean): PlanRequest => ({
  ...request,
  choices: { ...request.choices, [id]: value },
});

/** The step a solved value is rounded down to: what one can chalk or set. */
const stepOf = ({ kind, step = 1 }: Choice) => (kind === 'length' ? Math.max(5, step) : step);

/**
 * The largest value of a choice between `from` and `to` whose plan takes no more than `onHand` mm of cloth; undefined where not even
 * `from` does. Cloth is taken to grow with the value, as it does with lengths and fullness.
 */
export function largestThatFits(
  request: PlanRequest,
  choice: Choice,
  from: number,
  to: number,
  onHand: number,
  layer?: Layer,
): { value: number; plan: Plan } | undefined {
  const step = stepOf(choice);
  const at = (k: number) => Number((from + k * step).toFixed(6));
  const fits = (k: number): Plan | undefined => {
    const plan = planOrNone(withChoice(request, choice.id, at(k)), layer);
    return plan && takenOffBolt(plan) <= onHand + 1e-6 ? plan : undefined;
  };
  let low = 0;
  let best = fits(0);
  if (!best) return undefined;
  let high = Math.floor((to - from) / step + 1e-9) + 1;
  for (let i = 0; high - low > 1 && i < HALVINGS; i++) {
    const middle = (low + high) >> 1;
    const plan = fits(middle);
    if (plan) [low, best] = [middle, plan];
    else high = middle;
  }
  return { value: at(low), plan: best };
}
