import { sweepOf, type Edge } from './edge.ts';
import { polar, turned, type Point } from './point.ts';

/** The upright box round a shape, mm. */
export interface Bounds {
  minX: number;
  minY: number;
  maxX: number;
  maxY: number;
  width: number;
  height: number;
}

/** The box round points. Throws RangeError on none. */
export function boundsOfPoints(points: readonly Point[]): Bounds {
  if (points.length === 0) throw new RangeError('no points, no bounds');
  let [minX, minY, maxX, maxY] = [Infinity, Infinity, -Infinity, -Infinity];
  for (const [x, y] of points) {
    minX = Math.min(minX, x);
    maxX = Math.max(maxX, x);
    minY = Math.min(minY, y);
    maxY = Math.max(maxY, y);
  }
  return { minX, minY, maxX, maxY, width: maxX - minX, height: maxY - minY };
}

/** The exact box round an outline of lines and arcs, turned by `angleDeg` (quarter turns). */
export function boundsOf(outline: readonly Edge[], angleDeg = 0): Bounds {
  const points: Point[] = [];
  for (const edge of outline) {
    points.push(edge.from, edge.to);
    if (!edge.arc) continue;
    const { start, sweep, radius } = sweepOf(edge);
    // an arc reaches furthest where it crosses one of the four compass directions of its centre
    for (let quarter = -4; quarter <= 4; quarter++) {
      const direction = (quarter * Math.PI) / 2;
      const along = (direction - start) / sweep;
      if (along > 0 && along < 1) points.push(polar(edge.arc.centre, radius, direction));
    }
  }
  return boundsOfPoints(points.map((point) => turned(point, angleDeg)));
}
