import type { Forbidden } from './no-fit.ts';
import type { LayShape, NoFitStore } from './lay-shape.ts';
import type { Put } from './put.ts';

/** Where a level line through a ring runs inside it: from and to along the line, mm; undefined where it misses. */
function throughRing({ sides }: Forbidden, at: number, axis: 'x' | 'y'): readonly [number, number] | undefined {
  let [from, to] = [-Infinity, Infinity];
  for (let i = 0; i < sides.length; i += 3) {
    const along = axis === 'x' ? sides[i]! : sides[i + 1]!;
    const rest = (axis === 'x' ? sides[i + 1]! : sides[i]!) * at + sides[i + 2]!;
    if (Math.abs(along) < 1e-12) {
      if (rest <= 1e-9) return undefined;
    } else if (along > 0) from = Math.max(from, -rest / along);
    else to = Math.min(to, -rest / along);
  }
  return from < to - 1e-9 ? [from, to] : undefined;
}

/**
 * The first place at or after `from` along one axis where `shape` is free of all `placed`, its other coordinate being `at`; mm.
 */
export function firstFree(shape: LayShape, placed: readonly Put[], axis: 'x' | 'y', at: number, from: number, store: NoFitStore): number {
  const closed: Array<readonly [number, number]> = [];
  for (const put of placed) {
    const [own, other] = axis === 'x' ? [put.x, put.y] : [put.y, put.x];
    // what lies to the side of the line is passed by: no need to know how the two fit
    const [breadth, past] = axis === 'x' ? [shape.height, put.shape.height] : [shape.width, put.shape.width];
    if (at >= other + past + store.gap || at + breadth <= other - store.gap) continue;
    const reach = own + store.gap + (axis === 'x' ? put.shape.width : put.shape.height);
    if (reach <= from) continue;
    for (const ring of store.of(put.shape, shape)) {
      const span = throughRing(ring, at - other, axis);
      if (span) closed.push([span[0] + own, span[1] + own]);
    }
  }
  closed.sort((a, b) => a[0] - b[0]);
  let place = from;
  for (const [start, end] of closed) {
    // what begins here or later leaves this place free: touching is allowed
    if (start >= place - 1e-9) break;
    place = Math.max(place, end);
  }
  return place;
}
