import type { Quantity } from '../quantity/quantity.ts';
import type { Shape } from './shape.ts';
import type { Edge } from '../geometry/edge.ts';
import { polar, type Point } from '../geometry/point.ts';

export interface SectorOptions {
  /** Radius of the waist seam, mm, > 0. */
  inner: number;
  /** Radius of the finished hem, mm, > inner. */
  outer: number;
  /** Opening angle of the panel, degrees, 0 < angle < 360. */
  angleDeg: number;
  /** Allowances, mm: at the waist, along each straight side, at the hem. */
  waist: number;
  side: number;
  hem: number;
}

const CENTRE: Point = [0, 0];

/** A panel of a circle, its centre at the origin, hanging down along y: sides "hem", "side-right", "waist", "side-left". */
export function sector({ inner, outer, angleDeg, waist, side, hem }: SectorOptions): Edge[] {
  const half = (angleDeg * Math.PI) / 360;
  const down = -Math.PI / 2;
  const at = (radius: number, angle: number) => polar(CENTRE, radius, angle);
  const [left, right] = [down - half, down + half];
  return [
    { name: 'hem', from: at(outer, left), to: at(outer, right), arc: { centre: CENTRE, ccw: true }, allowance: hem },
    { name: 'side-right', from: at(outer, right), to: at(inner, right), allowance: side },
    { name: 'waist', from: at(inner, right), to: at(inner, left), arc: { centre: CENTRE, ccw: false }, allowance: waist },
    { name: 'side-left', from: at(inner, left), to: at(outer, left), allowance: side },
  ];
}

/** A full circle about the origin in two half arcs; `ccw: false` makes it a hole. Radius and allowance in mm. */
export function circle(name: string, radius: number, allowance: number, ccw = true): Edge[] {
  const left: Point = [-radius, 0];
  const right: Point = [radius, 0];
  const arc = { centre: CENTRE, ccw };
  return [
    { name, from: left, to: right, arc, allowance },
    { name, from: right, to: left, arc, allowance },
  ];
}

export interface CircleShapeOptions {
  /** Radii of seam line and of finished hem, mm. */
  inner: Quantity;
  outer: Quantity;
  /** Opening angle of the panel, degrees; 360 is a whole ring. */
  angle: Quantity;
  /** Radii to cut, as they are swung, mm. */
  innerCut: Quantity;
  outerCut: Quantity;
  /** Allowances, mm. */
  waist: number;
  side: number;
  hem: number;
  /** It is slit from hole to hem, or part of the way. */
  slit?: boolean;
  /** What the hole goes round; the waist where nothing is said. */
  around?: 'waist' | 'neck';
  /** Its straight sides are edges of the garment, and no seams. */
  open?: boolean;
}

/** A panel of a circle, or a whole one with its hole, as a shape to cut: sides "hem", "waist" and, on a panel, "side-right", "side-left". */
export function circleShape({
  inner,
  outer,
  angle,
  innerCut,
  outerCut,
  waist,
  side,
  hem,
  slit = false,
  around = 'waist',
  open = false,
}: CircleShapeOptions): Shape {
  const whole = angle.value > 360 - 1e-9;
  return {
    inputs: [inner, outer, angle],
    draw: ([r, out, angleDeg]) =>
      whole
        ? { seam: circle('hem', out!, hem), holes: [circle('waist', r!, waist, false)] }
        : { seam: sector({ inner: r!, outer: out!, angleDeg: angleDeg!, waist, side, hem }), holes: [] },
    chalking: { as: whole ? 'disc' : 'sector', inner: innerCut, outer: outerCut, angle, hole: 'waist', slit, around, open },
  };
}
