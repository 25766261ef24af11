import { BadInput } from '../errors/bad-input.ts';
import { Unmakeable } from '../errors/unmakeable.ts';
import type { Construction } from '../garments/construction.ts';
import { layRows } from '../lay/lay.ts';
import { draftFor, withLay, type Plan } from '../plan/plan.ts';
import type { PlanRequest } from '../plan/request.ts';
import { valuesOf } from './any-request.ts';
import { MEASURED } from './every-skirt.ts';

/** A construction as it is proposed, and with every option of each of its choices on its own: the plans that can be made, with what was chosen. */
export function everyOption(construction: Construction, rest: Partial<PlanRequest> = {}): Array<readonly [says: string, plan: Plan]> {
  const options = construction.choices
    .filter(({ kind }) => kind === 'one-of' || kind === 'yes-no')
    .flatMap((choice) => valuesOf(choice).map((value) => ({ [choice.id]: value })));
  return [{}, ...options].flatMap((choices) => {
    try {
      return [
        [
          `${construction.id} ${JSON.stringify(choices)}`,
          withLay(draftFor({ construction: construction.id, body: MEASURED, choices, ...rest }), layRows),
        ] as const,
      ];
    } catch (error) {
      if (error instanceof BadInput || error instanceof Unmakeable) return [];
      throw error;
    }
  });
}
