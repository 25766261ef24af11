import type { Point } from '../../geometry/point.ts';
import { isForbidden } from './no-fit.ts';
import type { LayShape, NoFitStore } from './lay-shape.ts';
import type { Put } from './put.ts';
import type { Search } from '../search.ts';

/** Corners closer than this are one, mm; drawings rounded to a hundredth still close. */
const SAME = 0.04;
/** Directions closer than this are one, radians. */
const PARALLEL = 0.012;
/** Pieces tried at most; a set that is no jigsaw shows it long before. */
const TRIES = 60_000;

interface Corner {
  x: number;
  y: number;
}

interface Jig {
  shape: LayShape;
  ring: readonly Point[];
  /** The lowest corner (the left one of two), and the directions of the two sides that leave it, radians in [0, pi]. */
  lowest: Corner;
  first: number;
  last: number;
}

/**
 * Puts convex pieces that were cut from one rectangle together again: the lowest open corner is always filled by a piece that has its
 * own lowest corner there and lies flush against what is laid. Gives up early where the pieces are no such set.
 */
export function solveJigsaw(items: ReadonlyArray<readonly LayShape[]>, width: number, store: NoFitStore, search: Search): Put[] | undefined {
  if (items.some((shapes) => shapes.some((shape) => shape.parts.length !== 1))) return undefined;
  const height = items.reduce((sum, shapes) => sum + shapes[0]!.area, 0) / width;
  const jigs = items.map((shapes) => shapes.map(jigOf));
  const placed: Put[] = [];
  const out: Put[] = [];
  const used = items.map(() => false);
  let tries = TRIES;

  const fill = (): boolean => {
    if (placed.length === items.length) return true;
    const open = lowestOpen(placed, width, height);
    if (!open) return false;
    const seen = new Set<number>();
    for (let i = 0; i < items.length; i++) {
      if (used[i]) continue;
      for (const { shape, lowest, first, last } of jigs[i]!) {
        if (seen.has(shape.form) || Math.abs(first - open.from) > PARALLEL || last > open.to + PARALLEL) continue;
        seen.add(shape.form);
        if (tries-- <= 0 || search.over()) return false;
        const put = { shape, x: open.x - lowest.x, y: open.y - lowest.y };
        if (put.x < -SAME || put.x + shape.width > width + SAME || put.y + shape.height > height + SAME) continue;
        if (placed.some((other) => store.of(other.shape, shape).some((ring) => isForbidden(ring, put.x - other.x, put.y - other.y, SAME)))) continue;
        used[i] = true;
        out[i] = put;
        placed.push(put);
        if (fill()) return true;
        placed.pop();
        used[i] = false;
      }
    }
    return false;
  };
  return fill() ? out.map((put) => clamped(put, width)) : undefined;
}

function clamped({ shape, x, y }: Put, width: number): Put {
  return { shape, x: Math.max(0, Math.min(x, width - shape.width)), y: Math.max(0, y) };
}

function jigOf(shape: LayShape): Jig {
  const ring = shape.parts[0]!;
  let k = 0;
  ring.forEach(([x, y], i) => {
    const [lx, ly] = ring[k]!;
    if (y < ly - SAME || (y < ly + SAME && x < lx)) k = i;
  });
  const at = ring[k]!;
  const direction = ([x, y]: Point) => Math.max(0, Math.atan2(y - at[1], x - at[0]));
  return {
    shape,
    ring,
    lowest: { x: at[0], y: at[1] },
    first: direction(ring[(k + 1) % ring.length]!),
    last: direction(ring[(k + ring.length - 1) % ring.length]!),
  };
}

/** The lowest (then leftmost) corner that isn't closed all round, and the first opening above it; radians counter-clockwise from the right. */
function lowestOpen(placed: readonly Put[], width: number, height: number): (Corner & { from: number; to: number }) | undefined {
  const corners: Corner[] = [
    { x: 0, y: 0 },
    { x: width, y: 0 },
  ];
  for (const { shape, x, y } of placed) for (const [px, py] of shape.parts[0]!) corners.push({ x: px + x, y: py + y });
  corners.sort((a, b) => (Math.abs(a.y - b.y) > SAME ? a.y - b.y : a.x - b.x));
  for (const corner of corners) {
    if (corner.y > height - SAME) continue;
    const opening = openingAt(corner, placed, width);
    if (opening) return { ...corner, ...opening };
  }
  return undefined;
}

function openingAt({ x, y }: Corner, placed: readonly Put[], width: number): { from: number; to: number } | undefined {
  // below the lowest open corner everything is filled: only the upper half counts
  const closed: Array<readonly [number, number]> = [];
  if (x < SAME) closed.push([Math.PI / 2, Math.PI]);
  if (x > width - SAME) closed.push([0, Math.PI / 2]);
  for (const put of placed) {
    const [px, py] = [x - put.x, y - put.y];
    if (px < -SAME || py < -SAME || px > put.shape.width + SAME || py > put.shape.height + SAME) continue;
    const span = spanAt(put.shape.parts[0]!, px, py);
    if (span === 'inside') return undefined;
    if (span) closed.push(...upperHalf(span[0], span[1]));
  }
  closed.sort((a, b) => a[0] - b[0]);
  let reached = 0;
  for (const [from, to] of closed) {
    if (from > reached + PARALLEL) return { from: reached, to: from };
    reached = Math.max(reached, to);
  }
  return reached < Math.PI - PARALLEL ? { from: reached, to: Math.PI } : undefined;
}

/** The directions a convex ring fills at a point of its edge; undefined where the point lies outside. */
function spanAt(ring: readonly Point[], x: number, y: number): readonly [number, number] | 'inside' | undefined {
  let onSide: readonly [number, number] | undefined;
  let inside = true;
  for (let i = 0; i < ring.length; i++) {
    const [ax, ay] = ring[i]!;
    const [bx, by] = ring[(i + 1) % ring.length]!;
    if (Math.hypot(ax - x, ay - y) < SAME) {
      const [px, py] = ring[(i + ring.length - 1) % ring.length]!;
      return [Math.atan2(by - ay, bx - ax), Math.atan2(py - ay, px - ax)];
    }
    const long = Math.hypot(bx - ax, by - ay);
    const away = ((bx - ax) * (y - ay) - (by - ay) * (x - ax)) / long;
    if (away < -SAME) return undefined;
    if (away > SAME) continue;
    inside = false;
    const along = ((bx - ax) * (x - ax) + (by - ay) * (y - ay)) / long;
    if (along > 0 && along < long) onSide = [Math.atan2(by - ay, bx - ax), Math.atan2(ay - by, ax - bx)];
  }
  return onSide ?? (inside ? 'inside' : undefined);
}

/** The parts of a span of directions (counter-clockwise from one to the other) that lie in the upper half. */
function upperHalf(from: number, to: number): Array<readonly [number, number]> {
  const start = from < -1e-9 ? from + 2 * Math.PI : Math.max(0, from);
  let end = to < -1e-9 ? to + 2 * Math.PI : Math.max(0, to);
  if (end <= start) end += 2 * Math.PI;
  const parts: Array<readonly [number, number]> = [];
  if (start < Math.PI) parts.push([start, Math.min(end, Math.PI)]);
  if (end > 2 * Math.PI) parts.push([0, Math.min(end - 2 * Math.PI, Math.PI)]);
  return parts;
}
