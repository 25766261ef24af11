import type { LayShape, NoFitStore } from './lay-shape.ts';
import { lengthOfLay, type Put } from './put.ts';
import { firstFree } from './slide.ts';

/** Pieces the person has put down for good, by their number. */
export type Locked = ReadonlyMap<number, Put>;
const NONE: Locked = new Map();

const topOf = (locked: Locked, gap: number) => (locked.size === 0 ? 0 : lengthOfLay([...locked.values()]) + gap);

/** Boxes in rows across the strip, tallest first: instant, and the floor under every other lay. */
export function layInRows(order: ReadonlyArray<readonly LayShape[]>, width: number, locked: Locked = NONE, gap = 0): Put[] {
  const lowest = order
    .map((shapes, item) => ({ item, shape: shapes.reduce((best, each) => (each.height < best.height ? each : best)) }))
    .filter(({ item }) => !locked.has(item));
  lowest.sort((a, b) => b.shape.height - a.shape.height || b.shape.width - a.shape.width);
  const placed: Put[] = [];
  locked.forEach((put, item) => (placed[item] = put));
  let [x, y, rowHeight] = [0, topOf(locked, gap), 0];
  for (const { item, shape } of lowest) {
    if (x + shape.width > width + 1e-6) [x, y, rowHeight] = [0, y + rowHeight + gap, 0];
    placed[item] = { shape, x: Math.max(0, Math.min(x, width - shape.width)), y };
    x += shape.width + gap;
    rowHeight = Math.max(rowHeight, shape.height);
  }
  return placed;
}

/**
 * As one lays by hand: rows across the strip, pieces as close as they go, every other one head to tail where it may be turned, then
 * every piece pushed up against the row before. The shortest of a few such lays.
 */
export function layHeadToTail(items: ReadonlyArray<readonly LayShape[]>, width: number, store: NoFitStore, locked: Locked = NONE): Put[] {
  const tall = (shapes: readonly LayShape[]) => Math.min(...shapes.map((shape) => shape.height));
  const order = items
    .map((_, i) => i)
    .filter((i) => !locked.has(i))
    .sort((a, b) => tall(items[b]!) - tall(items[a]!));
  let best: Put[] | undefined;
  for (const [alternate, standing] of [
    [true, false],
    [false, false],
    [true, true],
  ] as const) {
    const put = handRows(items, order, width, store, { alternate, standing, locked });
    if (!best || lengthOfLay(put) < lengthOfLay(best)) best = put;
  }
  return best!;
}

interface Hand {
  /** Every other piece turned end for end. */
  alternate: boolean;
  /** Pieces with their longer side along the strip rather than across it. */
  standing: boolean;
  locked: Locked;
}

function handRows(
  items: ReadonlyArray<readonly LayShape[]>,
  order: readonly number[],
  width: number,
  store: NoFitStore,
  { alternate, standing, locked }: Hand,
): Put[] {
  const placed: Put[] = [...locked.values()];
  const out: Put[] = [];
  let row: Put[] = [];
  let y = topOf(locked, store.gap);
  order.forEach((item, k) => {
    const turns = [...items[item]!].sort((a, b) => (standing ? b.height - a.height : a.height - b.height));
    const alike = turns.filter((shape) => Math.abs(shape.height - turns[0]!.height) < 1e-6);
    const shape = alike[alternate ? k % alike.length : 0]!;
    const after = row.length === 0 ? 0 : row[row.length - 1]!.x;
    let x = firstFree(shape, row, 'x', y, after, store);
    if (x + shape.width > width + 1e-6) {
      y = lengthOfLay(row) + store.gap;
      row = [];
      x = 0;
    }
    const put = { shape, x: Math.max(0, Math.min(x, width - shape.width)), y };
    row.push(put);
    out[item] = put;
  });
  const tallest = out.reduce((most, { shape }) => Math.max(most, shape.height), 0);
  for (const put of out.filter(Boolean).sort((a, b) => a.y - b.y || a.x - b.x)) {
    // a hand looks for room two rows down, not among hundreds of pieces
    put.y = firstFree(put.shape, placed, 'y', put.x, Math.max(0, put.y - 2 * tallest), store);
    placed.push(put);
  }
  locked.forEach((put, item) => (out[item] = put));
  return out;
}
