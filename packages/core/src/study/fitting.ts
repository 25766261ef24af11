import { Unmakeable } from '../errors/unmakeable.ts';
import type { Choice, ChoiceValue } from '../garments/choice.ts';
import type { Layer } from '../plan/plan-lay.ts';
import { planFor, type Plan } from '../plan/plan.ts';
import type { PlanRequest } from '../plan/request.ts';
import { offBolt } from './to-buy.ts';

/** Values between two steps are looked at this often at most. */
const HALVINGS = 12;
/** From the top down, as many values of a ratio are tried before the rest is halved. */
const TRIES = 24;

/** Length of cloth a plan takes off the bolt as it lies in the cupboard, mm: the lay and the reserve, before it shrinks in the wash. */
export function takenOffBolt({ lay, cloth, choices }: Plan): number {
  const needed = lay.length + Number(choices.get('reserve') ?? 0);
  return offBolt(needed, cloth);
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
 * `from` does. Cloth is taken to grow with a length. With a ratio it goes up and down, as a fuller circle may lie in more and smaller
 * panels: there the fullest that fits is looked for from the top. `otherwise`: other choices each value may be tried with (in more panels),
 * where it does not fit as it is; `choices` are those it fits with, the value among them.
 */
export function largestThatFits(
  request: PlanRequest,
  choice: Choice,
  from: number,
  to: number,
  onHand: number,
  layer?: Layer,
  otherwise: ReadonlyArray<Record<string, ChoiceValue>> = [],
): { value: number; plan: Plan; choices: Record<string, ChoiceValue> } | undefined {
  const step = stepOf(choice);
  const at = (k: number) => Number((from + k * step).toFixed(6));
  const fits = (k: number): { value: number; plan: Plan; choices: Record<string, ChoiceValue> } | undefined => {
    for (const more of [{}, ...otherwise]) {
      const choices = { ...more, [choice.id]: at(k) };
      const plan = planOrNone({ ...request, choices: { ...request.choices, ...choices } }, layer);
      if (plan && takenOffBolt(plan) <= onHand + 1e-6) return { value: at(k), plan, choices };
    }
    return undefined;
  };
  let high = Math.floor((to - from) / step + 1e-9) + 1;
  const stride = choice.kind === 'ratio' ? Math.max(1, Math.ceil(high / TRIES)) : high;
  let low = high;
  let best: ReturnType<typeof fits>;
  do {
    high = low;
    low = Math.max(0, low - stride);
    best = fits(low);
  } while (!best && low > 0);
  if (!best) return undefined;
  for (let i = 0; high - low > 1 && i < HALVINGS; i++) {
    const middle = (low + high) >> 1;
    const found = fits(middle);
    if (found) [low, best] = [middle, found];
    else high = middle;
  }
  return best;
}
