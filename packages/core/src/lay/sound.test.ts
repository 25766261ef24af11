import { areaD, FillRule, intersectD } from 'clipper2-ts';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { hull } from './outlines/convex-parts.ts';
import { sharedArea } from '../geometry/shared-area.ts';
import type { Point } from '../geometry/point.ts';
import { box, cutRectangles, gores } from '../testing/lay-sets.ts';
import { layShapes, NoFitStore } from './outlines/lay-shape.ts';
import type { LayPiece } from './lay-request.ts';
import { Perfect } from './rectangles/perfect.ts';
import { lengthOfLay, type Put } from './outlines/put.ts';
import { grouped } from './rectangles/rectangle-groups.ts';
import { layInRows } from './outlines/rows.ts';
import { Search } from './search.ts';
import { isSound } from './sound.ts';
import { eased } from './untangle/untangle.ts';

const convex = fc
  .array(fc.tuple(fc.double({ min: 0, max: 500, noNaN: true }), fc.double({ min: 0, max: 500, noNaN: true })), { minLength: 3, maxLength: 9 })
  .map((points) => hull(points))
  .filter((ring) => ring.length > 2);

it('what two convex rings share is what a polygon package says', () => {
  const path = (ring: readonly Point[]) => ring.map(([x, y]) => ({ x, y }));
  fc.assert(
    fc.property(convex, convex, (a, b) => {
      const known = intersectD([path(a)], [path(b)], FillRule.NonZero, 6).reduce((sum, each) => sum + Math.abs(areaD(each)), 0);
      expect(sharedArea(a, b)).toBeCloseTo(known, 1);
      expect(sharedArea(b, a)).toBeCloseTo(sharedArea(a, b), 4);
    }),
    { numRuns: 150, seed: 4 },
  );
});

const shapeOf = (outline: readonly Point[]) => layShapes([{ id: 'a', outline, copies: 1, turns: [0] }], 5000)[0]![0]!;

describe('a lay can be cut', () => {
  const shape = shapeOf(box(300, 800));
  const store = new NoFitStore();
  const beside = (x: number, y = 0): Put[] => [
    { shape, x: 0, y: 0 },
    { shape, x, y },
  ];

  it('where pieces touch, or share a hair along their edges; not where one lies on the other', () => {
    expect(isSound(beside(300), 600, store)).toBe(true);
    // 0.001 mm along 800 mm are 0.8 mm2, 0.002 mm are 1.6: the contract allows 1
    expect(isSound(beside(299.999), 600, store)).toBe(true);
    expect(isSound(beside(299.998), 600, store)).toBe(false);
    expect(isSound(beside(150), 600, store)).toBe(false);
    expect(isSound(beside(0), 600, store)).toBe(false);
  });

  it('where everything lies on the cloth', () => {
    expect(isSound(beside(300), 599, store)).toBe(false);
    expect(isSound(beside(-300), 600, store)).toBe(false);
    expect(isSound(beside(0, -800), 600, store)).toBe(false);
  });

  it('with the air the blade wants', () => {
    expect(isSound(beside(303), 700, new NoFitStore(5))).toBe(false);
    expect(isSound(beside(305), 700, new NoFitStore(5))).toBe(true);
  });

  it('whatever the person has done with what is put down for good', () => {
    const locked = new Map(beside(150).map((put, i) => [i, put]));
    expect(isSound(beside(150), 600, store, locked)).toBe(true);
    expect(isSound([...beside(150), { shape, x: 100, y: 0 }], 600, store, locked)).toBe(false);
  });
});

it('a search never takes a lay that can’t be cut, however short', () => {
  const shape = shapeOf(gores(1, 2).outline);
  const [apart, tangled]: [Put[], Put[]] = [[0, 900].map((y) => ({ shape, x: 0, y })), [0, 100].map((y) => ({ shape, x: 0, y }))];
  const search = new Search(apart, { seconds: 1 }, 1, undefined, (put) => isSound(put, 1400, new NoFitStore()));
  expect(search.offer(tangled)).toBe(false);
  expect(search.best).toBe(apart);
});

describe('rectangles cut from one', () => {
  const itemsOf = (pieces: readonly LayPiece[], width: number) => layShapes(pieces, width);
  const attempts = (pieces: readonly LayPiece[], width: number) => {
    const items = itemsOf(pieces, width);
    const search = new Search(layInRows(items, width), { seconds: 20 }, 3);
    const perfect = new Perfect(grouped(items), items, width, search);
    let put: Put[] | undefined;
    while (!put && perfect.hopeful && !search.over()) put = perfect.attempt();
    return { put, perfect, items, search };
  };

  it('are put together again, each once', () => {
    const { put, items } = attempts(cutRectangles(20, 1300, 1700, 8), 1300);
    expect(put!.map(({ shape }) => shape.piece)).toEqual(items.map((_, i) => i));
    expect(lengthOfLay(put!)).toBeCloseTo(1700, 6);
    expect(isSound(put!, 1300, new NoFitStore())).toBe(true);
  });

  it('keep their names, also where two pieces are alike', () => {
    // each cut down the middle: every second piece is like its neighbour
    const pieces = cutRectangles(6, 1300, 1700, 8).flatMap(({ outline }, i): LayPiece[] => {
      const [w, h] = [outline[2]![0] / 2, outline[2]![1]];
      return ['left', 'right'].map((side) => ({ id: `${side} ${i}`, outline: box(w, h), copies: 1, turns: [0] }));
    });
    const { put } = attempts(pieces, 1300);
    expect(put!.map(({ shape }) => pieces[shape.piece]!.id)).toEqual(pieces.map(({ id }) => id));
  });

  it('that are none show it soon', () => {
    const { put, perfect } = attempts(cutRectangles(20, 1300, 1700, 8, 6), 1300);
    expect(put).toBeUndefined();
    expect(perfect.hopeful).toBe(false);
  });
});

it('pieces that lie a hair on each other are eased apart, and hardly longer for it', () => {
  const shapes = layShapes(
    [0, 1, 2].map((id): LayPiece => ({ id: `${id}`, outline: box(300, 400), copies: 1, turns: [0] })),
    300,
  );
  const tight = shapes.map(([shape], i): Put => ({ shape: shape!, x: 0, y: i * 399.99 }));
  expect(isSound(tight, 300, new NoFitStore())).toBe(false);
  const loose = eased(shapes, 300, new Search(tight, { seconds: 1 }), tight);
  expect(isSound(loose, 300, new NoFitStore())).toBe(true);
  expect(lengthOfLay(loose)).toBeLessThan(1200.5);
});
