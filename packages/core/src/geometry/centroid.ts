import { ringArea } from './area.ts';
import type { Point } from './point.ts';

/** Centre of area of a ring of points (mm). */
export function centroid(ring: readonly Point[]): Point {
  const area = ringArea(ring);
  let [x, y] = [0, 0];
  ring.forEach(([ax, ay], i) => {
    const [bx, by] = ring[(i + 1) % ring.length]!;
    const cross = ax * by - bx * ay;
    x += (ax + bx) * cross;
    y += (ay + by) * cross;
  });
  return [x / (6 * area), y / (6 * area)];
}
