import { draftFor, layRows, withLay, type Plan, type PlanRequest } from '@arcus/core';

const NO_LAY = () => ({ length: 1, utilisation: 0, placements: [] });

/** A plan whose pieces nobody has laid: everything but the cloth's length. Throws as `draftFor`. */
export function unlaidPlan(request: PlanRequest): Plan {
  const draft = draftFor(request);
  // on folded cloth the outlines that are cut, and so the time, hang on how the pieces lie
  return withLay(draft, draft.choices.get('fold') !== 'open' ? layRows : NO_LAY);
}
