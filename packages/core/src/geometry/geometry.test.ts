import { Arc, Face, Point as FlatPoint, Polygon, Segment } from '@flatten-js/core';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { circle, sector } from '../shapes/sector.ts';
import { rectangle } from '../shapes/rectangle.ts';
import { panel } from '../shapes/panel.ts';
import { edgeTangent, edgeThrough } from './arcs.ts';
import { outlineArea, ringArea } from './area.ts';
import { boundsOf, boundsOfPoints } from './bounds.ts';
import { centroid } from './centroid.ts';
import { edgeLength, lengthOf, sweepOf, type Edge } from './edge.ts';
import { flatten } from './flatten.ts';
import { AllowanceTooWide, cutLineOf } from './offset.ts';
import { rightHalf } from './right-half.ts';
import { ringFault } from './simple-ring.ts';
import { svgPath } from './svg-path.ts';

/** The same outline in a general-purpose geometry package. */
function inFlatten(outline: readonly Edge[]): Polygon {
  const shapes = outline.map((edge) => {
    if (!edge.arc) return new Segment(new FlatPoint(...edge.from), new FlatPoint(...edge.to));
    const { start, sweep, radius } = sweepOf(edge);
    return new Arc(new FlatPoint(...edge.arc.centre), radius, start, start + sweep, sweep > 0);
  });
  const polygon = new Polygon();
  polygon.addFace(shapes as never);
  return polygon;
}

const anySector = fc.record({
  inner: fc.integer({ min: 60, max: 300 }),
  long: fc.integer({ min: 100, max: 900 }),
  angleDeg: fc.integer({ min: 20, max: 300 }),
  waist: fc.integer({ min: 5, max: 20 }),
  side: fc.integer({ min: 5, max: 15 }),
  hem: fc.integer({ min: 0, max: 30 }),
});
const draw = ({ inner, long, ...rest }: { inner: number; long: number; angleDeg: number; waist: number; side: number; hem: number }) =>
  sector({ inner, outer: inner + long, ...rest });

describe('outlines of lines and true arcs', () => {
  it('have the area and perimeter a general-purpose geometry package gives', () => {
    fc.assert(
      fc.property(anySector, (options) => {
        const outline = draw(options);
        const other = inFlatten(outline);
        expect(outlineArea(outline)).toBeCloseTo(other.area(), 3);
        const perimeter = [...(other.faces as Iterable<Face>)][0]!.perimeter;
        expect(outline.reduce((sum, edge) => sum + edgeLength(edge), 0)).toBeCloseTo(perimeter, 6);
        const { box } = other;
        const bounds = boundsOf(outline);
        expect([bounds.minX, bounds.minY, bounds.maxX, bounds.maxY].map((each) => Number(each.toFixed(6)))).toEqual(
          [box.xmin, box.ymin, box.xmax, box.ymax].map((each) => Number(each.toFixed(6))),
        );
      }),
    );
  });

  it('have the textbook area of a ring sector (geometry)', () => {
    const outline = sector({ inner: 100, outer: 700, angleDeg: 90, waist: 15, side: 15, hem: 12 });
    expect(outlineArea(outline)).toBeCloseTo((Math.PI / 4) * (700 ** 2 - 100 ** 2), 6);
    expect(outlineArea(circle('hole', 50, 0, false))).toBeCloseTo(-Math.PI * 2500, 6);
  });

  it('flatten within the chord error promised, never more than 0.1 mm', () => {
    fc.assert(
      fc.property(anySector, (options) => {
        const outline = draw(options);
        const arcs = outline.filter((edge) => edge.arc);
        const ring = flatten(outline);
        const off = ring.flatMap((point, i) => {
          const next = ring[(i + 1) % ring.length]!;
          const middle = [(point[0] + next[0]) / 2, (point[1] + next[1]) / 2] as const;
          return arcs.map(({ arc, from }) => ({
            gap: Math.hypot(...from) - Math.hypot(middle[0] - arc!.centre[0], middle[1] - arc!.centre[1]),
            length: Math.hypot(next[0] - point[0], next[1] - point[1]),
            radius: Math.hypot(...from),
            end: Math.hypot(...point),
          }));
        });
        // chords that lie on an arc: their middle is nearest to it
        for (const { gap, radius, end } of off) if (Math.abs(end - radius) < 1e-6 && gap > 0 && gap < 1) expect(gap).toBeLessThanOrEqual(0.1);
      }),
    );
  });

  it('flattened outwards cover the whole piece and keep its box', () => {
    fc.assert(
      fc.property(anySector, (options) => {
        const cut = cutLineOf(draw(options));
        const outside = flatten(cut, 1, 'outside');
        expect(ringArea(outside)).toBeGreaterThanOrEqual(outlineArea(cut) - 1e-6 - 0.02 * options.inner * options.inner);
        const [box, exact] = [boundsOfPoints(outside), boundsOf(cut)];
        expect(box.height).toBeGreaterThanOrEqual(exact.height - 1e-6);
        expect(box.width - exact.width).toBeLessThan(3);
      }),
    );
  });

  it('fold to exactly half when they are the same left and right', () => {
    fc.assert(
      fc.property(anySector, (options) => {
        const outline = cutLineOf(draw(options));
        expect(outlineArea(rightHalf(outline))).toBeCloseTo(outlineArea(outline) / 2, 4);
      }),
    );
  });
});

describe('the cut line', () => {
  it('runs its allowance outside the seam line everywhere (distance by a general-purpose package)', () => {
    fc.assert(
      fc.property(anySector, (options) => {
        const seam = draw(options);
        const polygon = inFlatten(seam);
        for (const edge of cutLineOf(seam)) {
          if (edge.allowance === 0) continue;
          const [middle] = flatten([edge], 0.05).slice(-1);
          const point = edge.arc ? middle! : ([(edge.from[0] + edge.to[0]) / 2, (edge.from[1] + edge.to[1]) / 2] as const);
          const [distance] = polygon.distanceTo(new FlatPoint(...point));
          expect(distance).toBeLessThanOrEqual(Math.max(options.waist, options.side, options.hem) * 1.5 + 1e-6);
          if (!edge.arc) expect(distance).toBeCloseTo(edge.allowance, 6);
        }
      }),
    );
  });

  it('cuts a hole SMALLER than its seam (handbook 0)', () => {
    const [cut] = cutLineOf(circle('waist', 111.4, 15, false));
    expect(sweepOf(cut!).radius).toBeCloseTo(96.4, 9);
  });

  it('of a rectangle is a rectangle with its allowances added', () => {
    const cut = cutLineOf(rectangle(300, 500, { top: 35, bottom: 24, sides: 15 }));
    expect(boundsOf(cut)).toMatchObject({ width: 330, height: 559 });
    expect(outlineArea(cut)).toBeCloseTo(330 * 559, 6);
  });

  it('refuses an allowance that leaves nothing of the hole', () => {
    expect(() => cutLineOf(circle('waist', 12, 15, false))).toThrow(AllowanceTooWide);
  });
});

describe('curves', () => {
  it('go through the three points they are given', () => {
    const edge = edgeThrough('hem', [-100, 5], [0, 0], [100, 5], 0);
    const { radius } = sweepOf(edge);
    // sagitta: r = (half chord squared + rise squared) / (2 rise)
    expect(radius).toBeCloseTo((100 ** 2 + 5 ** 2) / 10, 6);
    expect(edgeThrough('hem', [-100, 0], [0, 0], [100, 0], 0).arc).toBeUndefined();
  });

  it('leave in the direction they are told', () => {
    const edge = edgeTangent('side', [240, -200], [0, 1], [175, 0], 0);
    const { centre } = edge.arc!;
    expect(centre[1]).toBeCloseTo(-200, 9);
    expect(Math.hypot(175 - centre[0], 0 - centre[1])).toBeCloseTo(Math.abs(240 - centre[0]), 9);
  });

  it('draw a panel whose left and right sides are as long as each other', () => {
    const outline = panel({
      stations: [
        { name: 'waist', down: 0, half: 175 },
        { name: 'hip', down: 200, half: 240 },
        { name: 'hem', down: 600, half: 204 },
      ],
      hipCurve: true,
      hemRise: 4,
      allow: { top: 15, side: 15, hem: 20 },
    });
    expect(lengthOf(outline, 'side-left')).toBeCloseTo(lengthOf(outline, 'side-right'), 9);
    expect(ringFault(flatten(cutLineOf(outline)))).toBeUndefined();
  });
});

describe('rings from outside', () => {
  it.each([
    [
      [
        [0, 0],
        [10, 10],
        [10, 0],
        [0, 10],
      ],
      'crosses itself',
    ],
    [
      [
        [0, 0],
        [10, 0],
      ],
      'needs at least three corners',
    ],
    [
      [
        [0, 0],
        [10, 0],
        [20, 0],
      ],
      'has no area',
    ],
    [
      [
        [0, 0],
        [10, 0],
        [10, 10],
        [5, 10],
        [5, 0.0],
        [5, 10],
        [0, 10],
      ],
      'crosses itself',
    ],
  ] as const)('%j %s', (ring, fault) => expect(ringFault(ring as never)).toBe(fault));

  it('accepts every simple one', () =>
    expect(
      ringFault([
        [0, 0],
        [300, 0],
        [200, 800],
        [100, 800],
      ]),
    ).toBeUndefined());
});

it('draws arcs as arcs', () => {
  const path = svgPath(sector({ inner: 100, outer: 700, angleDeg: 180, waist: 15, side: 15, hem: 12 }));
  expect(path).toMatch(/^M-700 0 A700 700 0 0 1 700 0 L100 0 A100 100 0 0 0 -100 0/);
  expect(
    centroid([
      [0, 0],
      [4, 0],
      [4, 2],
      [0, 2],
    ]),
  ).toEqual([2, 1]);
});
