import { ringArea } from './area.ts';
import type { Point } from './point.ts';

/** Area that two convex counter-clockwise rings share, mm2: the first cut along every side of the second (Sutherland and Hodgman 1974). */
export function sharedArea(a: readonly Point[], b: readonly Point[]): number {
  let rest = a;
  for (let i = 0; i < b.length && rest.length > 0; i++) rest = leftOf(rest, b[i]!, b[(i + 1) % b.length]!);
  return ringArea(rest);
}

function leftOf(ring: readonly Point[], [ax, ay]: Point, [bx, by]: Point): Point[] {
  const side = ([x, y]: Point) => (bx - ax) * (y - ay) - (by - ay) * (x - ax);
  return ring.flatMap((from, i) => {
    const to = ring[(i + 1) % ring.length]!;
    const [here, there] = [side(from), side(to)];
    const kept: Point[] = here >= 0 ? [from] : [];
    if (here < 0 === there < 0) return kept;
    const share = here / (here - there);
    return [...kept, [from[0] + (to[0] - from[0]) * share, from[1] + (to[1] - from[1]) * share]];
  });
}
