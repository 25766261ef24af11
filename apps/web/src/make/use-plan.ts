import { useCallback, useEffect, useMemo } from 'react';
import type { MakeDetail } from '@arcus/contract';
import {
  BadInput,
  draftFor,
  laidByHand,
  requestOfMake,
  Unmakeable,
  withLay,
  type Draft,
  type Layer,
  type LayRequest,
  type Plan,
  type PlanRequest,
} from '@arcus/core';
import { useExperience } from '../api/experience.ts';
import { makesActions } from '../api/makes.ts';
import { useUnits } from '../settings/units.tsx';
import { useLays, type Found } from '../workers/use-lays.ts';
import type { MakeDraft } from './draft.ts';
import type { MakeState } from './make-context.ts';

export interface PlanProblem {
  /** The field that would have to change: "choices.fraction", "body.waist-girth". */
  field: string;
  says: string;
  nearest?: number | string;
}

export interface PlanState {
  plan?: Plan;
  problem?: PlanProblem;
  /** What the plan was worked out from. */
  request: PlanRequest;
  /** A better lay is being looked for. */
  laying: boolean;
  /** The lay on the table is the person's own. */
  byHand: boolean;
}

type Tried<T> = { done: T } | { problem: PlanProblem };

/** The plan of a draft, worked out in the browser as it changes; a closer lay is laid under it without drafting it again. */
export function usePlan(
  { id, construction, lays }: MakeDetail,
  draft: MakeDraft,
  { person, cloth, others, elastic }: Pick<MakeState, 'person' | 'cloth' | 'others' | 'elastic'>,
): PlanState {
  const { units } = useUnits();
  const { data: experience } = useExperience();
  const found = useCallback((each: Found[]) => void makesActions.found(id, draft.name, each).catch(() => undefined), [id, draft.name]);
  const { layerFor, want, laying } = useLays(lays, found);
  const { body, estimated, child } = person ?? {};
  const request = useMemo(
    () => requestOfMake({ id, construction, choices: draft.choices }, { body, estimated, child, cloth, others, elastic, experience, units }),
    [id, construction, body, estimated, child, draft.choices, cloth, others, elastic, experience, units],
  );
  const drafted = useMemo(() => tried((): Draft => draftFor(request)), [request]);
  const { lay } = draft;
  const worked = useMemo((): Pick<PlanState, 'plan' | 'problem' | 'byHand'> & { asked: Map<string, LayRequest> } => {
    const asked = new Map<string, LayRequest>();
    if ('problem' in drafted) return { problem: drafted.problem, byHand: false, asked };
    const layer = layerFor(asked);
    let byHand = false;
    const own: Layer = (pieces, role) => {
      const mine = role === 'main' && lay ? laidByHand(pieces, lay) : undefined;
      if (mine) byHand = true;
      return mine ?? layer(pieces, role);
    };
    const laid = tried(() => withLay(drafted.done, own));
    return 'problem' in laid ? { problem: laid.problem, byHand, asked } : { plan: laid.done, byHand, asked };
  }, [drafted, layerFor, lay]);
  const { asked, ...shown } = worked;
  // what is looked for follows what is shown, not what is being drawn
  useEffect(() => want(asked), [asked, want]);
  return { ...shown, request, laying };
}

function tried<T>(work: () => T): Tried<T> {
  try {
    return { done: work() };
  } catch (error) {
    if (error instanceof Unmakeable) return { problem: { field: error.field, says: error.says, nearest: error.nearest } };
    if (error instanceof BadInput) return { problem: { field: error.field, says: error.says } };
    throw error;
  }
}
