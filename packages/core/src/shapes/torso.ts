import { edgeThrough, mirrored } from '../geometry/arcs.ts';
import { curveThrough } from '../geometry/biarcs.ts';
import type { Edge } from '../geometry/edge.ts';
import type { Point } from '../geometry/point.ts';
import type { Quantity } from '../quantity/quantity.ts';
import { outlineShape } from './outline.ts';
import type { Shape } from './shape.ts';

/** A front or back that hangs from the shoulders, as half widths and depths below the side of the neck; mm. */
export interface TorsoMeasures<Of> {
  neckHalf: Of;
  neckDepth: Of;
  /** From the middle to the end of the shoulder, and how far that lies below the side of the neck. */
  shoulderHalf: Of;
  slope: Of;
  /** Where the armhole ends below, and half the width there. */
  armholeDepth: Of;
  chestHalf: Of;
  /** To the lower edge down the middle, and half the width there. */
  length: Of;
  hemHalf: Of;
}

export interface TorsoAllowances {
  neck: number;
  shoulder: number;
  armhole: number;
  side: number;
  bottom: number;
}

/** How the neck is cut: a front dips steeply from the shoulder, a back lies in one shallow arc. */
export type Neckline = 'front' | 'back';

/**
 * Hangs from y = 0 at the side of the neck, the same left and right:
 *
 *       ‿  neck
 *     ╱   ╲   shoulders
 *    (     )  armholes
 *    │     │  sides; none where the armhole reaches the lower edge
 *    └─────┘  bottom, rounded so that it hangs level where the sides slant
 */
export function torso(m: TorsoMeasures<number>, allow: TorsoAllowances, neckline: Neckline): Edge[] {
  const underarm: Point = [m.chestHalf, -m.armholeDepth];
  const shoulder: Point = [m.shoulderHalf, -m.slope];
  const neck: Point = [m.neckHalf, 0];
  const sides = m.length - m.armholeDepth > 1e-6;
  const corner = sides ? hemCorner(underarm, [m.hemHalf, -m.length]) : underarm;
  const right: Edge[] = [
    ...(sides ? [{ name: 'side-right', from: corner, to: underarm, allowance: allow.side }] : []),
    ...armhole(underarm, shoulder, allow.armhole),
    { name: 'shoulder-right', from: shoulder, to: neck, allowance: allow.shoulder },
  ];
  const left = [...right].reverse().map((edge) => mirrored(edge, edge.name.replace('right', 'left')));
  return [
    edgeThrough('bottom', [-corner[0], corner[1]], [0, -m.length], corner, allow.bottom),
    ...right,
    ...neckCurve(neck, m.neckDepth, allow.neck, neckline),
    ...left,
  ];
}

/** The end of a slanting side as long as the middle is below the armhole: the lower edge hangs level. */
function hemCorner(underarm: Point, hem: Point): Point {
  const [run, drop] = [hem[0] - underarm[0], hem[1] - underarm[1]];
  const share = Math.abs(drop) / Math.hypot(run, drop);
  return [underarm[0] + run * share, underarm[1] + drop * share];
}

/** Scooped in from the underarm, then up; straight where the shoulder reaches as far out as the chest. */
function armhole(underarm: Point, shoulder: Point, allowance: number): Edge[] {
  // the sides reach the shoulder: a straight sleeve is sewn on there
  if (Math.hypot(underarm[0] - shoulder[0], underarm[1] - shoulder[1]) < 1e-6) return [];
  if (underarm[0] - shoulder[0] < 5) return [{ name: 'armhole-right', from: underarm, to: shoulder, allowance }];
  return curveThrough('armhole-right', [underarm, shoulder], allowance, { start: [-1, 0.45], end: [0, 1] });
}

function neckCurve([half]: Point, depth: number, allowance: number, neckline: Neckline): Edge[] {
  const ends: [Point, Point, Point] = [
    [half, 0],
    [0, -depth],
    [-half, 0],
  ];
  if (neckline === 'back') return [edgeThrough('neck', ...ends, allowance)];
  // through points of an ellipse: straight down at the shoulder, level in the middle
  const points = Array.from({ length: 7 }, (_, i): Point => [half * Math.cos((Math.PI * i) / 6), -depth * Math.sin((Math.PI * i) / 6)]);
  points[3] = ends[1];
  return curveThrough('neck', [ends[0], ...points.slice(1, 6), ends[2]], allowance, { start: [0, -1], end: [0, 1] });
}

const ORDER = ['neckHalf', 'neckDepth', 'shoulderHalf', 'slope', 'armholeDepth', 'chestHalf', 'length', 'hemHalf'] as const;

/** A front or back as a shape to cut: sides "bottom", "side-right", "armhole-right", "shoulder-right", "neck" and the same on the left. */
export function torsoShape(measures: TorsoMeasures<Quantity>, allow: TorsoAllowances, neckline: Neckline): Shape {
  return outlineShape({
    inputs: ORDER.map((name) => measures[name]),
    draw: (values) => ({
      seam: torso(Object.fromEntries(ORDER.map((name, i) => [name, values[i]!])) as unknown as TorsoMeasures<number>, allow, neckline),
      holes: [],
    }),
    folded: true,
  });
}
