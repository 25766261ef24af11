import { ringArea } from './area.ts';
import { distance, type Point } from './point.ts';

/** Why a ring of points can't be cut out, in words; undefined where it can. */
export function ringFault(ring: readonly Point[]): string | undefined {
  if (ring.length < 3) return 'needs at least three corners';
  if (Math.abs(ringArea(ring)) >= 1) return crossesItself(ring) ? 'crosses itself' : undefined;
  // a figure of eight has no area on balance, a line none at all
  return liesInLine(ring) ? 'has no area' : 'crosses itself';
}

function liesInLine(ring: readonly Point[]): boolean {
  const from = ring[0]!;
  const furthest = ring.reduce((far, point) => (distance(from, point) > distance(from, far) ? point : far), from);
  return ring.every((point) => Math.abs(orient(from, furthest, point)) < 1);
}

/** A side of a ring, from its lower end (by x, then y) to its upper one; `i` numbers the sides round the ring. */
interface Side {
  i: number;
  low: Point;
  high: Point;
}

/**
 * Whether any two sides of a ring touch or cross but for neighbours at the corner they share. A line is swept across the ring; the sides
 * it crosses are kept in the order it crosses them, and only sides that come to lie next to each other are compared: n log n for n
 * corners (Shamos and Hoey 1976), however the sides overlap in their boxes.
 */
export function crossesItself(ring: readonly Point[]): boolean {
  if (isConvex(ring)) return false;
  const n = ring.length;
  const at = (i: number) => ring[i % n]!;
  if (ring.some((_, i) => doublesBack(at(i), at(i + 1), at(i + 2)))) return true;
  const sides = ring.map((from, i): Side => (before(from, at(i + 1)) <= 0 ? { i, low: from, high: at(i + 1) } : { i, low: at(i + 1), high: from }));
  const events = sides.flatMap((side) => [
    { at: side.low, side, starts: true },
    { at: side.high, side, starts: false },
  ]);
  // at one point sides start before others end, so that what only touches there is compared
  events.sort((a, b) => before(a.at, b.at) || Number(b.starts) - Number(a.starts));
  const crossed: Side[] = [];
  const meets = (a: Side | undefined, b: Side | undefined) => a !== undefined && b !== undefined && !areNeighbours(a, b, n) && touch(a, b);
  for (const { side, starts } of events) {
    if (starts) {
      const place = placeAmong(crossed, side, n);
      if (place === undefined || meets(crossed[place - 1], side) || meets(side, crossed[place])) return true;
      crossed.splice(place, 0, side);
    } else {
      const place = placeOf(crossed, side);
      if (meets(crossed[place - 1], crossed[place + 1])) return true;
      crossed.splice(place, 1);
    }
  }
  return false;
}

/** Turns the same way at every corner and goes round once: such a ring meets itself nowhere. */
function isConvex(ring: readonly Point[]): boolean {
  const n = ring.length;
  let [turn, changes, heading] = [0, 0, 0];
  for (let i = 0; i < n; i++) {
    const [a, b, c] = [ring[i]!, ring[(i + 1) % n]!, ring[(i + 2) % n]!];
    const sign = Math.sign(orient(a, b, c));
    if (sign === 0 || (turn !== 0 && sign !== turn)) return false;
    turn = sign;
    // once round, its x turns back twice
    const now = Math.sign(b[0] - a[0]);
    if (now !== 0 && now !== heading) {
      if (heading !== 0) changes++;
      heading = now;
    }
  }
  return changes <= 2;
}

/** How many of the crossed sides lie below the start of one; undefined where it starts on a side that is no neighbour. */
function placeAmong(crossed: readonly Side[], side: Side, n: number): number | undefined {
  let [from, to] = [0, crossed.length];
  while (from < to) {
    const middle = (from + to) >> 1;
    const other = crossed[middle]!;
    let above = orient(other.low, other.high, side.low);
    if (above === 0) {
      if (!areNeighbours(other, side, n)) return undefined;
      above = other.low === side.low ? orient(other.low, other.high, side.high) : 1;
    }
    if (above > 0) from = middle + 1;
    else to = middle;
  }
  return from;
}

/** Where a side that ends stands among the crossed ones: looked for where it should be, and everywhere where rounding has it elsewhere. */
function placeOf(crossed: readonly Side[], side: Side): number {
  let [from, to] = [0, crossed.length];
  while (from < to) {
    const middle = (from + to) >> 1;
    const { low, high } = crossed[middle]!;
    if (orient(low, high, side.high) > 0) from = middle + 1;
    else to = middle;
  }
  for (let near = from; near < from + 3; near++) if (crossed[near] === side) return near;
  return crossed.indexOf(side);
}

/** By x, then y. */
const before = (a: Point, b: Point) => a[0] - b[0] || a[1] - b[1];

function areNeighbours(a: Side, b: Side, n: number): boolean {
  const apart = Math.abs(a.i - b.i);
  return apart === 1 || apart === n - 1;
}

function orient(a: Point, b: Point, c: Point): number {
  return (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0]);
}

function within(a: Point, b: Point, c: Point): boolean {
  return Math.min(a[0], b[0]) <= c[0] && c[0] <= Math.max(a[0], b[0]) && Math.min(a[1], b[1]) <= c[1] && c[1] <= Math.max(a[1], b[1]);
}

function touch({ low: a, high: b }: Side, { low: c, high: d }: Side): boolean {
  const [p, q, r, s] = [orient(a, b, c), orient(a, b, d), orient(c, d, a), orient(c, d, b)];
  if (((p > 0 && q < 0) || (p < 0 && q > 0)) && ((r > 0 && s < 0) || (r < 0 && s > 0))) return true;
  return (p === 0 && within(a, b, c)) || (q === 0 && within(a, b, d)) || (r === 0 && within(c, d, a)) || (s === 0 && within(c, d, b));
}

/** Whether the side from b to c runs straight back over the one from a to b. */
function doublesBack(a: Point, b: Point, c: Point): boolean {
  return orient(a, b, c) === 0 && (b[0] - a[0]) * (c[0] - b[0]) + (b[1] - a[1]) * (c[1] - b[1]) < 0;
}
