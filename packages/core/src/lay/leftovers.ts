import type { Point } from '../geometry/point.ts';

/** An empty rectangle of the strip, mm. */
export interface Leftover {
  x: number;
  y: number;
  width: number;
  height: number;
}

/** The strip is looked at in squares of this side, mm. */
const CELL = 10;
/** Smaller than a hand is not worth keeping, mm. */
const LEAST = { short: 100, area: 15_000 };
const HAIR = 1e-3;
/** As many as anyone notes down. */
const MOST = 5;

/**
 * The largest empty rectangles between pieces on a strip (width x length, mm), largest first, none overlapping another. `rings` are the
 * pieces where they lie. Read off squares of a centimetre, always on the small side.
 */
export function leftovers(rings: ReadonlyArray<readonly Point[]>, width: number, length: number): Leftover[] {
  const [columns, rows] = [Math.floor(width / CELL), Math.floor(length / CELL)];
  const taken = Array.from({ length: rows }, () => new Uint8Array(columns));
  for (const ring of rings) cover(taken, ring, columns, rows);
  const found: Leftover[] = [];
  while (found.length < MOST) {
    const best = largestEmpty(taken, columns, rows);
    if (!best) break;
    const { column, row, wide, high } = best;
    const [w, h] = [wide * CELL, high * CELL];
    if (Math.min(w, h) < LEAST.short || w * h < LEAST.area) break;
    found.push({ x: column * CELL, y: row * CELL, width: w, height: h });
    for (let r = row; r < row + high; r++) taken[r]!.fill(1, column, column + wide);
  }
  return found;
}

/** Marks every square a ring touches: between the crossings of its sides with a few lines through each row, and along every side. */
function cover(taken: Uint8Array[], ring: readonly Point[], columns: number, rows: number): void {
  const mark = (row: number, from: number, to: number) => {
    if (row < 0 || row >= rows) return;
    taken[row]!.fill(1, Math.max(0, Math.floor(from / CELL)), Math.min(columns, Math.floor(to / CELL) + 1));
  };
  ring.forEach(([ax, ay], i) => {
    const [bx, by] = ring[(i + 1) % ring.length]!;
    const long = Math.hypot(bx - ax, by - ay);
    const steps = Math.max(1, Math.ceil(long / (CELL / 4)));
    // a hair inside the piece: a side on the border of two squares belongs to the piece's own
    const [inX, inY] = long > 0 ? [(-(by - ay) / long) * HAIR, ((bx - ax) / long) * HAIR] : [0, 0];
    for (let k = 0.5; k < steps; k++) {
      const [x, y] = [ax + ((bx - ax) * k) / steps + inX, ay + ((by - ay) * k) / steps + inY];
      mark(Math.floor(y / CELL), x, x);
    }
  });
  const ys = ring.map(([, y]) => y);
  for (let row = Math.max(0, Math.floor(Math.min(...ys) / CELL)); row < rows && row * CELL < Math.max(...ys); row++) {
    const y = (row + 0.5) * CELL;
    const crossings = ring
      .flatMap(([ax, ay], i) => {
        const [bx, by] = ring[(i + 1) % ring.length]!;
        return ay < y !== by < y ? [ax + ((bx - ax) * (y - ay)) / (by - ay)] : [];
      })
      .sort((a, b) => a - b);
    for (let k = 0; k + 1 < crossings.length; k += 2) mark(row, crossings[k]!, crossings[k + 1]! - HAIR);
  }
}

/** The largest rectangle of empty squares (largest rectangle under a histogram, row by row). */
function largestEmpty(
  taken: readonly Uint8Array[],
  columns: number,
  rows: number,
): { column: number; row: number; wide: number; high: number } | undefined {
  const heights = new Int32Array(columns);
  let best: { column: number; row: number; wide: number; high: number } | undefined;
  let most = 0;
  for (let row = 0; row < rows; row++) {
    for (let c = 0; c < columns; c++) heights[c] = taken[row]![c] ? 0 : heights[c]! + 1;
    const stack: Array<{ from: number; high: number }> = [];
    for (let c = 0; c <= columns; c++) {
      const high = c < columns ? heights[c]! : 0;
      let from = c;
      while (stack.length > 0 && stack[stack.length - 1]!.high >= high) {
        const { from: start, high: top } = stack.pop()!;
        const area = top * (c - start);
        if (area > most) {
          most = area;
          best = { column: start, row: row - top + 1, wide: c - start, high: top };
        }
        from = start;
      }
      stack.push({ from, high });
    }
  }
  return best;
}
