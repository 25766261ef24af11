import { outlineArea } from '../geometry/area.ts';
import { boundsOf } from '../geometry/bounds.ts';
import type { Edge } from '../geometry/edge.ts';
import { flatten } from '../geometry/flatten.ts';
import { rightHalf } from '../geometry/right-half.ts';
import { layPieces } from '../lay/lay.ts';
import type { Lay, LayPiece, LayRequest, Placement } from '../lay/lay-request.ts';
import { layPieceOf } from '../plan/plan-lay.ts';
import type { Plan } from '../plan/plan.ts';
import type { Piece } from '../shapes/piece.ts';

/** How closely arcs are followed where pieces are halved for the fold, mm. */
const CHORD = 1;
/** Halves of a piece that differ in area by less than this are alike, as a share. */
const SAME = 1e-6;

type Engine = (request: LayRequest) => Lay;
export type Fold = 'open' | 'along' | 'across' | 'in-four';

/** A stretch of cloth folded one way. Placements are on what one sees: half the width where it is folded along. */
export interface FoldStretch {
  fold: Fold;
  /** Length on the table, mm; of the cloth it takes twice as much where it is folded across or in four. */
  length: number;
  /** Width one sees, mm. */
  width: number;
  pieces: LayPiece[];
  placements: Placement[];
}

/** One way to fold the cloth for a plan. */
export interface FoldWay {
  id: 'open' | 'along' | 'across' | 'in-four';
  says: string;
  stretches: FoldStretch[];
  /** Cloth it takes, mm, and the share that is not used. */
  length: number;
  waste: number;
  /** Outlines to cut with the scissors, and the most layers at once. */
  cuts: number;
  layers: number;
}

/**
 * Every way of folding that makes sense for the pieces of the main cloth, the shortest first: open in one layer; folded along, pieces
 * in pairs or on the fold; folded across, in pairs; in four for whole circles. What can't be cut folded is laid open after it.
 */
export function foldWays(plan: Plan, layer: Engine = layPieces): FoldWay[] {
  const pieces = plan.pieces.filter((piece) => piece.cloth === 'main');
  const usable = plan.lay.usableWidth;
  const area = pieces.reduce((sum, piece) => sum + piece.copies * netArea(piece), 0);
  const ways = [
    wayOf('open', 'Open, in one layer', [stretchOf('open', usable, pieces.map(layPieceOf), layer)]),
    foldedAlong(pieces, usable, layer),
    plan.cloth.oneWay || plan.cloth.print === 'up' ? undefined : foldedAcross(pieces, usable, layer),
    inFour(pieces, usable, layer),
  ];
  return ways
    .filter((way) => way !== undefined)
    .map((way) => ({ ...way, waste: 1 - area / (usable * way.length) }))
    .sort((a, b) => a.length - b.length || a.cuts - b.cuts);
}

const netArea = (piece: Piece) => outlineArea(piece.cut) + piece.cutHoles.reduce((sum, hole) => sum + outlineArea(hole), 0);
const ofCloth = ({ fold, length }: FoldStretch) => (fold === 'across' || fold === 'in-four' ? 2 * length : length);
const LAYERS: Record<Fold, number> = { open: 1, along: 2, across: 2, 'in-four': 4 };

function wayOf(id: FoldWay['id'], says: string, stretches: Array<FoldStretch | undefined>): Omit<FoldWay, 'waste'> {
  const real = stretches.filter((stretch) => stretch !== undefined);
  return {
    id,
    says,
    stretches: real,
    length: real.reduce((sum, stretch) => sum + ofCloth(stretch), 0),
    cuts: real.reduce((sum, { placements }) => sum + placements.length, 0),
    layers: Math.max(...real.map(({ fold }) => LAYERS[fold])),
  };
}

/** Pieces laid on one stretch; undefined of none. Throws Unmakeable where one is too wide. */
function stretchOf(fold: Fold, width: number, pieces: LayPiece[], layer: Engine, locked: Placement[] = []): FoldStretch | undefined {
  const wanted = pieces.filter(({ copies }) => copies > 0);
  if (wanted.length === 0) return undefined;
  const { length, placements } = layer({ width, pieces: wanted, ...(locked.length > 0 ? { locked } : {}) });
  return { fold, length, width, pieces: wanted, placements };
}

/** The same left and right: what is cut on the fold, and whose pairs are no left and right hand. */
function isEven(piece: Piece): boolean {
  const half = rightHalf(piece.cut);
  return half.length > 2 && Math.abs(2 * outlineArea(half) - outlineArea(piece.cut)) < SAME * outlineArea(piece.cut) && evenEnds(piece.cut);
}

/** Every corner has its mirror image among the corners. */
const evenEnds = (outline: readonly Edge[]) =>
  outline.every(({ from: [x, y] }) => outline.some(({ from: [mx, my] }) => Math.abs(x + mx) < 0.01 && Math.abs(y - my) < 0.01));

const narrowest = (piece: Piece) => Math.min(...piece.turns.map((turn) => boundsOf(piece.cut, turn).width));

function foldedAlong(pieces: readonly Piece[], usable: number, layer: Engine): Omit<FoldWay, 'waste'> | undefined {
  const width = usable / 2;
  const folded: LayPiece[] = [];
  const onFold: Placement[] = [];
  const open: LayPiece[] = [];
  let reached = 0;
  for (const piece of pieces) {
    const even = piece.cutHoles.length === 0 && isEven(piece);
    const pairs = even && narrowest(piece) <= width + 1e-6 ? Math.floor(piece.copies / 2) : 0;
    let left = piece.copies - 2 * pairs;
    if (pairs > 0) folded.push({ ...layPieceOf(piece), copies: pairs });
    const half = rightHalf(piece.cut);
    const { width: wide, height, minY } = boundsOf(half);
    if (even && left > 0 && piece.turns.includes(0) && wide <= width + 1e-6) {
      const id = `${piece.id}, on the fold`;
      folded.push({ id, outline: flatten(half, CHORD, 'outside'), copies: left, turns: [0] });
      for (let copy = 0; copy < left; copy++) {
        onFold.push({ piece: id, copy, turn: 0, x: 0, y: reached - minY });
        reached += height;
      }
      left = 0;
    }
    if (left > 0) open.push({ ...layPieceOf(piece), copies: left });
  }
  if (folded.length === 0) return undefined;
  const says = open.length > 0 ? 'Folded along, selvedges together; then open for the rest' : 'Folded along, selvedges together';
  return wayOf('along', says, [stretchOf('along', width, folded, layer, onFold), stretchOf('open', usable, open, layer)]);
}

function foldedAcross(pieces: readonly Piece[], usable: number, layer: Engine): Omit<FoldWay, 'waste'> | undefined {
  const even = (piece: Piece) => piece.cutHoles.length === 0 && isEven(piece);
  const pairs = pieces.map((piece) => ({ ...layPieceOf(piece), copies: even(piece) ? Math.floor(piece.copies / 2) : 0 }));
  const open = pieces.map((piece) => ({ ...layPieceOf(piece), copies: even(piece) ? piece.copies % 2 : piece.copies }));
  if (pairs.every(({ copies }) => copies === 0)) return undefined;
  const rest = open.some(({ copies }) => copies > 0);
  return wayOf('across', rest ? 'Folded across, end to end; then open for the rest' : 'Folded across, end to end', [
    stretchOf('across', usable, pairs, layer),
    stretchOf('open', usable, open, layer),
  ]);
}

function inFour(pieces: readonly Piece[], usable: number, layer: Engine): Omit<FoldWay, 'waste'> | undefined {
  const whole = pieces.filter((piece) => piece.cutHoles.length > 0);
  if (whole.length === 0) return undefined;
  const stretches = whole.flatMap((piece) => {
    const half = rightHalf(piece.cut);
    const { maxX, maxY } = boundsOf(half);
    const quarter = flatten(half, CHORD, 'outside').map(([x, y]): [number, number] => [x, Math.max(0, y)]);
    const outline = quarter.filter(([x, y], i) => i === 0 || x !== quarter[i - 1]![0] || y !== quarter[i - 1]![1]);
    return Array.from({ length: piece.copies }, (): FoldStretch => ({
      fold: 'in-four',
      length: maxY,
      width: Math.max(maxX, usable / 2),
      pieces: [{ id: piece.id, outline, copies: 1, turns: [0] }],
      placements: [{ piece: piece.id, copy: 0, turn: 0, x: 0, y: 0 }],
    }));
  });
  const rest = pieces.filter((piece) => piece.cutHoles.length === 0).map(layPieceOf);
  const says = rest.length > 0 ? 'In four for the circle; then open for the rest' : 'In four: half along, half across';
  return wayOf('in-four', says, [...stretches, stretchOf('open', usable, rest, layer)]);
}
