import type { Edge } from '../geometry/edge.ts';
import type { Quantity } from '../quantity/quantity.ts';

/** A height of a panel to be chalked: so far down the fold, so far out, mm. */
export interface ChalkStation {
  id: string;
  name: string;
  down: Quantity;
  half: Quantity;
  hint?: string;
}

/** Seam line and holes of a piece, each side with its allowance. */
export interface Outline {
  seam: Edge[];
  holes: Edge[][];
}

/** How a shape is chalked; what only its drawing knows is measured off it. */
export type Chalking =
  | { as: 'rectangle' }
  | { as: 'outline'; folded: boolean }
  | { as: 'panel'; stations: readonly ChalkStation[]; hem: string }
  | { as: 'disc' | 'sector'; inner: Quantity; outer: Quantity; angle: Quantity; hole: string; around: string; slit: boolean; open: boolean }
  | { as: 'square'; inner: Quantity; half: Quantity; whole: boolean };

/**
 * A shape that remembers what it is drawn from: `draw` draws it again from other values of `inputs`, so that the length of any of its
 * edges stays in the formula tree.
 */
export interface Shape {
  inputs: Quantity[];
  draw(values: number[]): Outline;
  chalking: Chalking;
}
