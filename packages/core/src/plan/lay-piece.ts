import { flatten } from '../geometry/flatten.ts';
import type { LayPiece } from '../lay/lay-request.ts';
import type { Piece } from '../shapes/piece.ts';

/** How coarsely arcs are taken for laying, mm; always outwards. */
const LAY_CHORD = 1;

/** What the lay engine needs to know of a piece. */
export function layPieceOf(piece: Piece): LayPiece {
  return {
    id: piece.id,
    outline: flatten(piece.cut, LAY_CHORD, 'outside'),
    copies: piece.copies,
    turns: piece.turns,
    ...(piece.grain === 'along' ? { matched: true } : {}),
  };
}
