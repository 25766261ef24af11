import type { Edge } from '../geometry/edge.ts';
import { distance, minus, type Point } from '../geometry/point.ts';

export interface RobeFrontMeasures {
  /** Finished width and height of the panel, on its seam lines. */
  width: number;
  height: number;
  /** Shoulder seam along the top, from the outer side, and how far down the inner edge the neck is cut; mm. */
  shoulder: number;
  neckDrop: number;
}

/** The corner between neck and front edge is rounded over this length of both, mm (common practice, no source). */
const ROUNDED = 60;

/**
 * One front of a robe, its outer side at the right, its inner edge at the left; `mirror` makes the other hand:
 *
 *        ┌────┐  top: shoulder
 *       ╱     │  neck, its corner rounded
 *      │      │
 *      │front │  side-right
 *      └──────┘  bottom
 */
export function robeFront(
  { width, height, shoulder, neckDrop }: RobeFrontMeasures,
  allow: { top: number; side: number; bottom: number },
  mirror: boolean,
): Edge[] {
  const [inner, outer] = [0, width];
  const [start, end]: [Point, Point] = [
    [outer - shoulder, height],
    [inner, height - neckDrop],
  ];
  const slant = distance(start, end);
  const round = Math.min(ROUNDED, slant / 2, (height - neckDrop) / 2);
  const on: Point = [end[0] + ((start[0] - end[0]) * round) / slant, end[1] + ((start[1] - end[1]) * round) / slant];
  const off: Point = [inner, end[1] - round];
  const edges: Edge[] = [
    { name: 'bottom', from: [inner, 0], to: [outer, 0], allowance: allow.bottom },
    { name: 'side-right', from: [outer, 0], to: [outer, height], allowance: allow.side },
    { name: 'top', from: [outer, height], to: start, allowance: allow.top },
    { name: 'neck', from: start, to: on, allowance: 0 },
    { name: 'neck', from: on, to: off, arc: { centre: centreOf(on, off, end), ccw: true }, allowance: 0 },
    { name: 'front', from: off, to: [inner, 0], allowance: 0 },
  ];
  return mirror ? mirrored(edges) : edges;
}

/** The middle of the arc that touches both lines at these points, as far from the corner. */
function centreOf(on: Point, off: Point, corner: Point): Point {
  const middle: Point = [(on[0] + off[0]) / 2, (on[1] + off[1]) / 2];
  const [a, b] = [distance(corner, middle), distance(corner, on)];
  const reach = (b * b) / a;
  const along = minus(middle, corner);
  return [corner[0] + (along[0] * reach) / a, corner[1] + (along[1] * reach) / a];
}

/** The other hand, still counter-clockwise. */
function mirrored(edges: readonly Edge[]): Edge[] {
  const flip = ([x, y]: Point): Point => [-x, y];
  return [...edges].reverse().map((edge) => ({
    ...edge,
    name: edge.name === 'side-right' ? 'side-left' : edge.name,
    from: flip(edge.to),
    to: flip(edge.from),
    arc: edge.arc && { ...edge.arc, centre: flip(edge.arc.centre) },
  }));
}
