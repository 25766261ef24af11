import type { Edge } from './edge.ts';
import { AllowanceTooWide, cutLineOf } from './offset.ts';
import type { Point } from './point.ts';

/**
 * The cut line of a piece whose top is turned in: above the fold the sides mirror what lies below it, so that the raw edge is as wide
 * as where it is sewn.
 *
 *        ____              /‾‾‾‾\  raw edge
 *       /    \   cut as   (------)  fold
 *      /      \            \    /...
 *
 * The outline has one side "top", straight and level, between "side-right" and "side-left"; its allowance is what is turned in, mm.
 * Throws AllowanceTooWide where the sides end before it does.
 */
export function foldedOver(seam: readonly Edge[]): Edge[] {
  const turn = seam.find(({ name }) => name === 'top')!.allowance;
  const cut = cutLineOf(seam.map((edge) => (edge.name === 'top' ? { ...edge, allowance: 0 } : edge)));
  const at = cut.findIndex(({ name }) => name === 'top');
  const [right, left] = [cut[(at + cut.length - 1) % cut.length]!, cut[(at + 1) % cut.length]!];
  const y = cut[at]!.from[1];
  const flip = (point: Point): Point => [point[0], 2 * y - point[1]];
  const [upRight, downLeft] = [belowOn(right, right.to, turn), belowOn(left, left.from, turn)];
  const turned = (edge: Edge, from: Point, to: Point): Edge => ({
    ...edge,
    from,
    to,
    arc: edge.arc && { ...edge.arc, centre: flip(edge.arc.centre) },
  });
  const around = [...cut.slice(at + 1), ...cut.slice(0, at)];
  return [
    turned(right, right.to, flip(upRight)),
    { ...cut[at]!, from: flip(upRight), to: flip(downLeft) },
    turned(left, flip(downLeft), left.from),
    ...around,
  ];
}

/** The point of a side so far below its upper end, mm. */
function belowOn(edge: Edge, top: Point, by: number): Point {
  const y = top[1] - by;
  const [low, high] = [Math.min(edge.from[1], edge.to[1]), Math.max(edge.from[1], edge.to[1])];
  if (y < low || y > high) throw new AllowanceTooWide('top');
  if (!edge.arc) {
    const share = (y - edge.from[1]) / (edge.to[1] - edge.from[1]);
    return [edge.from[0] + share * (edge.to[0] - edge.from[0]), y];
  }
  const [cx, cy] = edge.arc.centre;
  const radius = Math.hypot(top[0] - cx, top[1] - cy);
  const out = Math.sqrt(Math.max(0, radius ** 2 - (y - cy) ** 2));
  return Math.abs(cx + out - top[0]) < Math.abs(cx - out - top[0]) ? [cx + out, y] : [cx - out, y];
}
