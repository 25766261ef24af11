import type { DepthTable } from '../outlines/depth-tables.ts';
import type { LayShape } from '../outlines/lay-shape.ts';
import type { Tangle } from './tangle.ts';

/** Somewhere a piece could lie, and what it would cost there: its weighted overlap, mm. */
export interface Place {
  shape: LayShape;
  x: number;
  y: number;
  cost: number;
}

/** Room for the map of a whole strip, used again and again. */
let scratch = new Float64Array(0);

/**
 * The `most` least tangled places for piece i on the whole strip, in any of its turns, no two of them in one hollow. Compared on
 * the grid of the depth tables, so that costs are near, not exact.
 */
export function bestPlaces(tangle: Tangle, i: number, most: number): Place[] {
  const best: Place[] = [];
  for (const shape of tangle.strip.items[i]!) {
    const [right, up] = tangle.room(shape);
    if (right < -1e-6 || up < -1e-6) continue;
    if (tangle.strip.search.isLate()) break;
    const { cell } = tangle.strip.depths;
    const map = { columns: Math.ceil(right / cell) + 1, rows: Math.ceil(up / cell) + 1 };
    overlapsEverywhere(tangle, i, shape, map);
    hollows(map, (column, row, cost) => {
      if (best.length >= most && cost >= best[best.length - 1]!.cost) return;
      best.push({ shape, x: Math.min(column * cell, right), y: Math.min(row * cell, up), cost });
      best.sort((a, b) => a.cost - b.cost);
      if (best.length > most) best.pop();
    });
  }
  return best;
}

interface Grid {
  columns: number;
  rows: number;
}

/** The weighted overlap of piece i with all others at every point of the grid, written to the scratch map. */
function overlapsEverywhere(tangle: Tangle, i: number, shape: LayShape, map: Grid): void {
  const { depths } = tangle.strip;
  const size = map.columns * map.rows;
  if (scratch.length < size) scratch = new Float64Array(size);
  scratch.fill(0, 0, size);
  for (let j = 0; j < tangle.n; j++) {
    if (j === i) continue;
    const [x, y] = [Math.round(tangle.x[j]! / depths.cell), Math.round(tangle.y[j]! / depths.cell)];
    addTable(depths.of(tangle.shape[j]!, shape), x, y, tangle.weight(i, j), map);
  }
}

function addTable({ columns, rows, left, bottom, values, spans }: DepthTable, x: number, y: number, weight: number, map: Grid): void {
  const sums = scratch;
  const [shiftX, shiftY] = [x + left, y + bottom];
  const lastRow = Math.min(rows, map.rows - shiftY);
  for (let row = Math.max(0, -shiftY); row < lastRow; row++) {
    const from = Math.max(spans[2 * row]!, -shiftX);
    const count = Math.min(spans[2 * row + 1]!, map.columns - shiftX) - from;
    const to = (row + shiftY) * map.columns + shiftX + from;
    const at = row * columns + from;
    for (let k = 0; k < count; k++) sums[to + k]! += weight * values[at + k]!;
  }
}

/** Calls `found` for each point of the scratch map that is no worse than those beside it; of a flat stretch only for its end. */
function hollows({ columns, rows }: Grid, found: (column: number, row: number, cost: number) => void): void {
  const sums = scratch;
  for (let row = 0; row < rows; row++) {
    for (let column = 0; column < columns; column++) {
      const at = row * columns + column;
      const cost = sums[at]!;
      if (column > 0 && sums[at - 1]! < cost) continue;
      if (column + 1 < columns && sums[at + 1]! <= cost) continue;
      if (row > 0 && sums[at - columns]! < cost) continue;
      if (row + 1 < rows && sums[at + columns]! <= cost) continue;
      found(column, row, cost);
    }
  }
}
