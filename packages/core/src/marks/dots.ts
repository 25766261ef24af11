import { polar, type Point } from '../geometry/point.ts';

/** Dots lie about this far apart on a chalked arc, mm (handbook 4: every 5-8 cm). */
const APART = 65;

/** Dots on an arc about `centre` (mm, radians), ends included. */
export function dotsOnArc(centre: Point, radius: number, from: number, to: number): Point[] {
  const steps = Math.max(2, Math.round((radius * Math.abs(to - from)) / APART));
  return Array.from({ length: steps + 1 }, (_, i) => polar(centre, radius, from + ((to - from) * i) / steps));
}

/** Ruler offsets for dots measured from the folded corner: along the first fold, out from it, mm. */
export function offsetTable(dots: readonly Point[], origin: Point): Array<readonly [number, number]> {
  return dots.map(([x, y]) => [Math.abs(y - origin[1]), Math.abs(x - origin[0])] as const);
}
