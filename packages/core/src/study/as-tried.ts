import type { Cloth } from '../cloth/cloth.ts';
import type { Elastic } from '../cloth/elastic.ts';
import { CLOTH_RANGES, ELASTIC_RANGES } from '../plan/validate.ts';
import { countedWords, type Experience, type SwatchSeen } from './experience.ts';

/** What a strip shows of a cloth or an elastic itself, by the name its record has for it. */
export type Trait = keyof Pick<Cloth, 'stretchAcross' | 'stretchAlong' | 'shrinkAcross' | 'shrinkAlong'> | keyof Pick<Elastic, 'greatestStretch'>;

/** What the swatches of one cloth or elastic say of a trait: the middle, towards the safe side where there are two; and how far they spread. */
export interface TraitSeen {
  trait: Trait;
  value: number;
  low: number;
  high: number;
  count: number;
  /** "your figure, from 2 swatches of it". */
  says: string;
  /** The person wants what is written in the record instead. */
  declined: boolean;
}

/** The name under which somebody says that of this cloth or elastic the record counts, not the strips. */
export const declinedTrait = (trait: Trait, id: string) => `${trait} ${id}`;

/** Traits of a cloth or elastic as tried: stretch (x - before)/before, shrinkage 1 - after/before, elastic as a ratio (handbook 2, 7). */
export function traitsSeen({ swatches, declined }: Pick<Experience, 'swatches' | 'declined'>, id: string): TraitSeen[] {
  const values = new Map<Trait, number[]>();
  for (const strip of swatches) {
    if (strip.clothId !== id && strip.elasticId !== id) continue;
    const seen = traitOf(strip);
    if (!seen) continue;
    const [low, high] = seen[0] === 'greatestStretch' ? ELASTIC_RANGES.greatestStretch : CLOTH_RANGES[seen[0]]!;
    // measured wrongly: no cloth does that
    if (seen[1] < low || seen[1] > high) continue;
    values.set(seen[0], [...(values.get(seen[0]) ?? []), seen[1]]);
  }
  return [...values].map(([trait, seen]) => {
    const sorted = [...seen].sort((a, b) => a - b);
    // of two the one one can be sure of: less stretch, more shrinkage
    const value = trait.startsWith('shrink') ? sorted[Math.floor(sorted.length / 2)]! : sorted[Math.floor((sorted.length - 1) / 2)]!;
    return {
      trait,
      value: Math.round(value * 1000) / 1000,
      low: sorted[0]!,
      high: sorted[sorted.length - 1]!,
      count: sorted.length,
      says: `your figure, from ${countedWords(0, sorted.length)} of it`,
      declined: declined.includes(declinedTrait(trait, id)),
    };
  });
}

function traitOf({ kind, way, before, after }: SwatchSeen): [Trait, number] | undefined {
  if (kind === 'stretch') return [way === 'across' ? 'stretchAcross' : 'stretchAlong', after / before - 1];
  if (kind === 'shrinkage') return [way === 'across' ? 'shrinkAcross' : 'shrinkAlong', 1 - after / before];
  if (kind === 'elastic') return ['greatestStretch', after / before];
  return undefined;
}

/**
 * A cloth or elastic as every plan and page reckons with it: as its record says, but for what was tried on strips of it. Applied twice it
 * is the same.
 */
export function asTried<T extends { id: string }>(kept: T, experience: Pick<Experience, 'swatches' | 'declined'> | undefined): T {
  if (!experience) return kept;
  const tried = traitsSeen(experience, kept.id).filter(({ declined }) => !declined);
  return tried.length === 0 ? kept : { ...kept, ...Object.fromEntries(tried.map(({ trait, value }) => [trait, value])) };
}
