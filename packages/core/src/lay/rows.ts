import type { Put } from './bottom-left.ts';
import type { LayShape } from './lay-shape.ts';

/** Boxes in rows across the strip, tallest first: what anyone would do without thinking, and the floor under every other lay. */
export function layInRows(order: ReadonlyArray<readonly LayShape[]>, width: number): Put[] {
  const lowest = order.map((shapes) => shapes.reduce((best, each) => (each.height < best.height ? each : best)));
  lowest.sort((a, b) => b.height - a.height || b.width - a.width);
  const placed: Put[] = [];
  let [x, y, rowHeight] = [0, 0, 0];
  for (const shape of lowest) {
    if (x + shape.width > width + 1e-6) [x, y, rowHeight] = [0, y + rowHeight, 0];
    placed.push({ shape, x, y });
    x += shape.width;
    rowHeight = Math.max(rowHeight, shape.height);
  }
  return placed;
}
