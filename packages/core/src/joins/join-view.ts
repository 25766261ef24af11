import { flatten } from '../geometry/flatten.ts';
import type { Point } from '../geometry/point.ts';
import type { Piece } from '../shapes/piece.ts';
import type { Join } from '../sheet/join.ts';

/** A side of a piece as plain data: its points on the seam line in its direction (chord error 0.05 mm), its length and allowance, mm. */
export function edgeViews(piece: Piece): Array<{ id: string; points: Point[]; length: number; allowance: number }> {
  return piece.sides.map(({ id, edges, length, allowance }) => ({
    id,
    points: [...flatten(edges), edges[edges.length - 1]!.to],
    length,
    allowance,
  }));
}

/** A join as plain data. */
export const joinView = ({ length, ...join }: Join) => ({ ...join, length: length.value });
