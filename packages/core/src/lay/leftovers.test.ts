import { expect, it } from 'vitest';
import { box } from '../testing/lay-sets.ts';
import { leftovers } from './leftovers.ts';
import type { Point } from '../geometry/point.ts';

const at = (ring: readonly Point[], x: number, y: number): Point[] => ring.map(([px, py]) => [px + x, py + y]);
const inside = ([x, y]: Point, a: { x: number; y: number; width: number; height: number }) =>
  x > a.x && x < a.x + a.width && y > a.y && y < a.y + a.height;

it('finds the empty strip beside a piece, to the centimetre', () => {
  const [first] = leftovers([at(box(900, 1000), 0, 0)], 1400, 1000);
  expect(first).toEqual({ x: 900, y: 0, width: 500, height: 1000 });
});

it('keeps off the pieces and off each other, and leaves out scraps', () => {
  const circle: Point[] = Array.from({ length: 90 }, (_, i) => [500 + 500 * Math.cos((i * Math.PI) / 45), 500 + 500 * Math.sin((i * Math.PI) / 45)]);
  const found = leftovers([circle], 1000, 1000);
  expect(found.length).toBeGreaterThan(0);
  for (const rest of found) {
    // geometry: the corner of a square outside its circle holds a square of r (1 - 1/sqrt 2) = 146 mm
    expect(Math.min(rest.width, rest.height)).toBeLessThanOrEqual(147 * 2);
    for (const corner of box(rest.width, rest.height)) {
      const [x, y] = [corner[0] + rest.x, corner[1] + rest.y];
      expect(Math.hypot(x - 500, y - 500)).toBeGreaterThanOrEqual(500 - 0.7);
    }
  }
  expect(found.some((a) => found.some((b) => a !== b && inside([a.x + 1, a.y + 1], b)))).toBe(false);
  expect(leftovers([box(1350, 1000)], 1400, 1000)).toEqual([]);
});
