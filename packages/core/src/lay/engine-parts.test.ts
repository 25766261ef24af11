// Longer than 250 lines: every part of the engine held against one geometry package.
import { areaD, differenceD, FillRule, intersectD, unionD, type PathD } from 'clipper2-ts';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ringArea } from '../geometry/area.ts';
import { boundsOfPoints } from '../geometry/bounds.ts';
import type { Point } from '../geometry/point.ts';
import { box, cutRectangles, dissection, gores, sectors } from '../testing/lay-sets.ts';
import { layInOrder } from './outlines/bottom-left.ts';
import { convexParts, hull, isConvex } from './outlines/convex-parts.ts';
import { solveJigsaw } from './outlines/jigsaw.ts';
import { layShapes, NoFitStore, type LayShape } from './outlines/lay-shape.ts';
import type { LayPiece } from './lay-request.ts';
import { depthInside, isForbidden, noFit } from './outlines/no-fit.ts';
import { lengthOfLay, type Put } from './outlines/put.ts';
import { randomFrom } from './random.ts';
import { allRectangles } from './rectangles/rectangles.ts';
import { layHeadToTail, layInRows } from './outlines/rows.ts';
import { Search } from './search.ts';
import { simplifyOutward } from './outlines/simplify-outward.ts';
import { firstFree } from './outlines/slide.ts';
import { Strip } from './outlines/strip.ts';
import { shorten } from './untangle/shorten.ts';

const path = (ring: readonly Point[], dx = 0, dy = 0): PathD => ring.map(([x, y]) => ({ x: x + dx, y: y + dy }));
const total = (paths: PathD[]) => paths.reduce((sum, each) => sum + areaD(each), 0);
const moved = (ring: readonly Point[], dx: number, dy: number): Point[] => ring.map(([x, y]) => [x + dx, y + dy]);

/** Pieces as garments have them, convex and hollow. */
const RINGS: ReadonlyArray<readonly [string, readonly Point[]]> = [
  ['a rectangle', box(300, 500)],
  ['a gore', gores(1, 3).outline],
  ['a trumpet gore', gores(1, 4, true).outline],
  ['a half ring', sectors(1, 110, 500, 180).outline],
  ['a third of a ring', sectors(1, 200, 600, 120).outline],
  [
    'an L',
    [
      [0, 0],
      [400, 0],
      [400, 120],
      [150, 120],
      [150, 500],
      [0, 500],
    ],
  ],
  [
    'a comb',
    [
      [0, 0],
      [500, 0],
      [500, 300],
      [400, 300],
      [400, 80],
      [300, 80],
      [300, 300],
      [200, 300],
      [200, 80],
      [100, 80],
      [100, 300],
      [0, 300],
    ],
  ],
];

describe.each(RINGS)('%s', (_, ring) => {
  it('is cut into convex parts that cover it exactly', () => {
    const parts = convexParts(ring);
    for (const part of parts) expect(isConvex(part)).toBe(true);
    expect(parts.reduce((sum, part) => sum + ringArea(part), 0)).toBeCloseTo(ringArea(ring), 2);
    const whole = unionD(
      parts.map((part) => path(part)),
      [],
      FillRule.NonZero,
      4,
    );
    expect(Math.abs(total(differenceD([path(ring)], whole, FillRule.NonZero, 4)))).toBeLessThan(1);
  });

  it('is simplified only outwards, keeps its box, and grows by less than a hundredth', () => {
    const simple = simplifyOutward(ring, 24);
    expect(simple.length).toBeLessThanOrEqual(ring.length);
    expect(Math.abs(total(differenceD([path(ring)], [path(simple)], FillRule.NonZero, 4)))).toBeLessThan(0.5);
    expect(ringArea(simple)).toBeLessThanOrEqual(ringArea(ring) * 1.01);
    const [a, b] = [boundsOfPoints(ring), boundsOfPoints(simple)];
    for (const side of ['minX', 'maxX', 'minY', 'maxY'] as const) expect(b[side]).toBeCloseTo(a[side], 4);
  });

  it('has a hull that is convex and covers it', () => {
    const round = hull(ring);
    expect(isConvex(round)).toBe(true);
    expect(Math.abs(total(differenceD([path(ring)], [path(round)], FillRule.NonZero, 4)))).toBeLessThan(0.5);
  });

  it.each(RINGS)(`beside %s, overlaps it just where the no-fit rings say so (a general-purpose polygon package)`, (_other, other) => {
    const rings = noFit(convexParts(other), convexParts(ring));
    const reach = boundsOfPoints(other);
    fc.assert(
      fc.property(fc.double({ min: -1, max: 2, noNaN: true }), fc.double({ min: -1, max: 2, noNaN: true }), (sx, sy) => {
        const [x, y] = [reach.minX + sx * reach.width, reach.minY + sy * reach.height];
        const shared = Math.abs(total(intersectD([path(other)], [path(ring, x, y)], FillRule.NonZero, 4)));
        const depth = Math.max(0, ...rings.map((each) => depthInside(each, x, y)));
        if (depth === 0) expect(shared).toBeLessThan(1);
        if (depth > 1) expect(shared).toBeGreaterThan(0);
        expect(rings.some((each) => isForbidden(each, x, y, 1e-6))).toBe(depth > 1e-6);
      }),
      { numRuns: 40, seed: 9 },
    );
  });
});

it.each([60, 400, 3000])('an outline with %i jags still becomes few parts that cover it', (corners) => {
  const random = randomFrom(corners);
  const jagged = Array.from({ length: corners }, (_, i): Point => {
    const [at, radius] = [(2 * Math.PI * i) / corners, 250 * (0.3 + 0.7 * random())];
    return [radius * Math.cos(at), radius * Math.sin(at)];
  });
  const parts = convexParts(simplifyOutward(jagged, 40));
  expect(parts.length).toBeLessThan(20);
  const whole = unionD(
    parts.map((part) => path(part)),
    [],
    FillRule.NonZero,
    4,
  );
  expect(Math.abs(total(differenceD([path(jagged)], whole, FillRule.NonZero, 4)))).toBeLessThan(1);
});

const itemsOf = (pieces: readonly LayPiece[], width: number): LayShape[][] => {
  const shapes = layShapes(pieces, width);
  return pieces.flatMap(({ copies }, i) => Array.from({ length: copies }, () => shapes[i]!));
};
const overlaps = (put: readonly Put[], store: NoFitStore, by = 1e-3) =>
  put.some((a, i) => put.slice(0, i).some((b) => store.of(b.shape, a.shape).some((ring) => isForbidden(ring, a.x - b.x, a.y - b.y, by))));
const within = (put: readonly Put[], width: number) => put.every(({ shape, x, y }) => x >= -1e-6 && y >= -1e-6 && x + shape.width <= width + 1e-6);

describe('shapes to be laid', () => {
  it('are kept once where turns come out alike', () => {
    const [rectangle, square, gore] = layShapes(
      [
        { id: 'r', outline: box(300, 500), copies: 1, turns: [0, 90, 180, 270] },
        { id: 's', outline: box(300, 300), copies: 1, turns: [0, 90, 180, 270] },
        { ...gores(1, 2), turns: [0, 180] },
      ],
      1400,
    );
    expect(rectangle!.map(({ turn }) => turn)).toEqual([0, 90]);
    expect(square!.map(({ turn }) => turn)).toEqual([0]);
    expect(gore!.map(({ turn }) => turn)).toEqual([0, 180]);
  });

  it('leave out turns that are wider than the strip', () => {
    expect(layShapes([{ id: 'r', outline: box(300, 500), copies: 1, turns: [0, 90] }], 400)[0]!.map(({ turn }) => turn)).toEqual([0]);
    expect(layShapes([{ id: 'r', outline: box(300, 500), copies: 1, turns: [90] }], 400)[0]).toEqual([]);
  });

  it('know rectangles from everything else', () => {
    expect(allRectangles(itemsOf(cutRectangles(6, 1000, 1000, 2), 1000))).toBe(true);
    expect(allRectangles(itemsOf([gores(2, 1)], 1000))).toBe(false);
  });
});

describe('sliding along one line', () => {
  const store = new NoFitStore();
  const [[a]] = [layShapes([{ id: 'a', outline: box(100, 200), copies: 1, turns: [0] }], 1000)[0]!] as [[LayShape]];
  const at = (x: number, y: number): Put => ({ shape: a, x, y });

  it('finds the first gap that is wide enough, skips one that is not', () => {
    expect(firstFree(a, [at(0, 0), at(150, 0)], 'x', 0, 0, store)).toBeCloseTo(250, 6);
    expect(firstFree(a, [at(0, 0), at(200, 0)], 'x', 0, 0, store)).toBeCloseTo(100, 6);
    expect(firstFree(a, [at(0, 0)], 'y', 0, 0, store)).toBeCloseTo(200, 6);
    expect(firstFree(a, [at(0, 0)], 'x', 500, 0, store)).toBe(0);
    expect(firstFree(a, [], 'x', 0, 30, store)).toBe(30);
  });
});

describe('each way of laying by itself', () => {
  const sets: ReadonlyArray<readonly [string, LayPiece[]]> = [
    ['gores', [gores(7, 5)]],
    ['rings', [sectors(3, 120, 420, 180)]],
    ['a mixed set', [gores(4, 2), sectors(2, 90, 260, 180), { id: 'band', outline: box(700, 90), copies: 1, turns: [0, 90] }]],
  ];

  it.each(sets)('lays %s without overlaps inside the strip: rows, head to tail, in order, untangled', (_, pieces) => {
    const width = 1300;
    const items = itemsOf(pieces, width);
    const store = new NoFitStore();
    const rows = layInRows(items, width);
    const tails = layHeadToTail(items, width, store);
    const search = new Search(rows, { seconds: Infinity, steps: 400 });
    const order = layInOrder(
      items,
      items.map((_item, i) => i),
      width,
      store,
      search,
      new Map(),
    )!;
    for (const put of [rows, tails, order]) {
      expect(put).toHaveLength(items.length);
      expect(overlaps(put, store)).toBe(false);
      expect(within(put, width)).toBe(true);
    }
    expect(lengthOfLay(tails)).toBeLessThanOrEqual(lengthOfLay(rows) + 1e-6);
    search.offer(tails);
    shorten(new Strip(items, width, store, search));
    expect(overlaps(search.best, store)).toBe(false);
    expect(within(search.best, width)).toBe(true);
    expect(search.length).toBeLessThanOrEqual(lengthOfLay(rows));
  });

  it('puts a jigsaw together whatever order its pieces come in, and knows when it is none', () => {
    const width = 1200;
    const random = randomFrom(5);
    for (const seed of [2, 3, 4]) {
      const pieces = dissection(9, width, 1500, seed).sort(() => random() - 0.5);
      const items = itemsOf(pieces, width);
      const solved = solveJigsaw(items, width, new NoFitStore(), new Search(layInRows(items, width), { seconds: 5 }))!;
      expect(lengthOfLay(solved)).toBeCloseTo(1500, 3);
      expect(overlaps(solved, new NoFitStore(), 0.05)).toBe(false);
    }
    const loose = itemsOf([gores(5, 1)], width);
    expect(solveJigsaw(loose, width, new NoFitStore(), new Search(layInRows(loose, width), { seconds: 2 }))).toBeUndefined();
  });
});

describe('a search', () => {
  const one = (y: number): Put[] => [{ shape: layShapes([{ id: 'a', outline: box(10, 10), copies: 1, turns: [0] }], 100)[0]![0]!, x: 0, y }];

  it('takes what is shorter and nothing else, and tells of it', () => {
    const heard: number[] = [];
    const search = new Search(one(90), { seconds: 1 }, 1, (put) => heard.push(lengthOfLay(put)));
    expect(search.offer(one(95))).toBe(false);
    expect(search.offer(one(50))).toBe(true);
    expect(search.offer(one(50))).toBe(false);
    expect(search.length).toBe(60);
    expect(heard).toEqual([60]);
  });

  it('ends after its looks, or its seconds', async () => {
    const counted = new Search(one(1), { seconds: Infinity, steps: 3 });
    expect([1, 2, 3, 4].map(() => counted.over())).toEqual([false, false, false, true]);
    const timed = new Search(one(1), { seconds: 0.02 });
    await new Promise((later) => setTimeout(later, 40));
    expect(Array.from({ length: 32 }, () => timed.over())).toContain(true);
  });

  it('throws the same dice for the same seed, evenly', () => {
    const [a, b, c] = [randomFrom(7), randomFrom(7), randomFrom(8)];
    const rolls = Array.from({ length: 2000 }, () => a());
    expect(rolls).toEqual(Array.from({ length: 2000 }, () => b()));
    expect(rolls[0]).not.toBe(c());
    expect(rolls.every((x) => x >= 0 && x < 1)).toBe(true);
    expect(rolls.reduce((sum, x) => sum + x, 0) / 2000).toBeCloseTo(0.5, 1);
  });
});

it('moving both pieces together changes nothing of how they overlap', () => {
  const [a, b] = [convexParts(gores(1, 3).outline), convexParts(sectors(1, 110, 400, 150).outline)];
  fc.assert(
    fc.property(fc.integer({ min: -300, max: 300 }), fc.integer({ min: -300, max: 300 }), (dx, dy) => {
      const shifted = noFit(
        a.map((part) => moved(part, dx, dy)),
        b.map((part) => moved(part, dx, dy)),
      );
      noFit(a, b).forEach((ring, i) => expect(shifted[i]!.minX).toBeCloseTo(ring.minX, 6));
    }),
    { numRuns: 20 },
  );
});
