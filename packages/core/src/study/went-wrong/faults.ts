import { BadInput } from '../../errors/bad-input.ts';
import { Unmakeable } from '../../errors/unmakeable.ts';
import type { Step } from '../../make/step.ts';
import { draftFor, type Plan } from '../../plan/plan.ts';
import type { PlanRequest } from '../../plan/request.ts';
import { cutWrong } from './cut-again.ts';
import { elasticLoose, elasticTight, elasticTwisted } from './elastic.ts';
import type { Fault, Remedy } from './fault.ts';
import { gathersBunch, gathersShort } from './gathers.ts';
import { tooShort, uneven } from './hem.ts';
import { seamPops, seeThrough, twists, zipWaves } from './seams.ts';
import { bobbinEnded, shirringLoose, shirringTight } from './shirring.ts';
import { waistBig, waistSmall, wontPass } from './waist.ts';

/** Everything that goes wrong at a table, in the order it is offered. */
export const FAULTS: readonly Fault[] = [
  cutWrong,
  tooShort,
  waistBig,
  waistSmall,
  wontPass,
  zipWaves,
  gathersShort,
  gathersBunch,
  bobbinEnded,
  shirringLoose,
  shirringTight,
  elasticLoose,
  elasticTight,
  elasticTwisted,
  uneven,
  seamPops,
  seeThrough,
  twists,
];

/** What can have gone wrong at a step. */
export function faultsAt(step: Step, plan: Plan): Fault[] {
  return FAULTS.filter((fault) => fault.at(step, plan));
}

export const faultById = (id: string): Fault | undefined => FAULTS.find((fault) => fault.id === id);

/** What can be done about a fault, each tried before it is offered: one that the plan could not go on with is left out. `amount` is what was measured, mm. */
export function remediesFor(fault: Fault, { request, plan, step }: { request: PlanRequest; plan: Plan; step: Step }, amount: number): Remedy[] {
  return fault.remedies(plan, amount, step).filter(({ change }) => {
    if (!change) return true;
    try {
      draftFor({ ...request, choices: { ...request.choices, ...change } });
      return true;
    } catch (error) {
      if (error instanceof Unmakeable || error instanceof BadInput) return false;
      throw error;
    }
  });
}
