import { edgeLength, sweepOf, type Edge } from '../geometry/edge.ts';
import { polar, type Point } from '../geometry/point.ts';

/** One named side of a piece: all of its lines and arcs in a row. Lengths mm. */
export interface Side {
  id: string;
  edges: Edge[];
  length: number;
  allowance: number;
}

/** The sides of a ring in its order: neighbours of one name are one side. Throws RangeError where a name comes twice apart. */
export function sidesOf(ring: readonly Edge[]): Side[] {
  const runs: Edge[][] = [];
  for (const edge of ring) {
    const last = runs[runs.length - 1];
    if (last && last[0]!.name === edge.name) last.push(edge);
    else runs.push([edge]);
  }
  // the ring may begin in the middle of a side
  if (runs.length > 1 && runs[0]![0]!.name === runs[runs.length - 1]![0]!.name) runs[0]!.unshift(...runs.pop()!);
  const sides = runs.map((edges) => ({
    id: edges[0]!.name,
    edges,
    length: edges.reduce((sum, edge) => sum + edgeLength(edge), 0),
    allowance: edges[0]!.allowance,
  }));
  const names = new Set(sides.map(({ id }) => id));
  if (names.size < sides.length) throw new RangeError(`two sides of one piece are called the same: ${sides.map(({ id }) => id).join(', ')}`);
  return sides;
}

/** A place on a side, by its share of the side's length in its direction, and the direction out of the piece there. */
export function pointOnSide({ edges, length: whole }: Side, share: number): { at: Point; out: Point } {
  let rest = share * whole;
  const last = edges[edges.length - 1]!;
  const edge = edges.find((each) => {
    const length = edgeLength(each);
    if (rest <= length + 1e-6 || each === last) return true;
    rest -= length;
    return false;
  })!;
  const length = edgeLength(edge);
  if (!edge.arc) {
    const run: Point = [(edge.to[0] - edge.from[0]) / length, (edge.to[1] - edge.from[1]) / length];
    return { at: [edge.from[0] + run[0] * rest, edge.from[1] + run[1] * rest], out: [run[1], -run[0]] };
  }
  const { start, sweep, radius } = sweepOf(edge);
  const angle = start + sweep * Math.min(1, rest / length);
  const sign = edge.arc.ccw ? 1 : -1;
  return { at: polar(edge.arc.centre, radius, angle), out: [sign * Math.cos(angle), sign * Math.sin(angle)] };
}
