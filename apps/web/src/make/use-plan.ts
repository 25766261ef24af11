import { useDeferredValue, useMemo } from 'react';
import type { ClothView, ElasticView, PersonView } from '@arcus/contract';
import { BadInput, planFor, Unmakeable, type Cloth, type Plan, type PlanRequest } from '@arcus/core';
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
  laying: boolean;
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
  const { layer, laying } = useLays();
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
  const worked = useMemo(() => workOut(now, layer), [now, layer]);
  return { ...worked, laying };
}

function workOut(request: PlanRequest, layer: Parameters<typeof planFor>[1]): Omit<PlanState, 'laying'> {
  try {
    return { plan: planFor(request, layer) };
  } catch (error) {
    if (error instanceof Unmakeable)
      return { problem: { field: error.field, says: error.message.replace(/^[\w.-]+: /, ''), nearest: error.nearest } };
    if (error instanceof BadInput) return { problem: { field: error.field, says: error.says } };
    throw error;
  }
}

/** The figures of a cloth in the cupboard, as a plan takes them. */
export function clothFigures({
  width,
  selvedge,
  kind,
  weight,
  stretchAcross,
  stretchAlong,
  shrinkAcross,
  shrinkAlong,
  print,
  oneWay,
  sheer,
  frays,
  prewashed,
  lengthOnHand,
  pricePerMetre,
}: ClothView): Partial<Cloth> {
  return {
    width,
    selvedge,
    kind,
    weight,
    stretchAcross,
    stretchAlong,
    shrinkAcross,
    shrinkAlong,
    print,
    oneWay,
    sheer,
    frays,
    prewashed,
    lengthOnHand: lengthOnHand ?? undefined,
    pricePerMetre: pricePerMetre ?? undefined,
  };
}
