import type { Edge } from '../geometry/edge.ts';
import type { Point } from '../geometry/point.ts';
import type { Quantity } from '../quantity/quantity.ts';
import { outlineShape } from './outline.ts';
import { rectangle } from './rectangle.ts';
import type { Shape } from './shape.ts';

/**
 * A rectangle over both shoulders with a round hole, its shoulder line on y = 0, the front below:
 *
 *     ┌─────────────┐  top: the lower edge behind
 *     │      o      │  neck, lowered to the front by so much
 *     └─────────────┘  bottom: the lower edge in front
 */
export function overShoulders(
  { span, length, neck, lowered }: { span: number; length: number; neck: number; lowered: number },
  allow: { hem: number; sides: number; neck: number },
): { seam: Edge[]; holes: Edge[][] } {
  const down = ([x, y]: Point): Point => [x, y - length];
  const seam = rectangle(span, 2 * length, { top: allow.hem, bottom: allow.hem, sides: allow.sides }).map((edge) => ({
    ...edge,
    from: down(edge.from),
    to: down(edge.to),
  }));
  const centre: Point = [0, -lowered];
  const [front, back]: [Point, Point] = [
    [0, -lowered - neck],
    [0, -lowered + neck],
  ];
  // clockwise: from the front round one side to the back, and on
  const arc = { centre, ccw: false };
  return {
    seam,
    holes: [
      [
        { name: 'neck', from: front, to: back, arc, allowance: allow.neck },
        { name: 'neck', from: back, to: front, arc, allowance: allow.neck },
      ],
    ],
  };
}

/** The same as a shape to cut: sides "bottom", "side-right", "top", "side-left", and "neck" round the hole. */
export const overShouldersShape = (
  { span, length, neck, lowered }: { span: Quantity; length: Quantity; neck: Quantity; lowered: Quantity },
  allow: { hem: number; sides: number; neck: number },
): Shape =>
  outlineShape({
    inputs: [span, length, neck, lowered],
    draw: ([s, l, n, d]) => overShoulders({ span: s!, length: l!, neck: n!, lowered: d! }, allow),
    folded: true,
  });
