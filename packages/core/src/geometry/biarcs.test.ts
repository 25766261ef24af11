import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { curveThrough } from './biarcs.ts';
import { edgeLength, sweepOf, type Edge } from './edge.ts';
import { distance, polar, type Point } from './point.ts';

const total = (edges: readonly Edge[]) => edges.reduce((sum, edge) => sum + edgeLength(edge), 0);
/** The direction of a side at one of its ends, degrees. */
function direction(edge: Edge, at: 'from' | 'to'): number {
  const point = edge[at];
  if (!edge.arc) return (Math.atan2(edge.to[1] - edge.from[1], edge.to[0] - edge.from[0]) * 180) / Math.PI;
  const { sweep } = sweepOf(edge);
  const angle = Math.atan2(point[1] - edge.arc.centre[1], point[0] - edge.arc.centre[0]) + (Math.sign(sweep) * Math.PI) / 2;
  return (angle * 180) / Math.PI;
}
const turn = (a: number, b: number) => Math.abs(((((a - b) % 360) + 540) % 360) - 180);

describe('a curve through points', () => {
  it('is the circle where the points lie on one (geometry)', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 20, max: 900 }),
        fc.double({ min: 0.4, max: 4, noNaN: true }),
        fc.integer({ min: 3, max: 9 }),
        (radius, sweep, count) => {
          const points = Array.from({ length: count }, (_, i): Point => polar([30, -10], radius, 1 + (sweep * i) / (count - 1)));
          const curve = curveThrough('neck', points, 0);
          expect(total(curve)).toBeCloseTo(radius * sweep, 6);
          for (const { arc } of curve) if (arc) expect(distance(arc.centre, [30, -10])).toBeLessThan(1e-5 * radius);
        },
      ),
      { numRuns: 100, seed: 11 },
    );
  });

  it('is as long as the ellipse its points lie on, to a thousandth (Ramanujan 1914, from memory)', () => {
    const [a, b] = [90, 75];
    const points = Array.from({ length: 9 }, (_, i): Point => [a * Math.cos((i * Math.PI) / 8), b * Math.sin((i * Math.PI) / 8)]);
    const h = ((a - b) / (a + b)) ** 2;
    const whole = Math.PI * (a + b) * (1 + (3 * h) / (10 + Math.sqrt(4 - 3 * h)));
    expect(Math.abs(total(curveThrough('neck', points, 0, { start: [0, 1], end: [0, -1] })) / (whole / 2) - 1)).toBeLessThan(0.001);
  });

  it('goes through every point and turns nowhere sharply', () => {
    const point = fc.tuple(fc.integer({ min: -400, max: 400 }), fc.integer({ min: -400, max: 400 }));
    fc.assert(
      fc.property(fc.uniqueArray(point, { minLength: 2, maxLength: 7, selector: String }), (points) => {
        const curve = curveThrough('edge', points, 15);
        const ends = curve.flatMap(({ from, to }) => [from, to]);
        for (const wanted of points) expect(Math.min(...ends.map((end) => distance(end, wanted)))).toBeLessThan(1e-6);
        curve.slice(1).forEach((edge, i) => {
          expect(distance(curve[i]!.to, edge.from)).toBeLessThan(1e-6);
          if (edgeLength(curve[i]!) > 0.01 && edgeLength(edge) > 0.01)
            expect(turn(direction(curve[i]!, 'to'), direction(edge, 'from'))).toBeLessThan(0.1);
        });
        expect(curve.every(({ name, allowance }) => name === 'edge' && allowance === 15)).toBe(true);
      }),
      { numRuns: 200, seed: 12 },
    );
  });

  it('refuses one point, and a point twice', () => {
    expect(() => curveThrough('neck', [[0, 0]], 0)).toThrow(RangeError);
    expect(() =>
      curveThrough(
        'neck',
        [
          [0, 0],
          [0, 0],
          [1, 1],
        ],
        0,
      ),
    ).toThrow(RangeError);
  });
});
