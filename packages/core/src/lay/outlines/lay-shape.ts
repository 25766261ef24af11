import { ringArea } from '../../geometry/area.ts';
import { boundsOfPoints } from '../../geometry/bounds.ts';
import type { Point } from '../../geometry/point.ts';
import { convexParts } from './convex-parts.ts';
import { lying } from './lying.ts';
import { giveAlong } from './give.ts';
import { noFit, type Forbidden } from './no-fit.ts';
import { simplifyOutward } from './simplify-outward.ts';
import type { LayPiece } from '../lay-request.ts';

/** A piece in one turn, moved so that its box starts at (0, 0). */
export interface LayShape {
  piece: number;
  turn: number;
  /** Cut from the back of the cloth. */
  mirrored: boolean;
  width: number;
  height: number;
  area: number;
  /** What the turned outline has to be moved by to start at (0, 0). */
  shift: Point;
  readonly parts: Point[][];
  /** One number a distinct form: copies and symmetric turns share their no-fit rings. */
  form: number;
}

/** More corners than this and bulging sides are simplified, always outwards. */
const MANY_CORNERS = 40;

/** Outlines that differ by less than this are one form, mm. */
const ALIKE = 1e-4;

/** Numbers of the distinct forms met so far, by their outline. */
export type Forms = Map<string, number>;

/** The shapes of every piece in every permitted turn that fits the strip; turns that come out alike are kept once. What is left once it is `late` is laid by its hull. */
export function layShapes(pieces: readonly LayPiece[], width: number, forms: Forms = new Map(), late?: () => boolean): LayShape[][] {
  return pieces.map((piece, index) => {
    const base = simplifyOutward(piece.outline, MANY_CORNERS, late);
    const exact = Math.abs(ringArea(piece.outline));
    const seen = new Set<number>();
    const shapes: LayShape[] = [];
    const ways = piece.turns.map((turn) => ({ turn, mirrored: false }));
    if (piece.mirror) ways.push(...piece.turns.map((turn) => ({ turn, mirrored: true })));
    for (const { turn, mirrored } of ways) {
      const ring = lying(base, turn, mirrored);
      const { minX, minY } = boundsOfPoints(ring);
      const moved = ring.map(([x, y]): Point => [x - minX, y - minY]);
      const { maxX, maxY } = boundsOfPoints(moved);
      const key = [...moved]
        .sort((a, b) => a[0] - b[0] || a[1] - b[1])
        .map(([x, y]) => `${Math.round(x / ALIKE)},${Math.round(y / ALIKE)}`)
        .join(' ');
      const form = forms.get(key) ?? forms.size;
      forms.set(key, form);
      if (seen.has(form) || maxX > width + 1e-6) continue;
      seen.add(form);
      let parts: Point[][] | undefined;
      shapes.push({
        piece: index,
        turn,
        mirrored,
        width: maxX,
        height: maxY,
        area: exact,
        shift: [-minX, -minY],
        // rows of boxes never ask for them
        get parts() {
          return (parts ??= convexParts(moved));
        },
        form,
      });
    }
    return shapes;
  });
}

/** As many pairs as are remembered at once: hundreds of distinct pieces would fill the memory. */
const MOST_PAIRS = 60_000;

/** No-fit rings worked out once for each pair of forms. */
export class NoFitStore {
  /** By the fixed form, then by the moving one: looked up in the innermost loops. */
  private known: Forbidden[][][] = [];
  private count = 0;

  /** `gap`: mm kept free between two pieces. `give`: pieces may share a hair where they touch, so that drawings rounded in their last digit close. */
  constructor(
    readonly gap = 0,
    private readonly give = false,
  ) {}

  of(fixed: LayShape, moving: LayShape): Forbidden[] {
    const rings = this.known[fixed.form]?.[moving.form];
    if (rings) return rings;
    if (++this.count > MOST_PAIRS) [this.known, this.count] = [[], 0];
    return ((this.known[fixed.form] ??= [])[moving.form] = noFit(fixed.parts, moving.parts, this.gap, this.give ? giveOf(fixed, moving) : 0));
  }
}

/** Two pieces touch along no more than the shorter of their diagonals, or little more where they are hollow, mm. */
function giveOf(a: LayShape, b: LayShape): number {
  return giveAlong(Math.min(Math.hypot(a.width, a.height), Math.hypot(b.width, b.height)));
}
