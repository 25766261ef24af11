import { edgeLength, type Edge } from '../geometry/edge.ts';

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
