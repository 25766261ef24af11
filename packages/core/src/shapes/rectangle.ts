import type { Quantity } from '../quantity/quantity.ts';
import type { Shape } from './shape.ts';
import type { Edge } from '../geometry/edge.ts';
import type { Point } from '../geometry/point.ts';

/** Allowances of a rectangle's sides, mm. */
export interface RectangleAllowances {
  top: number;
  bottom: number;
  sides: number;
}

/** A rectangle standing on the x axis, centred on x = 0, mm: sides "bottom", "side-right", "top", "side-left". */
export function rectangle(width: number, height: number, allow: RectangleAllowances): Edge[] {
  return polygon(
    [
      [-width / 2, 0],
      [width / 2, 0],
      [width / 2, height],
      [-width / 2, height],
    ],
    ['bottom', 'side-right', 'top', 'side-left'],
    [allow.bottom, allow.sides, allow.top, allow.sides],
  );
}

/** A rectangle as a shape to cut; width and height finished, allowances in mm. `names` calls its sides something else. */
export function rectangleShape(width: Quantity, height: Quantity, allow: RectangleAllowances, names: Readonly<Record<string, string>> = {}): Shape {
  return {
    inputs: [width, height],
    draw: ([w, h]) => ({ seam: rectangle(w!, h!, allow).map((edge) => ({ ...edge, name: names[edge.name] ?? edge.name })), holes: [] }),
    chalking: { as: 'rectangle' },
  };
}

/** Straight sides through counter-clockwise corners (mm); `names[i]` and `allowances[i]` belong to the side that starts at corner i. */
export function polygon(corners: readonly Point[], names: readonly string[], allowances: readonly number[]): Edge[] {
  return corners.map((from, i) => ({ name: names[i]!, from, to: corners[(i + 1) % corners.length]!, allowance: allowances[i]! }));
}
