import { sweepOf, type Edge } from './edge.ts';
import type { Point } from './point.ts';

/** Area of a ring of points, mm2, positive when counter-clockwise. */
export function ringArea(ring: readonly Point[]): number {
  let twice = 0;
  for (let i = 0; i < ring.length; i++) {
    const [ax, ay] = ring[i]!;
    const [bx, by] = ring[(i + 1) % ring.length]!;
    twice += ax * by - bx * ay;
  }
  return twice / 2;
}

/** Exact area of an outline of lines and arcs, mm2, positive when counter-clockwise. */
export function outlineArea(outline: readonly Edge[]): number {
  let area = ringArea(outline.map((edge) => edge.from));
  for (const edge of outline) {
    if (!edge.arc) continue;
    const { sweep, radius } = sweepOf(edge);
    area += (radius ** 2 / 2) * (sweep - Math.sin(sweep));
  }
  return area;
}
