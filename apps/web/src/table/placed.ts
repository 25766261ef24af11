import { turned, type Edge, type Placement, type Point } from '@arcus/core';

/** An outline turned and moved to where it lies. */
export function placed(outline: readonly Edge[], { turn, x, y }: Pick<Placement, 'turn' | 'x' | 'y'>): Edge[] {
  const move = (point: Point): Point => {
    const [px, py] = turned(point, turn);
    return [px + x, py + y];
  };
  return outline.map((edge) => ({
    ...edge,
    from: move(edge.from),
    to: move(edge.to),
    arc: edge.arc && { ...edge.arc, centre: move(edge.arc.centre) },
  }));
}

/** Lying along the table: what is y on the cloth runs to the right, x runs up from the near selvedge. */
export const alongTable = (edges: readonly Edge[]): Edge[] =>
  edges.map((edge) => ({
    ...edge,
    from: [edge.from[1], edge.from[0]],
    to: [edge.to[1], edge.to[0]],
    arc: edge.arc && { centre: [edge.arc.centre[1], edge.arc.centre[0]], ccw: !edge.arc.ccw },
  }));
