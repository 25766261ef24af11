import type { Edge } from '../geometry/edge.ts';
import { AllowanceTooWide, cutLineOf } from '../geometry/offset.ts';
import { flatten } from '../geometry/flatten.ts';
import { crossesItself } from '../geometry/simple-ring.ts';
import { outlineArea } from '../geometry/area.ts';
import { boundsOf } from '../geometry/bounds.ts';
import { Unmakeable } from '../errors/unmakeable.ts';

export type Grain = 'along' | 'across' | 'bias' | 'any';
export type ClothRole = 'main' | 'lining' | 'contrast';
export type Turn = 0 | 90 | 180 | 270;

/** What a construction says of a piece; the cut line follows from it. */
export interface PieceSketch {
  id: string;
  name: string;
  copies: number;
  /** Seam line, counter-clockwise, each side with its allowance. The whole piece opened out, top towards greater y. */
  seam: Edge[];
  /** Holes, clockwise, each side with its allowance. */
  holes?: Edge[][];
  grain: Grain;
  turns: Turn[];
  cloth?: ClothRole;
  quantityIds?: string[];
  /** Lines to chalk inside the piece: a slit, a casing fold, a notch. */
  lines?: InnerLine[];
}

/** A chalked line or spot inside a piece; from = to is a notch or dot. mm. */
export interface InnerLine {
  name: string;
  from: readonly [number, number];
  to: readonly [number, number];
}

/** A piece of cloth to be cut: seam line and cut line, kept apart. */
export interface Piece extends Required<Omit<PieceSketch, 'seam' | 'holes'>> {
  seam: Edge[];
  cut: Edge[];
  seamHoles: Edge[][];
  cutHoles: Edge[][];
}

/** Draws the cut line round a sketch. Throws Unmakeable where an allowance leaves nothing of a side or folds the line over itself. */
export function makePiece(sketch: PieceSketch): Piece {
  const { holes = [], cloth = 'main', quantityIds = [], lines = [], seam, ...rest } = sketch;
  try {
    const cut = cutLineOf(seam);
    if (crossesItself(flatten(cut, 0.5))) throw new AllowanceTooWide('outer');
    return { ...rest, cloth, quantityIds, lines, seam, cut, seamHoles: holes, cutHoles: holes.map(cutLineOf) };
  } catch (error) {
    if (error instanceof AllowanceTooWide) throw new Unmakeable('choices.seam', `The ${sketch.name.toLowerCase()} can't be drawn: ${error.message}.`);
    throw error;
  }
}

/** Width and length of the cut piece on the table, mm, when turned by `turn`. */
export function footprint(piece: Piece, turn: Turn = 0): { width: number; height: number } {
  const { width, height } = boundsOf(piece.cut, turn);
  return { width, height };
}

/** Cloth a cut piece covers, mm2: its holes are left out. */
export function netArea(piece: Piece): number {
  return outlineArea(piece.cut) + piece.cutHoles.reduce((sum, hole) => sum + outlineArea(hole), 0);
}
