import type { Point } from '../../geometry/point.ts';

/** A convex ring of forbidden places with its box. */
export interface Forbidden {
  /** x0, y0, x1, y1, ... counter-clockwise. */
  ring: Float64Array;
  /** One a side: inward normal and offset, so that nx x + ny y + c is how deep (x, y) lies inside that side, mm. */
  sides: Float64Array;
  /** Where in `sides` the side begins that last showed a place to be free: the next place is mostly free by the same one. */
  lately: number;
  minX: number;
  minY: number;
  maxX: number;
  maxY: number;
}

/**
 * Where the reference point of `moving` may not be while `fixed` stands at the origin: one convex ring for each pair of convex
 * parts (edges merged by direction, linear in the corners). Touching is allowed: only the inside is forbidden. `gap` mm are kept
 * free between the two; where they touch they may share `give` mm.
 */
export function noFit(fixed: readonly Point[][], moving: readonly Point[][], gap = 0, give = 0): Forbidden[] {
  const rings: Forbidden[] = [];
  for (const a of fixed) {
    for (const b of moving) rings.push(boxed(widened(minkowskiDifference(a, b), gap), give));
  }
  return rings;
}

/** A convex ring with every side moved out by `gap`, corners mitred. */
function widened(ring: Point[], gap: number): Point[] {
  if (gap === 0) return ring;
  const sides = ring
    .map(([x, y], i): [number, number, number] => {
      const [bx, by] = ring[(i + 1) % ring.length]!;
      const long = Math.hypot(bx - x, by - y);
      const [nx, ny] = [(by - y) / long, -(bx - x) / long];
      return [nx, ny, nx * x + ny * y + gap];
    })
    .filter(([nx]) => Number.isFinite(nx));
  return sides.flatMap(([ax, ay, a], i): Point[] => {
    const [bx, by, b] = sides[(i + 1) % sides.length]!;
    const turn = ax * by - ay * bx;
    return Math.abs(turn) < 1e-9 ? [] : [[(a * by - b * ay) / turn, (b * ax - a * bx) / turn]];
  });
}

/** a + (-b) of two convex counter-clockwise rings. */
function minkowskiDifference(a: readonly Point[], b: readonly Point[]): Point[] {
  const negated = b.map(([x, y]): Point => [-x, -y]);
  const [p, q] = [fromLowest(a), fromLowest(negated)];
  const out: Point[] = [];
  let [i, j] = [0, 0];
  while (i < p.length || j < q.length) {
    const [pi, qj] = [p[i % p.length]!, q[j % q.length]!];
    out.push([pi[0] + qj[0], pi[1] + qj[1]]);
    const [pn, qn] = [p[(i + 1) % p.length]!, q[(j + 1) % q.length]!];
    const turn = (pn[0] - pi[0]) * (qn[1] - qj[1]) - (pn[1] - pi[1]) * (qn[0] - qj[0]);
    if (i >= p.length) j++;
    else if (j >= q.length) i++;
    else {
      if (turn >= -1e-12) i++;
      if (turn <= 1e-12) j++;
    }
  }
  return out;
}

function fromLowest(ring: readonly Point[]): Point[] {
  let low = 0;
  ring.forEach((point, i) => {
    const best = ring[low]!;
    if (point[1] < best[1] || (point[1] === best[1] && point[0] < best[0])) low = i;
  });
  return [...ring.slice(low), ...ring.slice(0, low)];
}

function boxed(points: readonly Point[], give: number): Forbidden {
  const ring = new Float64Array(points.length * 2);
  const sides: number[] = [];
  let [minX, minY, maxX, maxY] = [Infinity, Infinity, -Infinity, -Infinity];
  points.forEach(([x, y], i) => {
    ring[2 * i] = x;
    ring[2 * i + 1] = y;
    minX = Math.min(minX, x);
    maxX = Math.max(maxX, x);
    minY = Math.min(minY, y);
    maxY = Math.max(maxY, y);
    const [bx, by] = points[(i + 1) % points.length]!;
    const long = Math.hypot(bx - x, by - y);
    if (long < 1e-9) return;
    const [nx, ny] = [-(by - y) / long, (bx - x) / long];
    sides.push(nx, ny, -(nx * x + ny * y) - give);
  });
  return { ring, sides: Float64Array.from(sides), lately: 0, minX, minY, maxX, maxY };
}

/** How deep (x, y) lies inside the ring, mm; 0 outside and on the edge. */
export function depthInside(forbidden: Forbidden, x: number, y: number): number {
  if (x <= forbidden.minX || x >= forbidden.maxX || y <= forbidden.minY || y >= forbidden.maxY) return 0;
  const { sides, lately } = forbidden;
  if (sides[lately]! * x + sides[lately + 1]! * y + sides[lately + 2]! <= 0) return 0;
  let depth = Infinity;
  for (let i = 0; i < sides.length; i += 3) {
    const inside = sides[i]! * x + sides[i + 1]! * y + sides[i + 2]!;
    if (inside <= 0) {
      forbidden.lately = i;
      return 0;
    }
    if (inside < depth) depth = inside;
  }
  return depth;
}

/** Whether (x, y) lies inside the ring by more than `tolerance` mm. */
export function isForbidden(forbidden: Forbidden, x: number, y: number, tolerance: number): boolean {
  const { sides, minX, minY, maxX, maxY } = forbidden;
  if (x <= minX + tolerance || x >= maxX - tolerance || y <= minY + tolerance || y >= maxY - tolerance) return false;
  for (let i = 0; i < sides.length; i += 3) if (sides[i]! * x + sides[i + 1]! * y + sides[i + 2]! <= tolerance) return false;
  return true;
}
