import { isForbidden, type Forbidden } from './no-fit.ts';
import type { Put } from './put.ts';
import type { Locked } from './rows.ts';
import type { Search } from '../search.ts';
import type { LayShape, NoFitStore } from './lay-shape.ts';

/** Pieces may share this much at a touching edge, mm: without it exact neighbours never close. */
const TOUCH = 1e-4;

/** Sides beyond which their crossings are too many to look at: their corners alone give a place nearly as low. */
const MANY_SIDES = 600;

interface Zone {
  rings: readonly Forbidden[];
  x: number;
  y: number;
}

/**
 * The lowest (then leftmost) place for `shape` on a strip of `width` mm that touches none of `placed`. Places looked at: the corners
 * of the forbidden zones and where their sides cross each other or the strip's edges; the lowest free one is the answer.
 */
export function lowestPlace(shape: LayShape, placed: readonly Put[], width: number, store: NoFitStore): { x: number; y: number } {
  const right = width - shape.width;
  const zones: Zone[] = placed.map((put) => ({ rings: store.of(put.shape, shape), x: put.x, y: put.y }));
  const candidates: Array<readonly [number, number]> = [
    [0, 0],
    [Math.max(0, right), 0],
  ];
  const add = (x: number, y: number) => {
    if (x >= -1e-6 && x <= right + 1e-6 && y >= -1e-6) candidates.push([Math.min(Math.max(x, 0), Math.max(0, right)), Math.max(y, 0)]);
  };
  const sides = sidesOf(zones, right);
  for (const side of sides) {
    add(side.ax, side.ay);
    for (const edge of [0, right])
      if (side.ax < edge !== side.bx < edge) add(edge, side.ay + ((edge - side.ax) / (side.bx - side.ax)) * (side.by - side.ay));
    if (side.ay < 0 !== side.by < 0) add(side.ax + ((0 - side.ay) / (side.by - side.ay)) * (side.bx - side.ax), 0);
  }
  if (sides.length <= MANY_SIDES) crossings(sides, add);
  candidates.sort((a, b) => a[1] - b[1] || a[0] - b[0]);
  for (const [x, y] of candidates) {
    if (!zones.some((zone) => zone.rings.some((ring) => isForbidden(ring, x - zone.x, y - zone.y, TOUCH)))) return { x, y };
  }
  const top = placed.reduce((most, put) => Math.max(most, put.y + put.shape.height), 0);
  return { x: 0, y: top };
}

interface Side {
  ax: number;
  ay: number;
  bx: number;
  by: number;
  minX: number;
  maxX: number;
  minY: number;
  maxY: number;
}

function sidesOf(zones: readonly Zone[], right: number): Side[] {
  const sides: Side[] = [];
  for (const { rings, x, y } of zones) {
    for (const { ring, minX, maxX, maxY } of rings) {
      if (maxX + x < 0 || minX + x > right || maxY + y < 0) continue;
      for (let i = 0; i < ring.length; i += 2) {
        const j = i + 2 === ring.length ? 0 : i + 2;
        const [ax, ay, bx, by] = [ring[i]! + x, ring[i + 1]! + y, ring[j]! + x, ring[j + 1]! + y];
        const side = { ax, ay, bx, by, minX: Math.min(ax, bx), maxX: Math.max(ax, bx), minY: Math.min(ay, by), maxY: Math.max(ay, by) };
        if (side.maxX >= -1e-6 && side.minX <= right + 1e-6 && side.maxY >= -1e-6) sides.push(side);
      }
    }
  }
  return sides;
}

/** Every crossing of two sides, found by a sweep along x. */
function crossings(sides: Side[], found: (x: number, y: number) => void): void {
  sides.sort((a, b) => a.minX - b.minX);
  for (let i = 0; i < sides.length; i++) {
    const a = sides[i]!;
    const [ux, uy] = [a.bx - a.ax, a.by - a.ay];
    for (let j = i + 1; j < sides.length; j++) {
      const b = sides[j]!;
      if (b.minX > a.maxX) break;
      if (b.minY > a.maxY || b.maxY < a.minY) continue;
      const [vx, vy] = [b.bx - b.ax, b.by - b.ay];
      const denominator = ux * vy - uy * vx;
      if (Math.abs(denominator) < 1e-12) continue;
      const s = ((b.ax - a.ax) * vy - (b.ay - a.ay) * vx) / denominator;
      if (s < 0 || s > 1) continue;
      const t = ((b.ax - a.ax) * uy - (b.ay - a.ay) * ux) / denominator;
      if (t < 0 || t > 1) continue;
      found(a.ax + ux * s, a.ay + uy * s);
    }
  }
}

/** Puts down pieces in the given order; of each piece's turns the one that ends lowest is taken. Undefined where time runs out. */
export function layInOrder(
  items: ReadonlyArray<readonly LayShape[]>,
  order: readonly number[],
  width: number,
  store: NoFitStore,
  search: Search,
  locked: Locked,
): Put[] | undefined {
  const placed: Put[] = [...locked.values()];
  const out: Put[] = [];
  locked.forEach((put, item) => (out[item] = put));
  for (const item of order) {
    if (locked.has(item)) continue;
    let best: Put | undefined;
    for (const shape of items[item]!) {
      if (search.over(true)) return undefined;
      const put = { shape, ...lowestPlace(shape, placed, width, store) };
      if (!best || better(put, best)) best = put;
    }
    placed.push(best!);
    out[item] = best!;
  }
  return out;
}

function better(a: Put, b: Put): boolean {
  const [topA, topB] = [a.y + a.shape.height, b.y + b.shape.height];
  if (Math.abs(topA - topB) > 1e-6) return topA < topB;
  return a.x + a.shape.width < b.x + b.shape.width - 1e-6;
}
