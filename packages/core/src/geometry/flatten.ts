import { sweepOf, type Edge } from './edge.ts';
import { polar, type Point } from './point.ts';

/** The default distance between a chord and its arc, mm; half of what the contract allows. */
export const CHORD_ERROR = 0.05;

/**
 * A closed outline as a ring of points without a repeated last one.
 * `side: 'on'` puts the points on the arcs (chords lie within `chordError` of them); `'outside'` moves them out so that no part
 * of the arc lies outside the ring, for laying pieces that must not overlap.
 */
export function flatten(outline: readonly Edge[], chordError = CHORD_ERROR, side: 'on' | 'outside' = 'on'): Point[] {
  const ring: Point[] = [];
  for (const edge of outline) {
    ring.push(edge.from);
    if (!edge.arc) continue;
    const { start, sweep, radius } = sweepOf(edge);
    const most = 2 * Math.acos(Math.max(-1, 1 - Math.min(chordError, radius) / radius));
    if (side === 'outside' && sweep > 0) ring.push(...tangentCorners(edge.arc.centre, radius, start, sweep, most));
    else {
      const steps = Math.max(1, Math.ceil(Math.abs(sweep) / most));
      for (let i = 1; i < steps; i++) ring.push(polar(edge.arc.centre, radius, start + (sweep * i) / steps));
    }
  }
  return ring;
}

/** Corners of tangents to a counter-clockwise arc. It is touched at the compass points, so that its box stays exact in every quarter turn. */
function tangentCorners(centre: Point, radius: number, start: number, sweep: number, most: number): Point[] {
  const quarter = Math.PI / 2;
  const stops = [start];
  for (let k = Math.ceil(start / quarter + 1e-9); k * quarter < start + sweep - 1e-9; k++) stops.push(k * quarter);
  stops.push(start + sweep);
  const corners: Point[] = [];
  for (let s = 0; s + 1 < stops.length; s++) {
    const [from, span] = [stops[s]!, stops[s + 1]! - stops[s]!];
    const steps = Math.max(1, Math.ceil(span / most));
    const outer = radius / Math.cos(span / steps / 2);
    for (let i = 0; i < steps; i++) corners.push(polar(centre, outer, from + (span / steps) * (i + 0.5)));
  }
  return corners;
}
