import { Unmakeable } from '../errors/unmakeable.ts';
import { boundsOfPoints } from '../geometry/bounds.ts';
import { turned } from '../geometry/point.ts';
import { layInOrder, lengthOfLay, type Put } from './bottom-left.ts';
import type { Lay, LayPiece, LayRequest, Placement } from './lay-request.ts';
import { layShapes, NoFitStore, type LayShape } from './lay-shape.ts';
import { layInRows } from './rows.ts';

/** Above this many pieces the quick lay tries one order only. */
const MANY = 60;
/** A quick lay never searches longer than this, milliseconds. */
const QUICK = 400;

/**
 * Lays pieces on a strip: every copy once, nothing overlapping, nothing outside. Throws Unmakeable naming a piece that is wider than
 * the strip in every permitted turn.
 */
export function layPieces(request: LayRequest): Lay {
  const { width, pieces } = request;
  if (pieces.length === 0) return { length: 0, utilisation: 0, placements: [] };
  const shapes = layShapes(pieces, width);
  shapes.forEach((turns, i) => assertFits(pieces[i]!, turns, width));
  const all = pieces.flatMap((piece, i) => Array.from({ length: piece.copies }, () => shapes[i]!));
  const budget = request.effort === 'thorough' ? (request.seconds ?? 3) * 1000 : QUICK;
  const until = Date.now() + budget;

  let best = layInRows(all, width);
  const store = new NoFitStore();
  for (const order of orders(all)) {
    const put = layInOrder(order, width, store, until);
    if (!put) break;
    if (lengthOfLay(put) < lengthOfLay(best) - 1e-6) best = put;
  }
  return report(request, best);
}

/** The row lay alone: instant, and never better than it looks. Throws as layPieces. */
export function layRows(request: LayRequest): Lay {
  const shapes = layShapes(request.pieces, request.width);
  shapes.forEach((turns, i) => assertFits(request.pieces[i]!, turns, request.width));
  return report(
    request,
    layInRows(
      request.pieces.flatMap((piece, i) => Array.from({ length: piece.copies }, () => shapes[i]!)),
      request.width,
    ),
  );
}

function assertFits(piece: LayPiece, turns: readonly LayShape[], width: number): void {
  if (turns.length > 0) return;
  const narrowest = Math.min(...piece.turns.map((turn) => boundsOfPoints(piece.outline.map((point) => turned(point, turn))).width));
  throw new Unmakeable(
    `pieces.${piece.id}`,
    `The piece “${piece.id}” is ${narrowest.toFixed(1)} mm wide in its narrowest permitted turn; the cloth has ${width.toFixed(1)} mm.`,
  );
}

/** The orders a person would try: largest, tallest, widest first. */
function* orders(all: ReadonlyArray<readonly LayShape[]>): Generator<ReadonlyArray<readonly LayShape[]>> {
  const by = (key: (shape: LayShape) => number) => [...all].sort((a, b) => Math.max(...b.map(key)) - Math.max(...a.map(key)));
  yield by((shape) => shape.height);
  if (all.length > MANY) return;
  yield by((shape) => shape.area);
  yield by((shape) => shape.width);
  yield by((shape) => shape.height).map((shapes) => shapes.slice(0, 1));
}

function report({ width, pieces }: LayRequest, placed: readonly Put[]): Lay {
  const copies = new Map<number, number>();
  const placements = placed.map(({ shape, x, y }): Placement => {
    const copy = copies.get(shape.piece) ?? 0;
    copies.set(shape.piece, copy + 1);
    return { piece: pieces[shape.piece]!.id, copy, turn: shape.turn, x: x + shape.shift[0], y: y + shape.shift[1] };
  });
  // the simplified shapes may reach further than the true ones: measure what was asked to be laid
  const length = placements.reduce((most, { piece, turn, y }) => {
    const outline = pieces.find((each) => each.id === piece)!.outline;
    return Math.max(most, boundsOfPoints(outline.map((point) => turned(point, turn))).maxY + y);
  }, 0);
  const area = placed.reduce((sum, { shape }) => sum + shape.area, 0);
  return { length, utilisation: area / (width * length), placements };
}
