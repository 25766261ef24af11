import { sharedArea } from '../geometry/shared-area.ts';
import type { Point } from '../geometry/point.ts';
import type { NoFitStore } from './outlines/lay-shape.ts';
import { depthInside } from './outlines/no-fit.ts';
import type { Put } from './outlines/put.ts';
import type { Locked } from './outlines/rows.ts';

/** What is less deep than this touches, mm. */
const TOUCHING = 1e-4;
/** Area two pieces may share at most, mm2: edges drawn to a thousandth of a millimetre don't close better. */
const MOST_SHARED = 0.9;
/** What reaches outside by less than this lies inside, mm. */
const INSIDE = 1e-3;

/** Whether a lay can be cut: every piece on the strip and none on another. What the person has put down for good is not judged. */
export function isSound(put: readonly Put[], width: number, store: NoFitStore, locked: Locked = new Map()): boolean {
  return put.every((one, i) => {
    const { shape, x, y } = one;
    if (x < -INSIDE || y < -INSIDE || x + shape.width > width + INSIDE) return locked.has(i);
    for (let j = 0; j < i; j++) if (!(locked.has(i) && locked.has(j)) && areTangled(one, put[j]!, store)) return false;
    return true;
  });
}

function areTangled(a: Put, b: Put, store: NoFitStore): boolean {
  const [dx, dy] = [a.x - b.x, a.y - b.y];
  const { gap } = store;
  if (dx >= b.shape.width + gap || dy >= b.shape.height + gap || dx <= -a.shape.width - gap || dy <= -a.shape.height - gap) return false;
  const deep = store.of(b.shape, a.shape).some((ring) => depthInside(ring, dx, dy) > TOUCHING);
  return deep && (gap > 0 || areaShared(a, b) > MOST_SHARED);
}

function areaShared(a: Put, b: Put): number {
  const [lying, under] = [partsOf(a), partsOf(b)];
  return lying.reduce((sum, part) => sum + under.reduce((each, other) => each + sharedArea(part, other), 0), 0);
}

function partsOf({ shape, x, y }: Put): Point[][] {
  return shape.parts.map((part) => part.map(([px, py]): Point => [px + x, py + y]));
}
