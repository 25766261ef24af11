import type { Quantity } from '../quantity/quantity.ts';
import type { ChalkStation, Shape } from './shape.ts';
import { edgeTangent, edgeThrough, mirrored } from '../geometry/arcs.ts';
import type { Edge } from '../geometry/edge.ts';
import type { Point } from '../geometry/point.ts';

/** A height of a symmetric panel: so far below the top, half so wide, mm. */
export interface Station {
  name: string;
  down: number;
  half: number;
}

export interface PanelOptions {
  /** From the top down; at least two. */
  stations: readonly Station[];
  /** How much the middle of the top lies below its corners, mm. */
  topDip?: number;
  /** How far the hem's corners are lifted along the side edge, mm. */
  hemRise?: number;
  /** Draw the side from the first to the second station as a curve that runs smoothly into the next. */
  hipCurve?: boolean;
  allow: { top: number; side: number; hem: number };
}

/**
 * A panel that is the same left and right (gore, shaped skirt half, flared half): its top at y = 0, hanging down, centred on x = 0.
 * Sides "hem", "side-right", "top", "side-left".
 */
export function panel({ stations, topDip = 0, hemRise = 0, hipCurve = false, allow }: PanelOptions): Edge[] {
  const points = stations.map(({ half, down }): Point => [half, -down]);
  const last = points.length - 1;
  const bottom = points[last]!;
  points[last] = lifted(points[last - 1]!, bottom, hemRise);
  const right: Edge[] = [];
  for (let i = last; i > 0; i--) {
    const [from, to] = [points[i]!, points[i - 1]!];
    const curved = hipCurve && i === 1 && points.length > 2;
    const along: Point = curved ? [from[0] - points[2]![0], from[1] - points[2]![1]] : [0, 1];
    right.push(curved ? edgeTangent('side-right', from, along, to, allow.side) : { name: 'side-right', from, to, allowance: allow.side });
  }
  const left = [...right].reverse().map((edge) => mirrored(edge, 'side-left'));
  const [cornerHem, cornerTop] = [points[last]!, points[0]!];
  const flip = ([x, y]: Point): Point => [-x, y];
  return [
    edgeThrough('hem', flip(cornerHem), [0, bottom[1]], cornerHem, allow.hem),
    ...right,
    edgeThrough('top', cornerTop, [0, -topDip], flip(cornerTop), allow.top),
    ...left,
  ];
}

export interface PanelShapeOptions {
  stations: readonly ChalkStation[];
  topDip?: Quantity;
  hemRise?: Quantity;
  hipCurve?: boolean;
  allow: PanelOptions['allow'];
  /** How the hem is chalked, in words. */
  hem: string;
}

/** A panel as a shape to cut. */
export function panelShape({ stations, topDip, hemRise, hipCurve, allow, hem }: PanelShapeOptions): Shape {
  const n = stations.length;
  return {
    inputs: [...stations.map(({ down }) => down), ...stations.map(({ half }) => half), ...(topDip ? [topDip] : []), ...(hemRise ? [hemRise] : [])],
    draw: (values) => ({
      seam: panel({
        stations: stations.map(({ id }, i) => ({ name: id, down: values[i]!, half: values[n + i]! })),
        ...(topDip ? { topDip: values[2 * n]! } : {}),
        ...(hemRise ? { hemRise: values[values.length - 1]! } : {}),
        ...(hipCurve ? { hipCurve } : {}),
        allow,
      }),
      holes: [],
    }),
    chalking: { as: 'panel', stations, hem },
  };
}

/** The lower end of a side edge after its corner has been lifted along the edge. */
function lifted(from: Point, to: Point, rise: number): Point {
  const length = Math.hypot(to[0] - from[0], to[1] - from[1]);
  const share = length === 0 ? 1 : (length - rise) / length;
  return [from[0] + (to[0] - from[0]) * share, from[1] + (to[1] - from[1]) * share];
}
