import { outlineArea } from '../geometry/area.ts';
import { boundsOf } from '../geometry/bounds.ts';
import type { Edge } from '../geometry/edge.ts';
import { flatten } from '../geometry/flatten.ts';
import { rightHalf } from '../geometry/right-half.ts';
import type { Lay, LayPiece, LayRequest, Placement } from '../lay/lay-request.ts';
import type { Piece, Turn } from '../shapes/piece.ts';
import { layPieceOf } from './lay-piece.ts';

/** How closely arcs are followed where pieces are halved for the fold, mm. */
const CHORD = 1;
/** Halves of a piece that differ in area by less than this are alike, as a share. */
const SAME = 1e-6;

export type Fold = 'open' | 'along' | 'across' | 'in-four';

/** What is cut on a stretch of folded cloth: a whole outline, or the part of one that lies beside the fold. */
export interface FoldPiece extends LayPiece {
  /** The piece it is cut for. */
  of: string;
  /** The fold is part of its outline. */
  onFold?: true;
}

/** A stretch of cloth folded one way. Placements are on what one sees, x from the fold where it is folded along, y from the fold where across. */
export interface FoldStretch {
  fold: Fold;
  /** Length on the table, mm; of the cloth it takes twice as much where it is folded across or in four. */
  length: number;
  /** Width one sees, mm. */
  width: number;
  pieces: FoldPiece[];
  placements: Placement[];
}

/** Lays what lies on one stretch; whoever calls knows of which cloth, and what air is kept between pieces. */
export type StretchLayer = (request: Pick<LayRequest, 'width' | 'pieces' | 'locked'>) => Lay;

const LAYERS: Record<Fold, number> = { open: 1, along: 2, across: 2, 'in-four': 4 };

/** What there is to cut: outlines to follow with the scissors, and the most layers at once. */
export function cuttingOf(stretches: readonly FoldStretch[]): { cuts: number; layers: number } {
  return {
    cuts: stretches.reduce((sum, { placements }) => sum + placements.length, 0),
    layers: Math.max(...stretches.map(({ fold }) => LAYERS[fold])),
  };
}

/** Length of cloth a stretch takes, mm. */
export const clothOf = ({ fold, length }: FoldStretch) => (fold === 'across' || fold === 'in-four' ? 2 * length : length);

/**
 * The pieces of one cloth laid on it folded one way; what can't be cut so lies on an open stretch after it. Undefined where nothing
 * can be cut so. Throws Unmakeable where a piece is too wide.
 */
export function foldStretches(fold: Fold, pieces: readonly Piece[], usable: number, layer: StretchLayer): FoldStretch[] | undefined {
  if (fold === 'open') return stretch('open', usable, pieces.map(whole), layer);
  if (fold === 'along') return alongFold(pieces, usable, layer);
  if (fold === 'across') return acrossFold(pieces, usable, layer);
  return inFour(pieces, usable, layer);
}

const whole = (piece: Piece): FoldPiece => ({ ...layPieceOf(piece), of: piece.id });

/** One stretch of what there is; none where there is nothing. */
function stretch(fold: Fold, width: number, pieces: FoldPiece[], layer: StretchLayer, locked: Placement[] = []): FoldStretch[] {
  const wanted = pieces.filter(({ copies }) => copies > 0);
  if (wanted.length === 0) return [];
  const { length, placements } = layer({ width, pieces: wanted.map(asked), ...(locked.length > 0 ? { locked } : {}) });
  return [{ fold, length, width, pieces: wanted, placements }];
}

/** What the layer needs to know of it. */
function asked({ id, outline, copies, turns, matched }: FoldPiece): LayPiece {
  return { id, outline, copies, turns, ...(matched ? { matched } : {}) };
}

/** The turn of the lower layer of a pair where the upper one has `turn`: as in a mirror held along the fold. */
export const mirroredTurn = (fold: 'along' | 'across', turn: number) => (fold === 'along' ? (360 - turn) % 360 : (540 - turn) % 360);

/** Pairs are the same left and right, and both layers lie as the cloth allows. */
const makesPairs = (piece: Piece, fold: 'along' | 'across') =>
  piece.cutHoles.length === 0 && isEven(piece) && piece.turns.every((turn) => piece.turns.includes(mirroredTurn(fold, turn) as Turn));

/** The same left and right: what is cut on the fold, and whose pairs are no left and right hand. */
function isEven(piece: Piece): boolean {
  const half = rightHalf(piece.cut);
  return half.length > 2 && Math.abs(2 * outlineArea(half) - outlineArea(piece.cut)) < SAME * outlineArea(piece.cut) && evenEnds(piece.cut);
}

/** Every corner has its mirror image among the corners. */
const evenEnds = (outline: readonly Edge[]) =>
  outline.every(({ from: [x, y] }) => outline.some(({ from: [mx, my] }) => Math.abs(x + mx) < 0.01 && Math.abs(y - my) < 0.01));

const narrowest = (piece: Piece) => Math.min(...piece.turns.map((turn) => boundsOf(piece.cut, turn).width));

/** Pairs on the double cloth; an odd one beside the fold, where its half has room. */
function alongFold(pieces: readonly Piece[], usable: number, layer: StretchLayer): FoldStretch[] | undefined {
  const width = usable / 2;
  const folded: FoldPiece[] = [];
  const beside: Placement[] = [];
  const open: FoldPiece[] = [];
  let reached = 0;
  for (const piece of pieces) {
    const even = makesPairs(piece, 'along');
    const pairs = even && narrowest(piece) <= width + 1e-6 ? Math.floor(piece.copies / 2) : 0;
    const left = piece.copies - 2 * pairs;
    if (pairs > 0) folded.push({ ...whole(piece), copies: pairs });
    if (left === 0) continue;
    const half = even ? rightHalf(piece.cut) : [];
    const wide = even ? boundsOf(half).width : Infinity;
    if (piece.turns.includes(0) && wide <= width + 1e-6) {
      const { height, minY } = boundsOf(half);
      const id = `${piece.id}, on the fold`;
      folded.push({ id, of: piece.id, onFold: true, outline: flatten(half, CHORD, 'outside'), copies: left, turns: [0] });
      for (let copy = 0; copy < left; copy++) {
        beside.push({ piece: id, copy, turn: 0, x: 0, y: reached - minY });
        reached += height;
      }
    } else open.push({ ...whole(piece), copies: left });
  }
  if (folded.length === 0) return undefined;
  return [...stretch('along', width, folded, layer, beside), ...stretch('open', usable, open, layer)];
}

function acrossFold(pieces: readonly Piece[], usable: number, layer: StretchLayer): FoldStretch[] | undefined {
  const pairs = pieces.map((piece) => ({ ...whole(piece), copies: makesPairs(piece, 'across') ? Math.floor(piece.copies / 2) : 0 }));
  const open = pieces.map((piece, i) => ({ ...whole(piece), copies: piece.copies - 2 * pairs[i]!.copies }));
  if (pairs.every(({ copies }) => copies === 0)) return undefined;
  return [...stretch('across', usable, pairs, layer), ...stretch('open', usable, open, layer)];
}

/** A piece with a hole whose four quarters are alike: no front lower than the back. */
const isQuartered = ({ cut, cutHoles }: Piece): boolean =>
  cutHoles.length > 0 && [cut, ...cutHoles].every((ring) => evenEnds(ring) && Math.abs(boundsOf(ring).maxY + boundsOf(ring).minY) < 0.01);

/** Whole circles and squares with a hole, a quarter of each in the folded corner (handbook 4). */
function inFour(pieces: readonly Piece[], usable: number, layer: StretchLayer): FoldStretch[] | undefined {
  const holed = pieces.filter(isQuartered);
  if (holed.length === 0) return undefined;
  const quarters = holed.flatMap((piece) => {
    const half = rightHalf(piece.cut);
    const { maxX, maxY } = boundsOf(half);
    const quarter = flatten(half, CHORD, 'outside').map(([x, y]): [number, number] => [x, Math.max(0, y)]);
    const outline = quarter.filter(([x, y], i) => i === 0 || x !== quarter[i - 1]![0] || y !== quarter[i - 1]![1]);
    return Array.from({ length: piece.copies }, (): FoldStretch => ({
      fold: 'in-four',
      length: maxY,
      width: Math.max(maxX, usable / 2),
      pieces: [{ id: piece.id, of: piece.id, onFold: true, outline, copies: 1, turns: [0] }],
      placements: [{ piece: piece.id, copy: 0, turn: 0, x: 0, y: 0 }],
    }));
  });
  return [...quarters, ...stretch('open', usable, pieces.filter((piece) => !isQuartered(piece)).map(whole), layer)];
}
