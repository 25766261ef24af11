import { layPieces } from '../lay/lay.ts';
import type { Lay, LayPiece, LayRequest } from '../lay/lay-request.ts';
import { flatten } from '../geometry/flatten.ts';
import { outlineArea } from '../geometry/area.ts';
import { boundsOf } from '../geometry/bounds.ts';
import type { Cloth } from '../cloth/cloth.ts';
import { Unmakeable } from '../errors/unmakeable.ts';
import type { ClothRole, Piece } from '../shapes/piece.ts';
import type { Worksheet } from './worksheet.ts';

/** How coarsely arcs are taken for laying, mm; always outwards. */
const LAY_CHORD = 1;

/** The lay of all pieces of one cloth. */
export interface PlanLay extends Lay {
  /** mm. */
  usableWidth: number;
  /** Length to buy, mm: shrinkage and reserve added, rounded up to what shops cut. */
  buy: number;
  /** How the cloth lies under the chalk. */
  fold: 'open' | 'in-four';
}

/** Whoever lays the pieces of a cloth: the engine itself, a worker that has done so already, or the person by hand. */
export type Layer = (request: LayRequest, role: ClothRole) => Lay;

/** The engine, quickly. */
const quickly: Layer = (request) => layPieces(request);

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

/** What is asked of a layer for the pieces of one cloth; `gap` mm are kept between them. */
function requestOf(width: number, pieces: readonly Piece[], gap: number, repeat = 0): LayRequest {
  return { width, pieces: pieces.map(layPieceOf), ...(gap > 0 ? { gap } : {}), ...(repeat > 0 ? { repeat } : {}) };
}

/** The same for a finished plan: what its lay was asked for. */
export function layRequestOf(
  plan: { pieces: readonly Piece[]; lay: { usableWidth: number }; choices: ReadonlyMap<string, unknown>; cloth: Cloth },
  role: ClothRole = 'main',
): LayRequest {
  return requestOf(
    plan.lay.usableWidth,
    plan.pieces.filter((piece) => piece.cloth === role),
    Number(plan.choices.get('bladeGap') ?? 0),
    role === 'main' ? plan.cloth.repeat : 0,
  );
}

/** Lays the pieces cut from one cloth. Throws Unmakeable naming the piece that is too wide for it. */
export function layCloth(sheet: Worksheet, role: ClothRole, layer: Layer = quickly): Omit<PlanLay, 'buy'> | undefined {
  const pieces = sheet.pieces.filter((piece) => piece.cloth === role);
  if (pieces.length === 0) return undefined;
  const usableWidth = sheet.usableWidth.value;
  for (const piece of pieces) assertFits(sheet, piece, usableWidth);
  const lay = layer(requestOf(usableWidth, pieces, sheet.number('bladeGap').value, role === 'main' ? sheet.cloth.repeat : 0), role);
  const byId = new Map(pieces.map((piece) => [piece.id, piece]));
  const length = lay.placements.reduce((most, { piece, turn, y }) => Math.max(most, y + boundsOf(byId.get(piece)!.cut, turn).maxY), 0);
  const area = pieces.reduce(
    (sum, piece) => sum + piece.copies * (outlineArea(piece.cut) + piece.cutHoles.reduce((holes, hole) => holes + outlineArea(hole), 0)),
    0,
  );
  const fold = pieces.some((piece) => piece.cutHoles.length > 0) ? 'in-four' : 'open';
  return { ...lay, length, usableWidth, utilisation: area / (usableWidth * length), fold };
}

function assertFits(sheet: Worksheet, piece: Piece, usable: number): void {
  const narrowest = Math.min(...piece.turns.map((turn) => boundsOf(piece.cut, turn).width));
  if (narrowest <= usable + 1e-6) return;
  const { width } = sheet.cloth;
  throw new Unmakeable(
    'cloth.width',
    `The piece “${piece.id}” (${piece.name.toLowerCase()}) is ${sheet.showLength(narrowest, 'up')} wide; between the selvedges there are ${sheet.showLength(usable, 'down')}.`,
    Math.ceil(width + narrowest - usable),
  );
}
