import type { Cloth } from '../cloth/cloth.ts';
import type { Turn } from './piece.ts';

/**
 * The turns a piece may take on this cloth when its top points up the print.
 * `upright: true` keeps the piece's length along the cloth; false lets it lie either way (strips, bands, quarter-turned circles).
 * One-way cloth allows nothing end for end; a print across the width turns everything by a quarter.
 */
export function allowedTurns(cloth: Pick<Cloth, 'print' | 'oneWay'>, upright: boolean): Turn[] {
  const base: Turn = cloth.print === 'across' ? 90 : 0;
  const both = (turn: Turn): Turn[] => (cloth.oneWay ? [turn] : [turn, (turn + 180) as Turn]);
  if (upright || cloth.print !== 'none') return both(base);
  // no print to follow: a quarter turn is free unless the cloth has a nap, whose direction every piece must share
  return cloth.oneWay ? [0] : [0, 90, 180, 270];
}
