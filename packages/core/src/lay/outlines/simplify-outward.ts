import { ringArea } from '../../geometry/area.ts';
import { boundsOfPoints, type Bounds } from '../../geometry/bounds.ts';
import type { Point } from '../../geometry/point.ts';
import { crossesItself } from '../../geometry/simple-ring.ts';
import { hull } from './convex-parts.ts';

const cross = (o: Point, a: Point, b: Point) => (a[0] - o[0]) * (b[1] - o[1]) - (a[1] - o[1]) * (b[0] - o[0]);

/** What filling hollow corners may add to a piece, as a share of its area: every hollow corner left costs a convex part. */
const HOLLOW = 0.003;
/** Where more hollow corners are left than this, so many times as much may be added: time grows with the square of the parts. */
const MANY_HOLLOWS = 14;
const MORE = 4;
/** What rounding off bulging corners may add. */
const BULGE = 0.004;
/** The first and cheapest pass adds no more than this a corner, as a share of the area; each further pass twice as much. */
const CHEAP = 1e-7;

/**
 * A counter-clockwise ring with fewer corners that still covers the whole of the first and has the same box: hollow corners are
 * filled where little is added, and a short side between two bulging corners is replaced by the crossing of its neighbours until
 * there are no more than `corners`. What is jagged all round ends as its hull,
 * and so does what is left once it is `late`. Linear in the corners for each of a few passes.
 */
export function simplifyOutward(ring: readonly Point[], corners: number, late: () => boolean = () => false): Point[] {
  for (let share = HOLLOW; share < 1 && !late(); share *= MORE) {
    const points = simplified(ring, corners, share);
    if (hollows(points) > MANY_HOLLOWS) continue;
    // much that is filled may lie across another part of the outline
    if (share === HOLLOW || !crossesItself(points)) return points;
  }
  return hull(ring);
}

function hollows(ring: readonly Point[]): number {
  return ring.filter((at, i) => cross(ring[(i + ring.length - 1) % ring.length]!, at, ring[(i + 1) % ring.length]!) < -1e-9).length;
}

function simplified(ring: readonly Point[], corners: number, share: number): Point[] {
  const area = Math.abs(ringArea(ring));
  const box = boundsOfPoints(ring);
  let points = [...ring];
  let [hollow, bulge] = [share * area, BULGE * area];
  for (let cost = CHEAP * area; cost <= Math.max(hollow, bulge) && points.length > 3; cost *= 2) {
    const filled = pass(points, cost, hollow, (before, at, after) => {
      const turn = cross(before, at, after);
      return turn <= 1e-9 ? { cost: -turn / 2 } : undefined;
    });
    hollow -= filled.added;
    points = filled.points;
    if (points.length <= corners) continue;
    const cut = pass(points, cost, bulge, (before, at, after, beyond) => blunted(before, at, after, beyond, box));
    bulge -= cut.added;
    points = cut.points;
  }
  return points;
}

type Step = { cost: number; by?: Point } | undefined;

/** One walk round the ring: takes every step that costs no more than `most`, never two in a row, until `budget` is spent; mm2. */
function pass(
  points: readonly Point[],
  most: number,
  budget: number,
  step: (before: Point, at: Point, after: Point, beyond: Point) => Step,
): { points: Point[]; added: number } {
  const n = points.length;
  const out: Point[] = [];
  let added = 0;
  let i = 0;
  while (i < n) {
    const at = points[i]!;
    const before = out[out.length - 1] ?? points[n - 1]!;
    const found = n - i > 2 && i > 0 ? step(before, at, points[(i + 1) % n]!, points[(i + 2) % n]!) : undefined;
    if (!found || found.cost > most || added + found.cost > budget) {
      out.push(at);
      i++;
      continue;
    }
    added += found.cost;
    if (found.by) {
      out.push(found.by);
      i += 2;
    } else {
      out.push(points[i + 1]!);
      i += 2;
    }
  }
  return { points: out, added };
}

/** The side from `at` to `after` left out: its neighbours run on until they cross. */
function blunted(before: Point, at: Point, after: Point, beyond: Point, box: Bounds): Step {
  if (cross(before, at, after) <= 1e-9 || cross(at, after, beyond) <= 1e-9) return undefined;
  const [ux, uy, vx, vy] = [at[0] - before[0], at[1] - before[1], beyond[0] - after[0], beyond[1] - after[1]];
  const denominator = ux * vy - uy * vx;
  if (denominator <= 1e-9) return undefined;
  const along = ((after[0] - before[0]) * vy - (after[1] - before[1]) * vx) / denominator;
  const by: Point = [before[0] + ux * along, before[1] + uy * along];
  // the box must not grow: its sides decide what fits
  if (along < 1 || by[0] > box.maxX + 1e-6 || by[1] > box.maxY + 1e-6 || by[0] < box.minX - 1e-6 || by[1] < box.minY - 1e-6) return undefined;
  return { cost: Math.abs(cross(at, by, after)) / 2, by };
}
