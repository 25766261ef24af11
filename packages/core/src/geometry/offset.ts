import { sweepOf, type Edge } from './edge.ts';
import { distance, minus, plus, polar, scaled, type Point } from './point.ts';

/** Thrown when an allowance is so wide that a side of the piece vanishes (a hole smaller than its allowance, for instance). */
export class AllowanceTooWide extends Error {
  override readonly name = 'AllowanceTooWide';
  constructor(readonly edge: string) {
    super(`the allowance leaves nothing of the ${edge} edge`);
  }
}

/** Two ends nearer than this are one corner, mm. */
const SAME = 1e-6;
/** A corner that would reach further than this many allowances is cut off square. */
const MITRE = 4;

/**
 * The cut line of a counter-clockwise seam line (or the cut hole of a clockwise one): every side moved outward by its own allowance,
 * neighbours met again at the corner. On an inner arc outward is towards its centre. Arcs stay arcs.
 * Throws AllowanceTooWide where a side vanishes.
 */
export function cutLineOf(outline: readonly Edge[]): Edge[] {
  const moved = outline.map(moveOut);
  const result: Edge[] = [];
  for (let i = 0; i < moved.length; i++) {
    const before = moved[(i + moved.length - 1) % moved.length]!;
    const edge = moved[i]!;
    const after = moved[(i + 1) % moved.length]!;
    const start = meet(before, edge, outline[i]!.from);
    const end = meet(edge, after, outline[i]!.to);
    const trimmed: Edge = { ...edge, from: start[start.length - 1]!, to: end[0]! };
    if (!runsOn(trimmed, edge)) throw new AllowanceTooWide(edge.name);
    // a cut-off corner or a step between unequal allowances is a short side of its own
    if (start.length === 2) result.push({ name: `${before.name}-corner`, from: start[0]!, to: start[1]!, allowance: 0 });
    result.push(trimmed);
  }
  return result;
}

function moveOut(edge: Edge): Edge {
  const out = edge.allowance;
  if (!edge.arc) {
    const run = minus(edge.to, edge.from);
    const length = Math.hypot(...run);
    const by: Point = [(run[1] / length) * out, (-run[0] / length) * out];
    return { ...edge, from: plus(edge.from, by), to: plus(edge.to, by) };
  }
  const { start, sweep, radius } = sweepOf(edge);
  const wider = edge.arc.ccw ? radius + out : radius - out;
  if (wider <= SAME) throw new AllowanceTooWide(edge.name);
  return { ...edge, from: polar(edge.arc.centre, wider, start), to: polar(edge.arc.centre, wider, start + sweep) };
}

/** Where two moved sides meet: one corner, or two points to be joined by a straight cut. */
function meet(a: Edge, b: Edge, corner: Point): Point[] {
  if (distance(a.to, b.from) < SAME) return [a.to];
  const reach = MITRE * Math.max(a.allowance, b.allowance);
  const crossings = crossingsOf(a, b).filter((point) => distance(point, corner) <= Math.max(reach, SAME));
  if (crossings.length === 0) return [a.to, b.from];
  return [crossings.reduce((best, point) => (distance(point, corner) < distance(best, corner) ? point : best))];
}

/** All crossings of the two sides' endless lines or full circles. */
function crossingsOf(a: Edge, b: Edge): Point[] {
  if (!a.arc && !b.arc) return lineLine(a, b);
  if (!a.arc) return lineCircle(a, b);
  if (!b.arc) return lineCircle(b, a);
  return circleCircle(a, b);
}

function lineLine(a: Edge, b: Edge): Point[] {
  const u = minus(a.to, a.from);
  const v = minus(b.to, b.from);
  const cross = u[0] * v[1] - u[1] * v[0];
  if (Math.abs(cross) < 1e-9 * Math.hypot(...u) * Math.hypot(...v)) return [];
  const w = minus(b.from, a.from);
  return [plus(a.from, scaled(u, (w[0] * v[1] - w[1] * v[0]) / cross))];
}

function lineCircle(line: Edge, circle: Edge): Point[] {
  const { centre } = circle.arc!;
  const radius = distance(circle.from, centre);
  const run = minus(line.to, line.from);
  const unit = scaled(run, 1 / Math.hypot(...run));
  const toCentre = minus(centre, line.from);
  const along = toCentre[0] * unit[0] + toCentre[1] * unit[1];
  const foot = plus(line.from, scaled(unit, along));
  const half = radius ** 2 - distance(foot, centre) ** 2;
  if (half < 0) return [];
  return [plus(foot, scaled(unit, Math.sqrt(half))), plus(foot, scaled(unit, -Math.sqrt(half)))];
}

function circleCircle(a: Edge, b: Edge): Point[] {
  const [c, d] = [a.arc!.centre, b.arc!.centre];
  const [r, s] = [distance(a.from, c), distance(b.from, d)];
  const apart = distance(c, d);
  if (apart < SAME || apart > r + s || apart < Math.abs(r - s)) return [];
  const along = (r ** 2 - s ** 2 + apart ** 2) / (2 * apart);
  const half = Math.sqrt(Math.max(0, r ** 2 - along ** 2));
  const unit = scaled(minus(d, c), 1 / apart);
  const foot = plus(c, scaled(unit, along));
  const aside: Point = [-unit[1] * half, unit[0] * half];
  return [plus(foot, aside), minus(foot, aside)];
}

/** Whether a trimmed side still runs the way the moved one did. */
function runsOn(trimmed: Edge, moved: Edge): boolean {
  if (trimmed.arc) {
    const [now, then] = [Math.abs(sweepOf(trimmed).sweep), Math.abs(sweepOf(moved).sweep)];
    return distance(trimmed.from, trimmed.to) < SAME || now <= then + Math.PI;
  }
  const u = minus(trimmed.to, trimmed.from);
  const v = minus(moved.to, moved.from);
  return u[0] * v[0] + u[1] * v[1] > 0;
}
