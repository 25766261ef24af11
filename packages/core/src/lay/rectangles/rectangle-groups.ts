import type { LayShape } from '../outlines/lay-shape.ts';
import type { Put } from '../outlines/put.ts';

/** Pieces of one form: alike in every permitted turn, so that it does not matter which is taken. */
export interface Group {
  shapes: LayShape[];
  items: number[];
}

export function grouped(items: ReadonlyArray<readonly LayShape[]>): Group[] {
  const groups = new Map<string, Group>();
  items.forEach((shapes, item) => {
    const distinct = shapes.filter((shape, i) => shapes.findIndex((each) => each.form === shape.form) === i);
    const key = distinct
      .map((shape) => shape.form)
      .sort((a, b) => a - b)
      .join();
    const group = groups.get(key) ?? { shapes: distinct, items: [] };
    group.items.push(item);
    groups.set(key, group);
  });
  return [...groups.values()];
}

/** One way to lay a piece of a group. */
export interface Way {
  group: number;
  shape: LayShape;
}

/** Every group in every turn, narrowest first. */
export function waysOf(groups: readonly Group[]): Way[] {
  return groups.flatMap(({ shapes }, group) => shapes.map((shape) => ({ group, shape }))).sort((a, b) => a.shape.width - b.shape.width);
}

/**
 * What was laid as a lay: every piece under its own number and name, as those of one group may be different pieces of one form. Those
 * that reach a hair over the edge are pushed back.
 */
export function putDown(
  groups: readonly Group[],
  items: ReadonlyArray<readonly LayShape[]>,
  laid: ReadonlyArray<Way & { x: number; y: number }>,
  width: number,
): Put[] {
  const next = groups.map((group) => [...group.items]);
  const out: Put[] = [];
  for (const { group, shape, x, y } of laid) {
    const item = next[group]!.pop()!;
    out[item] = { shape: items[item]!.find((each) => each.form === shape.form)!, x: Math.max(0, Math.min(x, width - shape.width)), y };
  }
  return out;
}

/** A flat stretch of the upper edge of what is laid so far. */
export interface Step {
  x: number;
  y: number;
  width: number;
}

/** Number of the first of `count` values in rising order that is at least `least`; `count` where none is. */
export function firstAtLeast(count: number, value: (i: number) => number, least: number): number {
  let [low, high] = [0, count];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (value(middle) < least) low = middle + 1;
    else high = middle;
  }
  return low;
}

export function pick<T>(list: readonly T[], random: () => number): T {
  return list[Math.floor(list.length * random())]!;
}
