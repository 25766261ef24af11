import type { LayShape, NoFitStore } from './lay-shape.ts';
import { depthInside, type Forbidden } from './no-fit.ts';

/** How deep one shape lies in another, looked up on a grid instead of worked out: row by row from the lower left, mm. */
export interface DepthTable {
  columns: number;
  rows: number;
  /** Where the first column and row lie from the fixed shape's corner, in cells. */
  left: number;
  bottom: number;
  values: Float64Array;
  /** The first column and the one after the last that is above nought, row by row. */
  spans: Int32Array;
}

/** As many tables as are remembered at once: hundreds of distinct pieces would fill the memory. */
const MOST_TABLES = 20_000;

/** Depth tables worked out once for each pair of forms. */
export class DepthTables {
  /** By the fixed form, then by the moving one. */
  private known: DepthTable[][] = [];
  private count = 0;

  /** `cell`: mm from one point of the grid to the next. */
  constructor(
    private readonly store: NoFitStore,
    readonly cell: number,
  ) {}

  of(fixed: LayShape, moving: LayShape): DepthTable {
    const table = this.known[fixed.form]?.[moving.form];
    if (table) return table;
    if (++this.count > MOST_TABLES) [this.known, this.count] = [[], 0];
    return ((this.known[fixed.form] ??= [])[moving.form] = tableOf(this.store.of(fixed, moving), this.cell));
  }
}

function tableOf(rings: readonly Forbidden[], cell: number): DepthTable {
  let [minX, minY, maxX, maxY] = [Infinity, Infinity, -Infinity, -Infinity];
  for (const ring of rings) {
    [minX, minY] = [Math.min(minX, ring.minX), Math.min(minY, ring.minY)];
    [maxX, maxY] = [Math.max(maxX, ring.maxX), Math.max(maxY, ring.maxY)];
  }
  const [left, bottom] = [Math.ceil(minX / cell), Math.ceil(minY / cell)];
  const columns = Math.max(0, Math.floor(maxX / cell) - left + 1);
  const rows = Math.max(0, Math.floor(maxY / cell) - bottom + 1);
  const values = new Float64Array(columns * rows);
  for (const ring of rings) {
    const [firstRow, firstColumn] = [Math.ceil(ring.minY / cell), Math.ceil(ring.minX / cell)];
    for (let row = firstRow; row * cell < ring.maxY; row++) {
      const from = (row - bottom) * columns - left;
      for (let column = firstColumn; column * cell < ring.maxX; column++) values[from + column]! += depthInside(ring, column * cell, row * cell);
    }
  }
  return { columns, rows, left, bottom, values, spans: spansOf(values, columns, rows) };
}

function spansOf(values: Float64Array, columns: number, rows: number): Int32Array {
  const spans = new Int32Array(2 * rows);
  for (let row = 0; row < rows; row++) {
    const line = values.subarray(row * columns, (row + 1) * columns);
    let [from, to] = [0, columns];
    while (from < to && line[from] === 0) from++;
    while (to > from && line[to - 1] === 0) to--;
    [spans[2 * row], spans[2 * row + 1]] = [from, to];
  }
  return spans;
}
