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
