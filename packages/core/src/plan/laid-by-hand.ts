import { HandLay } from '../lay/by-hand/by-hand.ts';
import type { Lay, LayRequest, Placement } from '../lay/lay-request.ts';
import { ringArea } from '../geometry/area.ts';
import { boundsOfPoints } from '../geometry/bounds.ts';
import { turned } from '../geometry/point.ts';

/**
 * The lay of a request as a person arranged it, or undefined where it isn't one any more: a piece is missing or new, turned as it may
 * not be, lies on another or off the cloth.
 */
export function laidByHand({ width, pieces, gap }: LayRequest, placements: readonly Placement[]): Lay | undefined {
  const wanted = pieces.reduce((sum, { copies }) => sum + copies, 0);
  const known = new Map(pieces.map((piece) => [piece.id, piece]));
  const named = new Set(placements.map(({ piece, copy }) => `${piece} ${copy}`));
  if (placements.length !== wanted || named.size !== wanted) return undefined;
  for (const { piece, copy, turn } of placements) {
    const of = known.get(piece);
    if (!of || copy >= of.copies || !of.turns.includes(turn)) return undefined;
  }
  const { overlapping, outside } = new HandLay(width, pieces, gap).faults(placements);
  if (overlapping.size > 0 || outside.size > 0) return undefined;
  const length = Math.max(
    ...placements.map(({ piece, turn, y }) => boundsOfPoints(known.get(piece)!.outline.map((point) => turned(point, turn))).maxY + y),
  );
  const area = pieces.reduce((sum, { outline, copies }) => sum + copies * Math.abs(ringArea(outline)), 0);
  return { length, utilisation: area / (width * length), placements: placements.map(({ piece, copy, turn, x, y }) => ({ piece, copy, turn, x, y })) };
}
