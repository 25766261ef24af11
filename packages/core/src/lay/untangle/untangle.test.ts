import { areaD, FillRule, intersectD, type PathD } from 'clipper2-ts';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Point } from '../../geometry/point.ts';
import { box, gores, sectors } from '../../testing/lay-sets.ts';
import { DepthTables } from '../outlines/depth-tables.ts';
import type { LayPiece } from '../lay-request.ts';
import { layShapes, NoFitStore, type LayShape } from '../outlines/lay-shape.ts';
import { movePiece } from './move-piece.ts';
import { bestPlaces } from './places.ts';
import { pushApart } from './push-apart.ts';
import { lengthOfLay, type Put } from '../outlines/put.ts';
import { layInRows } from '../outlines/rows.ts';
import { Search } from '../search.ts';
import { shorten } from './shorten.ts';
import { Strip } from '../outlines/strip.ts';
import { Tangle } from './tangle.ts';
import { squeezed, untangle } from './untangle.ts';

const ring = (shape: LayShape, x: number, y: number): PathD[] => shape.parts.map((part) => part.map(([px, py]) => ({ x: px + x, y: py + y })));
/** mm2 two shapes share, by a general-purpose polygon package. */
const shared = (a: PathD[], b: PathD[]) => intersectD(a, b, FillRule.NonZero, 5).reduce((sum, path) => sum + Math.abs(areaD(path)), 0);
const overlapping = (put: readonly Put[]) =>
  put.flatMap((a, i) => put.slice(0, i).filter((b) => shared(ring(a.shape, a.x, a.y), ring(b.shape, b.x, b.y)) > 1));

const stripOf = (pieces: LayPiece[], width: number, start?: (shapes: LayShape[][]) => Put[], locked = new Map<number, Put>(), gap = 0): Strip => {
  const shapes = layShapes(pieces, width);
  const items = pieces.flatMap(({ copies }, i) => Array.from({ length: copies }, () => shapes[i]!));
  const search = new Search(start?.(items) ?? layInRows(items, width), { seconds: Infinity, steps: 3000 }, 4);
  return new Strip(items, width, new NoFitStore(gap), search, locked);
};
const rectangle = (id: string, width: number, height: number, copies = 1, turns = [0]): LayPiece => ({
  id,
  outline: box(width, height),
  copies,
  turns,
});

describe('a depth table', () => {
  const [gore, half] = layShapes([gores(1, 3, true), sectors(1, 120, 420, 180)], 2000);

  it('is above nought just where the two shapes overlap, by a polygon package’s reckoning', () => {
    const store = new NoFitStore();
    const tables = new DepthTables(store, 23);
    for (const [fixed, moving] of [
      [gore![0]!, half![0]!],
      [half![0]!, gore![1]!],
      [half![0]!, half![2]!],
    ] as const) {
      // prettier-ignore
      const { columns, rows, left, bottom, values, spans } = tables.of(fixed, moving);
      let [deep, free] = [0, 0];
      for (let row = 0; row < rows; row += 3) {
        for (let column = 0; column < columns; column += 3) {
          const area = shared(ring(fixed, 0, 0), ring(moving, (column + left) * 23, (row + bottom) * 23));
          const depth = values[row * columns + column]!;
          const inSpan = column >= spans[2 * row]! && column < spans[2 * row + 1]!;
          if (depth > 0) expect(inSpan).toBe(true);
          // the polygon package works in hundred-thousandths of a millimetre: nearly touching counts as touching
          if (area > 1) expect(depth).toBeGreaterThan(0);
          else expect(depth).toBeLessThan(1);
          if (area > 1) deep++;
          else free++;
        }
      }
      expect(Math.min(deep, free)).toBeGreaterThan(5);
    }
  });

  it('is made once for two forms', () => {
    const tables = new DepthTables(new NoFitStore(), 40);
    expect(tables.of(gore![0]!, half![0]!)).toBe(tables.of(gore![0]!, half![0]!));
  });
});

describe('a place for a piece', () => {
  /** Four boxes in a row with a gap of 210 mm after the second; a fifth box of 200 mm lies on the first. */
  const crowd = () => {
    const strip = stripOf([rectangle('a', 200, 300, 5)], 1010, (items) =>
      [0, 200, 610, 810, 30].map((x, i) => ({ shape: items[i]![0]!, x, y: i === 4 ? 10 : 0 })),
    );
    return new Tangle(strip, 300, strip.search.best);
  };

  it('is found wherever on the strip there is room, to the width of the grid', () => {
    const tangle = crowd();
    const [best] = bestPlaces(tangle, 4, 3);
    expect(Math.abs(best!.x - 405)).toBeLessThan(tangle.strip.depths.cell);
  });

  it('is then taken exactly', () => {
    const tangle = crowd();
    expect(tangle.isTangled(4)).toBe(true);
    movePiece(tangle, 4);
    expect(tangle.isTangled(4)).toBe(false);
    expect(tangle.x[4]).toBeGreaterThanOrEqual(400 - 1e-3);
    expect(tangle.x[4]).toBeLessThanOrEqual(410 + 1e-3);
  });

  it('is looked for in every turn the piece may take', () => {
    const pieces = [rectangle('wide', 400, 600), rectangle('long', 300, 100, 1, [0, 90])];
    const strip = stripOf(pieces, 505, (items) => items.map((shapes) => ({ shape: shapes[0]!, x: 0, y: 0 })));
    const tangle = new Tangle(strip, 600, strip.search.best);
    movePiece(tangle, 1);
    expect(tangle.shape[1]!.turn).toBe(90);
    expect(tangle.isTangled(1)).toBe(false);
  });
});

describe('pairs that overlap a little', () => {
  const two = (x: number, locked = false, gap = 0) => {
    const shapes = layShapes([rectangle('a', 100, 100, 2)], 400);
    const put = [300 - 100, x].map((at) => ({ shape: shapes[0]![0]!, x: at, y: 0 }));
    const strip = stripOf([rectangle('a', 100, 100, 2)], 400, () => put, locked ? new Map([[0, put[0]!]]) : new Map(), gap);
    return new Tangle(strip, 100, put);
  };

  it('both give way', () => {
    const tangle = two(104);
    expect(pushApart(tangle)).toBe(true);
    expect(tangle.x[0]! - tangle.x[1]!).toBeGreaterThanOrEqual(100 - 1e-4);
    expect(tangle.x[0]).toBeCloseTo(202, 2);
    expect(tangle.x[1]).toBeCloseTo(102, 2);
  });

  it('beside one held in place only the other gives way', () => {
    const tangle = two(104, true);
    expect(pushApart(tangle)).toBe(true);
    expect(tangle.x[0]).toBe(200);
    expect(tangle.x[1]).toBeCloseTo(100, 2);
  });

  it('keep the air the blade wants', () => {
    const tangle = two(98, false, 5);
    expect(pushApart(tangle)).toBe(true);
    expect(tangle.x[0]! - tangle.x[1]!).toBeGreaterThanOrEqual(105 - 1e-4);
  });

  it('stay as they were where it is more than a little, or there is no room', () => {
    const deep = two(130);
    expect(pushApart(deep)).toBe(false);
    expect([...deep.x]).toEqual([200, 130]);
    const strip = stripOf([rectangle('a', 100, 100, 2)], 197, (items) => items.map((shapes, i) => ({ shape: shapes[0]!, x: 97 * i, y: 0 })));
    const tight = new Tangle(strip, 100, strip.search.best);
    expect(pushApart(tight)).toBe(false);
    expect([...tight.x]).toEqual([0, 97]);
  });
});

describe('untangling', () => {
  it('brings pieces thrown on one heap to a lay, if there is room', () => {
    const pieces = [gores(4, 2), rectangle('band', 500, 80), rectangle('pocket', 160, 200, 2)];
    const heap = (items: LayShape[][]) => items.map((shapes) => ({ shape: shapes[0]!, x: 100, y: 100 }));
    const strip = stripOf(pieces, 1300, heap);
    const rows = lengthOfLay(layInRows(strip.items, 1300));
    const { put, overlap } = untangle(strip, strip.search.best, rows);
    expect(overlap).toBe(0);
    expect(overlapping(put)).toEqual([]);
    expect(lengthOfLay(put)).toBeLessThanOrEqual(rows + 1e-6);
  });

  it('gives up what can’t be, and tells how near it came', () => {
    const strip = stripOf([rectangle('a', 100, 100, 3)], 250);
    // three squares of 100 mm on 250 x 150: their area alone would fit
    const { overlap } = untangle(strip, strip.search.best, 150);
    expect(overlap).toBeGreaterThan(1);
    expect(untangle(strip, strip.search.best, 90).overlap).toBe(Infinity);
  });

  it('pushes together what lies loosely, and never apart', () => {
    fc.assert(
      fc.property(fc.integer({ min: 2, max: 5 }), fc.integer({ min: 0, max: 90 }), (copies, air) => {
        const pieces = [gores(copies, 6)];
        const loose = (items: LayShape[][]) => items.map((shapes, i) => ({ shape: shapes[0]!, x: 20, y: i * (shapes[0]!.height + air) }));
        const strip = stripOf(pieces, 420, loose);
        const before = strip.search.best;
        const after = squeezed(strip, before);
        expect(overlapping(after)).toEqual([]);
        expect(lengthOfLay(after)).toBeLessThanOrEqual(lengthOfLay(before) + 1e-9);
        // at most the thickness of the last small step stays
        if (air > 0) expect(lengthOfLay(after)).toBeLessThan(lengthOfLay(before));
        expect(after.map(({ shape }) => shape)).toEqual(before.map(({ shape }) => shape));
      }),
      { numRuns: 12 },
    );
  });

  it('shortens a lay in rows to what a hand would do with trumpets head to tail, and leaves what is held', () => {
    const pieces = [gores(6, 2, true)];
    const free = stripOf(pieces, 1120);
    const rows = free.search.length;
    shorten(free);
    expect(free.search.length).toBeLessThan(rows * 0.85);
    expect(overlapping(free.search.best)).toEqual([]);
    const held = new Map([[2, layInRows(free.items, 1120)[2]!]]);
    const strip = stripOf(pieces, 1120, undefined, held);
    shorten(strip);
    const { x, y } = strip.search.best[2]!;
    expect([x, y]).toEqual([held.get(2)!.x, held.get(2)!.y]);
  });

  it('knows that no lay is shorter than its tallest piece or what is held', () => {
    const strip = stripOf([rectangle('a', 100, 300), rectangle('b', 100, 200, 1, [0, 90])], 400);
    expect(strip.shortest).toBe(300);
    const at: Put = { shape: strip.items[1]![0]!, x: 0, y: 500 };
    expect(new Strip(strip.items, 400, strip.store, strip.search, new Map([[1, at]])).shortest).toBe(700);
  });
});

it('weights of tangled pairs grow, those of free ones sink to one again', () => {
  const shapes = layShapes([rectangle('a', 100, 100, 3)], 1000);
  const corner: Point[] = [[0, 0], [50, 0], [500, 0]]; // prettier-ignore
  const strip = stripOf([rectangle('a', 100, 100, 3)], 1000, () => corner.map(([x, y]) => ({ shape: shapes[0]![0]!, x, y })));
  const tangle = new Tangle(strip, 100, strip.search.best);
  expect(tangle.weigh()).toBeCloseTo(50, 3);
  const grown = tangle.weight(0, 1);
  expect(grown).toBeGreaterThan(1);
  expect(tangle.weight(1, 0)).toBe(grown);
  expect(tangle.weight(0, 2)).toBe(1);
  tangle.x[1] = 200;
  tangle.weigh();
  expect(tangle.weight(0, 1)).toBeLessThan(grown);
});
