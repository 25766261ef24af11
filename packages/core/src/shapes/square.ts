import { type Quantity } from '../quantity/quantity.ts';
import type { Edge } from '../geometry/edge.ts';
import type { Point } from '../geometry/point.ts';
import { rectangle } from './rectangle.ts';
import { circle } from './sector.ts';
import type { Shape } from './shape.ts';

export interface SquareShapeOptions {
  /** Radius of the hole and from its middle to a side, on the seam line, mm. */
  inner: Quantity;
  reach: Quantity;
  /** The same as cut, as they are chalked, mm. */
  innerCut: Quantity;
  reachCut: Quantity;
  /** Allowances, mm. */
  seam: number;
  hem: number;
}

/**
 * A square with a round hole, whole or half:
 *
 *     ┌─────┐
 *     │  o  │   ┌──u──┐
 *     └─────┘   └─────┘
 *
 * Sides "hem" and "waist"; on a half "side-right" and "side-left" beside the hole.
 */
export function squareShape({ inner, reach, innerCut, reachCut, seam, hem }: SquareShapeOptions, whole: boolean): Shape {
  return {
    inputs: [inner, reach],
    draw: ([r, h]) =>
      whole ? { seam: centredSquare(2 * h!, hem), holes: [circle('waist', r!, seam, false)] } : { seam: halfSquare(r!, h!, seam, hem), holes: [] },
    chalking: { as: 'square', inner: innerCut, half: reachCut, whole },
  };
}

function centredSquare(side: number, hem: number): Edge[] {
  const down = ([x, y]: Point): Point => [x, y - side / 2];
  return rectangle(side, side, { top: hem, bottom: hem, sides: hem }).map((edge) => ({
    ...edge,
    name: 'hem',
    from: down(edge.from),
    to: down(edge.to),
  }));
}

/** Half of the square below the centre, cut through the hole. */
function halfSquare(inner: number, reach: number, seam: number, hem: number): Edge[] {
  const line = (name: string, from: Point, to: Point, allowance: number): Edge => ({ name, from, to, allowance });
  return [
    line('hem', [-reach, -reach], [reach, -reach], hem),
    line('hem', [reach, -reach], [reach, 0], hem),
    line('side-right', [reach, 0], [inner, 0], seam),
    { name: 'waist', from: [inner, 0], to: [-inner, 0], arc: { centre: [0, 0], ccw: false }, allowance: seam },
    line('side-left', [-inner, 0], [-reach, 0], seam),
    line('hem', [-reach, 0], [-reach, -reach], hem),
  ];
}
