import { useDeferredValue, useMemo } from 'react';
import type { ClothView, ElasticView, PersonView } from '@arcus/contract';
import { BadInput, clothFigures, laidByHand, planFor, Unmakeable, type Layer, type Plan, type PlanRequest } from '@arcus/core';
import { useUnits } from '../settings/units.tsx';
import { useLays } from '../workers/use-lays.ts';
import type { MakeDraft } from './draft.ts';

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

/** The plan of a draft, worked out in the browser as it changes. */
export function usePlan(
  construction: string,
  draft: MakeDraft,
  person: PersonView | undefined,
  cloth: ClothView | undefined,
  elastic: ElasticView | undefined,
): PlanState {
  const { units } = useUnits();
  const { begin, layer, laying } = useLays();
  const request = useMemo(
    (): PlanRequest => ({
      construction,
      body: person?.body ?? {},
      choices: draft.choices,
      cloth: cloth && clothFigures(cloth),
      elastic: elastic && { width: elastic.width, kind: elastic.kind, greatestStretch: elastic.greatestStretch },
      units,
    }),
    [construction, person, draft.choices, cloth, elastic, units],
  );
  const now = useDeferredValue(request);
  const { lay } = draft;
  const worked = useMemo(() => {
    let byHand = false;
    begin();
    const own: Layer = (asked, role) => {
      const mine = role === 'main' && lay ? laidByHand(asked, lay) : undefined;
      if (mine) byHand = true;
      return mine ?? layer(asked, role);
    };
    return { ...workOut(now, own), byHand };
  }, [now, layer, begin, lay]);
  return { ...worked, request: now, laying };
}

function workOut(request: PlanRequest, layer: Layer): Pick<PlanState, 'plan' | 'problem'> {
  try {
    return { plan: planFor(request, layer) };
  } catch (error) {
    if (error instanceof Unmakeable)
      return { problem: { field: error.field, says: error.message.replace(/^[\w.-]+: /, ''), nearest: error.nearest } };
    if (error instanceof BadInput) return { problem: { field: error.field, says: error.says } };
    throw error;
  }
}
