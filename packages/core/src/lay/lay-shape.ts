import { ringArea } from '../geometry/area.ts';
import { boundsOfPoints } from '../geometry/bounds.ts';
import { turned, type Point } from '../geometry/point.ts';
import { convexParts } from './convex-parts.ts';
import { noFit, type Forbidden } from './no-fit.ts';
import { simplifyOutward } from './simplify-outward.ts';
import type { LayPiece } from './lay-request.ts';

/** A piece in one turn, moved so that its box starts at (0, 0). */
export interface LayShape {
  piece: number;
  turn: number;
  width: number;
  height: number;
  area: number;
  /** What the turned outline has to be moved by to start at (0, 0). */
  shift: Point;
  parts: Point[][];
  /** One number a distinct form: copies and symmetric turns share their no-fit rings. */
  form: number;
}

/** More corners than this and the outline is simplified, always outwards. */
const MANY_CORNERS = 48;

/** The shapes of every piece in every permitted turn that fits the strip; turns that come out alike are kept once. */
export function layShapes(pieces: readonly LayPiece[], width: number): LayShape[][] {
  const forms = new Map<string, number>();
  return pieces.map((piece, index) => {
    const base = piece.outline.length > MANY_CORNERS ? simplifyOutward(piece.outline, MANY_CORNERS) : piece.outline;
    const exact = Math.abs(ringArea(piece.outline));
    const seen = new Set<number>();
    const shapes: LayShape[] = [];
    for (const turn of piece.turns) {
      const ring = base.map((point) => turned(point, turn));
      const { minX, minY } = boundsOfPoints(ring);
      const moved = ring.map(([x, y]): Point => [x - minX, y - minY]);
      const { maxX, maxY } = boundsOfPoints(moved);
      const key = [...moved]
        .sort((a, b) => a[0] - b[0] || a[1] - b[1])
        .map(([x, y]) => `${x.toFixed(2)},${y.toFixed(2)}`)
        .join(' ');
      const form = forms.get(key) ?? forms.size;
      forms.set(key, form);
      if (seen.has(form) || maxX > width + 1e-6) continue;
      seen.add(form);
      shapes.push({ piece: index, turn, width: maxX, height: maxY, area: exact, shift: [-minX, -minY], parts: convexParts(moved), form });
    }
    return shapes;
  });
}

/** No-fit rings worked out once for each pair of forms. */
export class NoFitStore {
  private readonly known = new Map<number, Forbidden[]>();

  of(fixed: LayShape, moving: LayShape): Forbidden[] {
    const key = fixed.form * 65536 + moving.form;
    let rings = this.known.get(key);
    if (!rings) {
      rings = noFit(fixed.parts, moving.parts);
      this.known.set(key, rings);
    }
    return rings;
  }
}
