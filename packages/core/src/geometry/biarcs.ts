import { edgeTangent, edgeThrough } from './arcs.ts';
import type { Edge } from './edge.ts';
import { minus, type Point } from './point.ts';

/**
 * A smooth side through points, as true arcs: two between every pair, meeting in one tangent, so that offsets, lengths and lays work as
 * on any other side. For necks and armholes.
 *
 *      ·‿·‿·
 *
 * `points` mm, at least two, none twice in a row; `start` and `end` give the directions at the ends where they are known (square to a
 * fold, say). Throws RangeError on fewer points or on doubled ones.
 */
export function curveThrough(name: string, points: readonly Point[], allowance: number, { start, end }: { start?: Point; end?: Point } = {}): Edge[] {
  if (points.length < 2) throw new RangeError('a curve needs two points');
  points.slice(1).forEach((point, i) => {
    if (Math.hypot(...minus(point, points[i]!)) < 1e-9) throw new RangeError('two points of a curve are one');
  });
  const last = points.length - 1;
  const directions = points.map((_, i) => unit((i === 0 && start) || (i === last && end) || directionAt(points, i)));
  return points.slice(1).flatMap((to, i) => biarc(name, points[i]!, directions[i]!, to, directions[i + 1]!, allowance));
}

const dot = (a: Point, b: Point) => a[0] * b[0] + a[1] * b[1];
function unit([x, y]: Point): Point {
  const length = Math.hypot(x, y);
  return [x / length, y / length];
}

/** The direction of the circle through a point and its neighbours (geometry). */
function directionAt(points: readonly Point[], i: number): Point {
  if (points.length === 2) return minus(points[1]!, points[0]!);
  const at = Math.min(Math.max(i, 1), points.length - 2);
  const [before, middle, after] = [points[at - 1]!, points[at]!, points[at + 1]!];
  const arc = edgeThrough('', before, middle, after, 0).arc;
  if (!arc) return minus(after, before);
  const out = minus(points[i]!, arc.centre);
  return arc.ccw ? [-out[1], out[0]] : [out[1], -out[0]];
}

/** Two arcs from one point and direction to another: the lengths of their tangents are equal (geometry). */
function biarc(name: string, from: Point, leaving: Point, to: Point, arriving: Point, allowance: number): Edge[] {
  const v = minus(to, from);
  const t: Point = [leaving[0] + arriving[0], leaving[1] + arriving[1]];
  const a = 2 * (1 - dot(leaving, arriving));
  const b = dot(v, t);
  const d = Math.abs(a) < 1e-12 ? dot(v, v) / (4 * dot(v, arriving)) : (Math.sqrt(b * b + a * dot(v, v)) - b) / a;
  const joint: Point = [(from[0] + to[0] + d * (leaving[0] - arriving[0])) / 2, (from[1] + to[1] + d * (leaving[1] - arriving[1])) / 2];
  return [edgeTangent(name, from, leaving, joint, allowance), reversed(edgeTangent(name, to, [-arriving[0], -arriving[1]], joint, allowance))];
}

const reversed = (edge: Edge): Edge => ({ ...edge, from: edge.to, to: edge.from, ...(edge.arc ? { arc: { ...edge.arc, ccw: !edge.arc.ccw } } : {}) });
