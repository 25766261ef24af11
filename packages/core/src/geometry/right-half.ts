import { sweepOf, type Edge } from './edge.ts';
import { polar, type Point } from './point.ts';

const ON_FOLD = 1e-6;

/**
 * The half of an outline at x >= 0: what lies beside the fold when a piece that is the same left and right is folded along x = 0.
 * The fold itself comes last, as a straight side named "fold" without allowance.
 */
export function rightHalf(outline: readonly Edge[]): Edge[] {
  const kept: Edge[] = [];
  for (const edge of outline) kept.push(...pieceAtRight(edge));
  if (kept.length === 0) return [];
  // begin just after the fold, whichever side the outline happened to start on
  const first = kept.findIndex((edge, i) => onFold(edge.from) && !joins(kept[(i + kept.length - 1) % kept.length]!, edge));
  const begin = first < 0 ? 0 : first;
  const ordered = [...kept.slice(begin), ...kept.slice(0, begin)];
  const last = ordered[ordered.length - 1]!;
  return [...ordered, { name: 'fold', from: last.to, to: ordered[0]!.from, allowance: 0 }];
}

const onFold = (point: Point) => Math.abs(point[0]) < ON_FOLD;
const joins = (a: Edge, b: Edge) => Math.hypot(a.to[0] - b.from[0], a.to[1] - b.from[1]) < ON_FOLD;

function pieceAtRight(edge: Edge): Edge[] {
  const cuts = [0, ...crossings(edge), 1];
  const parts: Edge[] = [];
  for (let i = 0; i + 1 < cuts.length; i++) {
    const [a, b] = [cuts[i]!, cuts[i + 1]!];
    if (b - a < 1e-9 || pointAt(edge, (a + b) / 2)[0] <= ON_FOLD / 10) continue;
    parts.push({ ...edge, from: snap(pointAt(edge, a)), to: snap(pointAt(edge, b)) });
  }
  return parts;
}

const snap = ([x, y]: Point): Point => [onFold([x, y]) ? 0 : x, y];

function pointAt(edge: Edge, share: number): Point {
  if (share === 0) return edge.from;
  if (share === 1) return edge.to;
  if (!edge.arc) return [edge.from[0] + (edge.to[0] - edge.from[0]) * share, edge.from[1] + (edge.to[1] - edge.from[1]) * share];
  const { start, sweep, radius } = sweepOf(edge);
  return polar(edge.arc.centre, radius, start + sweep * share);
}

/** Shares of the way along a side at which it crosses x = 0, in order. */
function crossings(edge: Edge): number[] {
  if (!edge.arc) {
    const run = edge.to[0] - edge.from[0];
    if (Math.abs(run) < ON_FOLD) return [];
    const share = -edge.from[0] / run;
    return share > 0 && share < 1 ? [share] : [];
  }
  const { start, sweep, radius } = sweepOf(edge);
  const cosine = -edge.arc.centre[0] / radius;
  if (Math.abs(cosine) > 1) return [];
  const shares: number[] = [];
  for (const direction of [Math.acos(cosine), -Math.acos(cosine)]) {
    for (let turn = -2; turn <= 2; turn++) {
      const share = (direction + turn * 2 * Math.PI - start) / sweep;
      if (share > 1e-9 && share < 1 - 1e-9) shares.push(share);
    }
  }
  return shares.sort((a, b) => a - b);
}
