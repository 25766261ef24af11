import type { Edge } from '../geometry/edge.ts';
import type { Point } from '../geometry/point.ts';
import type { Quantity } from '../quantity/quantity.ts';

/** How the cloth lies under the chalk: open in one layer, folded once, folded in four. */
export type Fold = 'open' | 'once' | 'in-four';

export type MarkKind = 'fold' | 'origin' | 'distance' | 'arc' | 'station' | 'notch' | 'slit' | 'cut' | 'label';

/** One thing to chalk, in order. Coordinates are those of the sheet's drawing, mm. */
export interface Mark {
  id: string;
  kind: MarkKind;
  says: string;
  /** A finer hint: how far apart the dots, which line this is. */
  hint?: string;
  /** The quantities this mark measures off. */
  quantities: Quantity[];
  /** What to draw for it: an arc's spokes, a distance's line, dots to join. */
  line?: readonly [Point, Point];
  dots?: Point[];
  /** The dots for those who use a ruler, from the sheet's origin: along the fold or edge, out from it, mm. Less than 0 lies above the origin. */
  table?: { title: string; columns: [string, string]; rows: Array<readonly [number, number]> };
}

/** All that is chalked for one piece: how to fold, what the folded shape looks like, the marks in order. */
export interface ChalkSheet {
  piece: string;
  name: string;
  copies: number;
  fold: Fold;
  layers: number;
  /** How to fold and which corner is the origin. */
  foldSays: string;
  /** The part of the piece that is chalked (beside the folds): cut line and seam line. */
  cut: Edge[];
  seam: Edge[];
  /** Folded edges of the drawing, to be drawn as folds, mm. */
  folds: Array<readonly [Point, Point]>;
  origin: Point;
  marks: Mark[];
}
