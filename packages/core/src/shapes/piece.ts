import type { Edge } from '../geometry/edge.ts';
import { lengthOf } from '../geometry/edge.ts';
import { foldedOver } from '../geometry/fold-over.ts';
import { AllowanceTooWide, cutLineOf } from '../geometry/offset.ts';
import { flatten } from '../geometry/flatten.ts';
import { crossesItself } from '../geometry/simple-ring.ts';
import { outlineArea } from '../geometry/area.ts';
import { boundsOf } from '../geometry/bounds.ts';
import { Unmakeable } from '../errors/unmakeable.ts';
import { Quantity } from '../quantity/quantity.ts';
import type { Shape } from './shape.ts';
import { sidesOf, type Side } from './sides.ts';

export type Grain = 'along' | 'across' | 'bias' | 'any';
/** What a cloth is for. `main` is the garment itself. */
export const CLOTH_ROLES = ['main', 'lining', 'contrast', 'interfacing'] as const;
export type ClothRole = (typeof CLOTH_ROLES)[number];
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
  /** What the outline was drawn from. */
  shape?: Shape;
  /** The allowance at the top is turned in and mirrors the sides below it. */
  turnedIn?: boolean;
  /** Part of the outer shell, whose holes are the openings of the garment; linings, pockets, facings and bindings are not. */
  shell?: boolean;
}

/** A chalked line or spot inside a piece; from = to is a notch or dot. mm. */
export interface InnerLine {
  name: string;
  from: readonly [number, number];
  to: readonly [number, number];
}

/** A piece of cloth to be cut: seam line and cut line, kept apart. */
export interface Piece extends Required<Omit<PieceSketch, 'seam' | 'holes' | 'shape'>> {
  shape?: Shape;
  /** Every side of the seam line in ring order, those of holes after it. */
  sides: Side[];
  seam: Edge[];
  cut: Edge[];
  seamHoles: Edge[][];
  cutHoles: Edge[][];
}

/** Draws the cut line round a sketch. Throws Unmakeable where an allowance leaves nothing of a side or folds the line over itself. */
export function makePiece(sketch: PieceSketch): Piece {
  const { holes = [], cloth = 'main', quantityIds = [], lines = [], turnedIn = false, shell = cloth !== 'lining', seam, ...rest } = sketch;
  try {
    const cut = turnedIn ? foldedOver(seam) : cutLineOf(seam);
    const cutHoles = holes.map(cutLineOf);
    if (crossesItself(flatten(cut, 0.5))) throw new AllowanceTooWide('outer');
    for (const hole of cutHoles) if (crossesItself(flatten(hole, 0.5))) throw new AllowanceTooWide(hole[0]!.name);
    const sides = [seam, ...holes].flatMap(sidesOf);
    return { ...rest, cloth, quantityIds, lines, turnedIn, shell, sides, seam, cut, seamHoles: holes, cutHoles };
  } catch (error) {
    if (error instanceof AllowanceTooWide) throw new Unmakeable('choices.seam', `The ${sketch.name.toLowerCase()} can't be drawn: ${error.message}.`);
    throw error;
  }
}

/** A side of a piece by its name. Throws RangeError where it has none of that name. */
export function sideOf(piece: Piece, id: string): Side {
  const side = piece.sides.find((each) => each.id === id);
  if (!side) throw new RangeError(`the ${piece.id} has no side ${id}; it has ${piece.sides.map((each) => each.id).join(', ')}`);
  return side;
}

/** Length of a side along its seam line, mm, measured off the drawing. */
export function sideLength(piece: Piece, id: string): Quantity {
  const { length } = sideOf(piece, id);
  const { shape } = piece;
  if (!shape) return Quantity.constant(length, 'mm', undefined, 'measured off the drawing');
  const named = `${piece.name.toLowerCase()}, ${id.replace('-', ' ')}, drawn from`;
  return Quantity.drawn(named, 'mm', shape.inputs, (values) => {
    const { seam, holes } = shape.draw(values);
    return lengthOf([...seam, ...holes.flat()], id);
  });
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
