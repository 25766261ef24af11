import type { LayShape } from './lay-shape.ts';

/** A shape put down with its box corner at (x, y), mm. */
export interface Put {
  shape: LayShape;
  x: number;
  y: number;
}

/** Length of strip a lay takes, mm. */
export function lengthOfLay(placed: readonly Put[]): number {
  return placed.reduce((most, put) => Math.max(most, put.y + put.shape.height), 0);
}
