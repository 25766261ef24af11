import { useMemo } from 'react';
import type { ClothView, MakeView } from '@arcus/contract';
import { useMakes } from '../api/makes.ts';
import { needsOf, togetherTick, USED } from './needs-of.ts';
import { useSketches } from './use-sketches.ts';
import { cutTogether, useTogether } from './use-together.ts';

interface CutTogether {
  /** Those not taken off the shelf yet. */
  makes: MakeView[];
  /** What they take together, mm off the bolt; none where they are fewer than two. */
  takes?: number;
  /** Those that were taken off with another one. */
  followers: MakeView[];
}

/** The makes that are cut from a cloth in one go. */
export function useCutTogether(cloth: ClothView | undefined): CutTogether {
  const { data: all = [] } = useMakes();
  const makes = useMemo(() => all.filter(({ done, finishedOn }) => cloth && !finishedOn && done.includes(togetherTick(cloth.id))), [all, cloth]);
  const left = useMemo(() => makes.filter(({ tally }) => tally[USED] === undefined), [makes]);
  const followers = makes.filter(({ tally }) => tally[USED]?.[0] === 0);
  const sketches = useSketches(left);
  const shelf = useMemo(() => (cloth ? [cloth] : []), [cloth]);
  const needs = useMemo(() => needsOf(sketches, shelf, () => false), [sketches, shelf]);
  const takes = useTogether(needs, shelf, cutTogether).get(cloth?.id ?? '')?.takes;
  return { makes: left, followers, ...(takes === undefined ? {} : { takes }) };
}
