import { sweepOf, type Edge } from '../geometry/edge.ts';
import { polar, type Point } from '../geometry/point.ts';

/** Dots lie about this far apart on a chalked arc, mm (handbook 4: every 5-8 cm). */
const APART = 65;
/** Joined by a ruler, dots leave the arc by no more than this, mm. */
const OFF_ARC = 1.8;

/** Dots on one side of an outline, ends included: two on a straight line, close enough to join on an arc. */
export function dotsOn(edge: Edge): Point[] {
  if (!edge.arc) return [edge.from, edge.to];
  const { start, sweep, radius } = sweepOf(edge);
  const apart = Math.min(APART, Math.sqrt(8 * radius * OFF_ARC));
  const steps = Math.max(2, Math.ceil((radius * Math.abs(sweep)) / apart));
  return Array.from({ length: steps + 1 }, (_, i) => polar(edge.arc!.centre, radius, start + (sweep * i) / steps));
}

/** Dots on several sides that follow each other, corners once. */
export function dotsAlong(edges: readonly Edge[]): Point[] {
  return edges.flatMap((edge, i) => dotsOn(edge).slice(i === 0 ? 0 : 1));
}

/** Ruler offsets for dots measured from the origin: down the fold (less than 0 above it), out from it, mm. */
export function offsetTable(dots: readonly Point[], origin: Point): Array<readonly [number, number]> {
  return dots.map(([x, y]) => [origin[1] - y, Math.abs(x - origin[0])] as const);
}
