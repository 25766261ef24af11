import type { Cloth } from '../cloth/cloth.ts';
import { STITCHES, type StitchId } from './stitches.ts';

/** Needle size (NM) and point for a cloth (common practice, no source). */
export function needleFor(cloth: Pick<Cloth, 'kind' | 'weight'>): string {
  const size = { light: 70, medium: 80, heavy: 100 }[cloth.weight];
  return cloth.kind === 'knit' ? `NM ${Math.min(size, 90)} stretch or ballpoint` : `NM ${size} universal`;
}

/** The needle for a stitch: by hand it is another. */
export const needleOf = (stitch: StitchId, cloth: Pick<Cloth, 'kind' | 'weight'>): string =>
  STITCHES[stitch].byHand ? 'sharps 7 to 9' : needleFor(cloth);
