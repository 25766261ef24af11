import type { Point } from '../geometry/point.ts';

const cross = (o: Point, a: Point, b: Point) => (a[0] - o[0]) * (b[1] - o[1]) - (a[1] - o[1]) * (b[0] - o[0]);

/**
 * A counter-clockwise ring with fewer corners that still covers the whole of the first: hollow corners are filled, or a short side
 * between two bulging corners is replaced by the crossing of its neighbours, the cheapest in area first.
 * Stops at `corners`, or where nothing more can be saved below 1 % of the area.
 */
export function simplifyOutward(ring: readonly Point[], corners: number): Point[] {
  const points = [...ring];
  const box = points.reduce((b, [x, y]) => ({ x: Math.max(b.x, x), y: Math.max(b.y, y), x0: Math.min(b.x0, x), y0: Math.min(b.y0, y) }), {
    x: -Infinity,
    y: -Infinity,
    x0: Infinity,
    y0: Infinity,
  });
  const limit = 0.01 * (box.x - box.x0) * (box.y - box.y0);
  while (points.length > corners) {
    let best: { cost: number; at: number; by?: Point } | undefined;
    for (let i = 0; i < points.length; i++) {
      const step = cheapest(points, i, box);
      if (step && (!best || step.cost < best.cost)) best = step;
    }
    if (!best || best.cost > limit) break;
    if (best.by) {
      const next = (best.at + 1) % points.length;
      points[best.at] = best.by;
      points.splice(next, 1);
    } else points.splice(best.at, 1);
  }
  return points;
}

function cheapest(
  points: readonly Point[],
  i: number,
  box: { x: number; y: number; x0: number; y0: number },
): { cost: number; at: number; by?: Point } | undefined {
  const n = points.length;
  const [a, b, c, d] = [points[(i + n - 1) % n]!, points[i]!, points[(i + 1) % n]!, points[(i + 2) % n]!];
  const turn = cross(a, b, c);
  if (turn <= 1e-9) return { cost: -turn / 2, at: i };
  if (cross(b, c, d) <= 0) return undefined;
  const [u, v] = [
    [b[0] - a[0], b[1] - a[1]],
    [d[0] - c[0], d[1] - c[1]],
  ] as const;
  const denominator = u[0] * v[1] - u[1] * v[0];
  if (denominator <= 1e-9) return undefined;
  const along = ((c[0] - a[0]) * v[1] - (c[1] - a[1]) * v[0]) / denominator;
  const by: Point = [a[0] + u[0] * along, a[1] + u[1] * along];
  // the box must not grow: its sides decide what fits
  if (along < 1 || by[0] > box.x + 1e-6 || by[1] > box.y + 1e-6 || by[0] < box.x0 - 1e-6 || by[1] < box.y0 - 1e-6) return undefined;
  return { cost: cross(b, by, c) < 0 ? -cross(b, by, c) / 2 : cross(b, by, c) / 2, at: i, by };
}
