import type { Cloth } from './cloth.ts';

/** Gathering ratio that suits a cloth: heavy 1.5, medium 2, light 2.5, sheer 3 (common practice, no source). */
export function usualFullness(cloth: Pick<Cloth, 'weight' | 'sheer'>): number {
  if (cloth.sheer) return 3;
  return { heavy: 1.5, medium: 2, light: 2.5 }[cloth.weight];
}

/** Below this it reads as eased rather than gathered (common practice, no source). */
export const READS_AS_EASED = 1.3;
/** Above this, thick cloth no longer fits under the foot (common practice, no source). */
export const TOO_BULKY = 3;
