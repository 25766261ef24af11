import type { Quantity } from '../quantity/quantity.ts';
import type { Outline, Shape } from './shape.ts';

export interface OutlineShapeOptions {
  /** What it is drawn from. */
  inputs: Quantity[];
  /** Seam line, counter-clockwise, and holes, clockwise, from other values of the inputs; mm. */
  draw(values: number[]): Outline;
  /** The same left and right of x = 0: chalked on the fold. */
  folded: boolean;
}

/** A shape of its own: curves, corners cut off, one side unlike the other. */
export const outlineShape = ({ inputs, draw, folded }: OutlineShapeOptions): Shape => ({ inputs, draw, chalking: { as: 'outline', folded } });
