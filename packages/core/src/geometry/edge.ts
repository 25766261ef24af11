import { distance, type Point } from './point.ts';

/** One named side of a piece: a straight line, or a true arc. Lengths mm. */
export interface Edge {
  /** What the maker calls this side: "waist", "hem", "side-left". */
  name: string;
  from: Point;
  to: Point;
  /** Present on an arc: its centre, and whether it runs counter-clockwise round it. */
  arc?: { centre: Point; ccw: boolean };
  /** Allowance between seam line and cut line on this side, mm, >= 0. */
  allowance: number;
}

const FULL = 2 * Math.PI;

/** Start direction and sweep of an arc, radians; the sweep is positive counter-clockwise and never 0. */
export function sweepOf(edge: Edge): { start: number; sweep: number; radius: number } {
  const { centre, ccw } = edge.arc!;
  const start = Math.atan2(edge.from[1] - centre[1], edge.from[0] - centre[0]);
  const end = Math.atan2(edge.to[1] - centre[1], edge.to[0] - centre[0]);
  let sweep = ccw ? end - start : start - end;
  sweep = ((sweep % FULL) + FULL) % FULL;
  if (sweep < 1e-12) sweep = FULL;
  return { start, sweep: ccw ? sweep : -sweep, radius: distance(edge.from, centre) };
}

/** Length of one side along its line, mm. */
export function edgeLength(edge: Edge): number {
  if (!edge.arc) return distance(edge.from, edge.to);
  const { sweep, radius } = sweepOf(edge);
  return Math.abs(sweep) * radius;
}

/** Total length of the sides with one of these names, mm. */
export function lengthOf(outline: readonly Edge[], ...names: string[]): number {
  return outline.filter((edge) => names.includes(edge.name)).reduce((sum, edge) => sum + edgeLength(edge), 0);
}
