import { useMemo } from 'react';
import type { ClothView, MakeView } from '@arcus/contract';
import { BadInput, requestOfMake, Unmakeable, type Plan, type PlanRequest } from '@arcus/core';
import { useCloths, useElastics } from '../api/cupboard.ts';
import { useExperience } from '../api/experience.ts';
import { usePeople } from '../api/people.ts';
import { unlaidPlan } from '../make/unlaid-plan.ts';
import { useUnits } from '../settings/units.tsx';

/** A make with what it is drawn from. */
export interface Sketched {
  make: MakeView;
  cloth?: ClothView;
  /** Its plan without a lay; none where it can't be drawn. */
  plan?: Plan;
}

const known = new Map<string, Plan | undefined>();
const MOST_KNOWN = 200;

/** Every make with its plan, as it stands today, for its picture and for what it takes beside cloth. */
export function useSketches(makes: readonly MakeView[]): Sketched[] {
  const { data: people = [] } = usePeople();
  const { data: cloths = [] } = useCloths();
  const { data: elastics = [] } = useElastics();
  const { data: experience } = useExperience();
  const { units } = useUnits();
  return useMemo(
    () =>
      makes.map((make) => {
        const cloth = cloths.find(({ id }) => id === make.clothId);
        const others = Object.fromEntries(
          Object.entries(make.otherCloths).flatMap(([role, of]) => cloths.filter(({ id }) => id === of).map((each) => [role, each] as const)),
        );
        const person = people.find(({ id }) => id === make.personId);
        const elastic = elastics.find(({ id }) => id === make.elasticId);
        const { body, estimated, child } = person ?? {};
        const plan = planOf(requestOfMake(make, { body, estimated, child, cloth, others, elastic, experience, units }));
        return { make, ...(cloth ? { cloth } : {}), ...(plan ? { plan } : {}) };
      }),
    [makes, people, cloths, elastics, experience, units],
  );
}

function planOf(request: PlanRequest): Plan | undefined {
  const key = JSON.stringify(request);
  if (!known.has(key)) {
    known.set(key, tried(request));
    if (known.size > MOST_KNOWN) known.delete(known.keys().next().value!);
  }
  return known.get(key);
}

function tried(request: PlanRequest): Plan | undefined {
  try {
    return unlaidPlan(request);
  } catch (error) {
    if (error instanceof Unmakeable || error instanceof BadInput) return undefined;
    throw error;
  }
}
