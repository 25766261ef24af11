import { useMemo } from 'react';
import { takenOf } from '@arcus/core';
import { useCloths } from '../api/cupboard.ts';
import { useMakes } from '../api/makes.ts';
import { needsOf, type Needs } from './needs-of.ts';
import { useSketches } from './use-sketches.ts';
import { cutTogether, takenTogether, useTogether } from './use-together.ts';

/** Who will cut from a cloth, and how much of it they take in all, mm off the bolt. */
export interface SpokenFor {
  takes: number;
  atMost: boolean;
  by: readonly Needs[];
}

/** For every cloth of the shelf, what makes that are not cut yet take of it. */
export function useSpokenFor(): Map<string, SpokenFor> {
  const { data: makes = [] } = useMakes();
  const { data: cloths = [] } = useCloths();
  const sketches = useSketches(makes);
  const needs = useMemo(() => needsOf(sketches, cloths), [sketches, cloths]);
  const together = useTogether(needs, cloths, cutTogether);
  return useMemo(
    () =>
      new Map(
        cloths.flatMap(({ id }) => {
          const by = needs.filter((each) => each.cloths.some(({ clothId }) => clothId === id));
          return by.length === 0 ? [] : [[id, { ...takenOf(id, by, takenTogether(together)), by }] as const];
        }),
      ),
    [cloths, needs, together],
  );
}
