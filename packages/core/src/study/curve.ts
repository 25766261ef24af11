import type { Choice } from '../garments/choice.ts';
import type { Layer } from '../plan/plan-lay.ts';
import type { PlanRequest } from '../plan/request.ts';
import { planOrNone, takenOffBolt, withChoice } from './fitting.ts';

export interface CurvePoint {
  /** Value of the choice, in its own unit (mm, ratio). */
  at: number;
  /** Cloth it takes, mm; none where it can't be made. */
  takes?: number;
}

/** How the cloth a garment takes goes up with one of its choices: `points` values around the one in force, half of it to half as much again. */
export function clothAgainst(request: PlanRequest, choice: Choice, value: number, points = 13, layer?: Layer): CurvePoint[] {
  const from = Math.max(choice.min ?? 0, value * 0.5);
  const to = Math.min(choice.max ?? value * 1.5, value * 1.5);
  return Array.from({ length: points }, (_, i) => {
    const at = Number((from + ((to - from) * i) / (points - 1)).toFixed(3));
    const plan = planOrNone(withChoice(request, choice.id, at), layer);
    return plan ? { at, takes: takenOffBolt(plan) } : { at };
  });
}
