import { Polygon } from '@flatten-js/core';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Point } from './point.ts';
import { crossesItself } from './simple-ring.ts';

const apart = (ring: readonly Point[]) => new Set(ring.map(String)).size === ring.length;

/** Every pair of sides, by a general-purpose geometry package. */
function crossesByPairs(ring: readonly Point[]): boolean {
  const edges = [...new Polygon(ring as Array<[number, number]>).edges];
  const last = edges.length - 1;
  return edges.some((a, i) =>
    edges.some((b, j) => {
      if (j <= i) return false;
      // neighbours share a corner; they may not run back over each other
      if (j === i + 1) return a.shape.contains(b.shape.end) || b.shape.contains(a.shape.start);
      if (i === 0 && j === last) return b.shape.contains(a.shape.end) || a.shape.contains(b.shape.start);
      return a.shape.intersect(b.shape).length > 0;
    }),
  );
}

describe('whether an outline crosses itself', () => {
  it('is what comparing every two sides says (flatten-js), also on a grid where corners meet sides', () => {
    let crossed = 0;
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 0, max: 6 }), fc.integer({ min: 0, max: 6 })), { minLength: 4, maxLength: 7 }).filter(apart),
        (ring) => {
          const expected = crossesByPairs(ring);
          crossed += Number(expected);
          expect(crossesItself(ring)).toBe(expected);
        },
      ),
      { numRuns: 1500, seed: 11 },
    );
    expect(crossed).toBeGreaterThan(300);
    expect(crossed).toBeLessThan(1450);
  });

  it('is no matter of which corner comes first, nor of how the outline is turned', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: -50, max: 50 }), fc.integer({ min: -50, max: 50 })), { minLength: 4, maxLength: 14 }).filter(apart),
        fc.nat(13),
        (ring, by) => {
          const told = crossesItself(ring);
          expect(crossesItself([...ring.slice(by % ring.length), ...ring.slice(0, by % ring.length)])).toBe(told);
          expect(crossesItself(ring.map(([x, y]): Point => [-y, x]))).toBe(told);
          expect(crossesItself([...ring].reverse())).toBe(told);
        },
      ),
      { numRuns: 500, seed: 5 },
    );
  });

  it('compares few sides, however they overlap: a zigzag of 5000 corners, straight and aslant', () => {
    const zigzag = (slant: number): Point[] => {
      const teeth = Array.from({ length: 2500 }, (_, i): Point[] => [
        [i % 2 === 0 ? 0 : 1000, i * 2],
        [i % 2 === 0 ? 1000 : 0, i * 2 + 1],
      ]).flat();
      return [...teeth, [2000, 5000] as Point, [2000, -5] as Point, [-5, -5] as Point].map(([x, y]): Point => [x + slant * y, y - slant * x]);
    };
    let [asked, saw] = [0, false];
    for (const slant of [0, 1, 0.3]) {
      const counted = zigzag(slant).map((point) => new Proxy(point, { get: (on, key) => (asked++, Reflect.get(on, key) as unknown) }));
      saw ||= crossesItself(counted);
      expect(crossesItself(zigzag(slant).map((point, i, all): Point => (i === 700 ? all[3000]! : i === 3000 ? all[700]! : point)))).toBe(true);
    }
    expect(saw).toBe(false);
    // comparing every two sides would ask for some 200 000 000 figures each time
    expect(asked).toBeLessThan(10_000_000);
  });
});
