import { ringArea } from './area.ts';
import { distance, type Point } from './point.ts';

/** Why a ring of points can't be cut out, in words; undefined where it can. */
export function ringFault(ring: readonly Point[]): string | undefined {
  if (ring.length < 3) return 'needs at least three corners';
  if (Math.abs(ringArea(ring)) >= 1) return crossesItself(ring) ? 'crosses itself' : undefined;
  // a figure of eight has no area on balance, a line none at all
  return liesInLine(ring) ? 'has no area' : 'crosses itself';
}

function liesInLine(ring: readonly Point[]): boolean {
  const from = ring[0]!;
  const furthest = ring.reduce((far, point) => (distance(from, point) > distance(from, far) ? point : far), from);
  return ring.every((point) => Math.abs(orient(from, furthest, point)) < 1);
}

/** Whether any two sides of a ring that are not neighbours touch or cross. Sorted sweep over x: near-linear for real pieces. */
export function crossesItself(ring: readonly Point[]): boolean {
  const n = ring.length;
  const sides = ring.map((from, i) => {
    const to = ring[(i + 1) % n]!;
    return { i, from, to, minX: Math.min(from[0], to[0]), maxX: Math.max(from[0], to[0]) };
  });
  const order = [...sides].sort((a, b) => a.minX - b.minX);
  let open: typeof sides = [];
  for (const side of order) {
    open = open.filter((other) => other.maxX >= side.minX);
    for (const other of open) {
      const apart = Math.abs(side.i - other.i);
      if (apart === 1 || apart === n - 1) {
        const follows = other.i === (side.i + 1) % n;
        if (doublesBack(follows ? side : other, follows ? other : side)) return true;
        continue;
      }
      if (touch(side.from, side.to, other.from, other.to)) return true;
    }
    open.push(side);
  }
  return false;
}

function orient(a: Point, b: Point, c: Point): number {
  return (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0]);
}

function within(a: Point, b: Point, c: Point): boolean {
  return Math.min(a[0], b[0]) <= c[0] && c[0] <= Math.max(a[0], b[0]) && Math.min(a[1], b[1]) <= c[1] && c[1] <= Math.max(a[1], b[1]);
}

function touch(a: Point, b: Point, c: Point, d: Point): boolean {
  const [p, q, r, s] = [orient(a, b, c), orient(a, b, d), orient(c, d, a), orient(c, d, b)];
  if (((p > 0 && q < 0) || (p < 0 && q > 0)) && ((r > 0 && s < 0) || (r < 0 && s > 0))) return true;
  return (p === 0 && within(a, b, c)) || (q === 0 && within(a, b, d)) || (r === 0 && within(c, d, a)) || (s === 0 && within(c, d, b));
}

/** A side that runs straight back over the one before it. */
function doublesBack(first: { from: Point; to: Point }, second: { from: Point; to: Point }): boolean {
  if (orient(first.from, first.to, second.to) !== 0) return false;
  const u = [first.to[0] - first.from[0], first.to[1] - first.from[1]] as const;
  const v = [second.to[0] - second.from[0], second.to[1] - second.from[1]] as const;
  return u[0] * v[0] + u[1] * v[1] < 0;
}
