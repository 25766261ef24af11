import type { Cloth } from '../cloth/cloth.ts';

/** Needle size (NM) and point for a cloth (common practice, no source). */
export function needleFor(cloth: Pick<Cloth, 'kind' | 'weight'>): string {
  const size = { light: 70, medium: 80, heavy: 100 }[cloth.weight];
  return cloth.kind === 'knit' ? `NM ${Math.min(size, 90)} stretch or ballpoint` : `NM ${size} universal`;
}
