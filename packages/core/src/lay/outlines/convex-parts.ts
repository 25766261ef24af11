import type { Point } from '../../geometry/point.ts';

const cross = (o: Point, a: Point, b: Point) => (a[0] - o[0]) * (b[1] - o[1]) - (a[1] - o[1]) * (b[0] - o[0]);

/** Whether a counter-clockwise ring never turns right. */
export function isConvex(ring: readonly Point[]): boolean {
  return ring.every((point, i) => cross(ring[(i + ring.length - 1) % ring.length]!, point, ring[(i + 1) % ring.length]!) >= -1e-9);
}

/**
 * Cuts a simple counter-clockwise ring (mm) into convex rings that together cover it exactly: ears first, then neighbours merged
 * back while they stay convex (Hertel and Mehlhorn, 1983). Rings that can't be cut into ears (they touch themselves) give their hull.
 */
export function convexParts(ring: readonly Point[]): Point[][] {
  if (isConvex(ring)) return [[...ring]];
  const triangles = ears(ring);
  return triangles ? merge(triangles, ring) : [hull(ring)];
}

function ears(ring: readonly Point[]): number[][] | undefined {
  const left = ring.map((_, i) => i);
  const triangles: number[][] = [];
  while (left.length > 3) {
    let best = -1;
    let bestQuality = -Infinity;
    for (let i = 0; i < left.length; i++) {
      const [a, b, c] = [left[(i + left.length - 1) % left.length]!, left[i]!, left[(i + 1) % left.length]!];
      const [pa, pb, pc] = [ring[a]!, ring[b]!, ring[c]!];
      const twice = cross(pa, pb, pc);
      if (twice < -1e-9) continue;
      if (left.some((k) => k !== a && k !== b && k !== c && inside(ring[k]!, pa, pb, pc))) continue;
      // fat ears first: slivers make poor parts
      const longest = Math.max(
        Math.hypot(pb[0] - pa[0], pb[1] - pa[1]),
        Math.hypot(pc[0] - pb[0], pc[1] - pb[1]),
        Math.hypot(pa[0] - pc[0], pa[1] - pc[1]),
      );
      const quality = twice / longest ** 2;
      if (quality > bestQuality) [best, bestQuality] = [i, quality];
    }
    if (best < 0) return undefined;
    const [a, b, c] = [left[(best + left.length - 1) % left.length]!, left[best]!, left[(best + 1) % left.length]!];
    if (cross(ring[a]!, ring[b]!, ring[c]!) > 1e-9) triangles.push([a, b, c]);
    left.splice(best, 1);
  }
  triangles.push([...left]);
  return triangles;
}

function inside(p: Point, a: Point, b: Point, c: Point): boolean {
  if ((p[0] === a[0] && p[1] === a[1]) || (p[0] === b[0] && p[1] === b[1]) || (p[0] === c[0] && p[1] === c[1])) return false;
  return cross(a, b, p) >= -1e-9 && cross(b, c, p) >= -1e-9 && cross(c, a, p) >= -1e-9;
}

function merge(parts: number[][], ring: readonly Point[]): Point[][] {
  let rings = parts;
  for (let changed = true; changed;) {
    changed = false;
    search: for (let i = 0; i < rings.length; i++) {
      for (let j = i + 1; j < rings.length; j++) {
        const joined = joinAcross(rings[i]!, rings[j]!);
        if (joined && isConvex(joined.map((k) => ring[k]!))) {
          rings = [...rings.filter((_, k) => k !== i && k !== j), joined];
          changed = true;
          break search;
        }
      }
    }
  }
  return rings.map((part) => part.map((k) => ring[k]!));
}

/** Two rings of corner numbers joined across a shared side, or undefined where they share none. */
function joinAcross(a: readonly number[], b: readonly number[]): number[] | undefined {
  for (let i = 0; i < a.length; i++) {
    const [from, to] = [a[i]!, a[(i + 1) % a.length]!];
    const j = b.findIndex((value, k) => value === to && b[(k + 1) % b.length] === from);
    if (j < 0) continue;
    const rest: number[] = [];
    for (let k = 2; k < b.length; k++) rest.push(b[(j + k) % b.length]!);
    return [...a.slice(0, i + 1), ...rest, ...a.slice(i + 1)];
  }
  return undefined;
}

/** Smallest convex ring round points, counter-clockwise (Andrew's monotone chain, 1979). */
export function hull(points: readonly Point[]): Point[] {
  const sorted = [...points].sort((a, b) => a[0] - b[0] || a[1] - b[1]);
  const chain = (list: readonly Point[]) => {
    const out: Point[] = [];
    for (const p of list) {
      while (out.length >= 2 && cross(out[out.length - 2]!, out[out.length - 1]!, p) <= 0) out.pop();
      out.push(p);
    }
    out.pop();
    return out;
  };
  return [...chain(sorted), ...chain([...sorted].reverse())];
}
