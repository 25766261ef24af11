import type { Edge } from './edge.ts';
import { distance, type Point } from './point.ts';

/** A side through three points: a true arc, or a straight line where they lie in one. `middle` lies between the ends. */
export function edgeThrough(name: string, from: Point, middle: Point, to: Point, allowance: number): Edge {
  const turn = (middle[0] - from[0]) * (to[1] - from[1]) - (middle[1] - from[1]) * (to[0] - from[0]);
  if (Math.abs(turn) < 1e-6 * distance(from, to)) return { name, from, to, allowance };
  const d = 2 * (from[0] * (middle[1] - to[1]) + middle[0] * (to[1] - from[1]) + to[0] * (from[1] - middle[1]));
  const square = ([x, y]: Point) => x * x + y * y;
  const centre: Point = [
    (square(from) * (middle[1] - to[1]) + square(middle) * (to[1] - from[1]) + square(to) * (from[1] - middle[1])) / d,
    (square(from) * (to[0] - middle[0]) + square(middle) * (from[0] - to[0]) + square(to) * (middle[0] - from[0])) / d,
  ];
  return { name, from, to, arc: { centre, ccw: turn > 0 }, allowance };
}

/**
 * A side that leaves `from` in the direction of `along` and ends in `to`: the arc that is tangent there, or a straight line where
 * `to` lies ahead.
 */
export function edgeTangent(name: string, from: Point, along: Point, to: Point, allowance: number): Edge {
  const length = Math.hypot(along[0], along[1]);
  const [ux, uy] = [along[0] / length, along[1] / length];
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
  const aside = ux * dy - uy * dx;
  if (Math.abs(aside) < 1e-6) return { name, from, to, allowance };
  // the centre lies square to the direction, as far from one end as from the other
  const radius = (dx * dx + dy * dy) / (2 * aside);
  return { name, from, to, arc: { centre: [from[0] - uy * radius, from[1] + ux * radius], ccw: radius > 0 }, allowance };
}

/** The side seen in a mirror that stands on x = 0, still counter-clockwise round its piece. */
export function mirrored(edge: Edge, name: string): Edge {
  const flip = ([x, y]: Point): Point => [-x, y];
  return { ...edge, name, from: flip(edge.to), to: flip(edge.from), arc: edge.arc && { centre: flip(edge.arc.centre), ccw: edge.arc.ccw } };
}
