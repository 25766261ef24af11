import { Unmakeable } from '../errors/unmakeable.ts';
import { boundsOfPoints } from '../geometry/bounds.ts';
import { turned } from '../geometry/point.ts';
import { layInOrder } from './bottom-left.ts';
import { solveJigsaw } from './jigsaw.ts';
import type { Lay, LayPiece, LayRequest, Placement } from './lay-request.ts';
import { layShapes, NoFitStore, type LayShape } from './lay-shape.ts';
import type { Put } from './put.ts';
import { allRectangles, searchRectangles } from './rectangles.ts';
import { layHeadToTail, layInRows } from './rows.ts';
import { Search } from './search.ts';
import { shorten, untangle, type Strip } from './untangle.ts';

/** Looks a quick lay takes, by what it lays: they bound its work whatever the machine, and so its answer is always the same. */
const QUICK_RECTANGLES = 2500;
const QUICK_SHAPES = 220;
/** Seconds of a thorough lay where none are given. */
const THOROUGH = 3;
/** Placing one piece after the other costs more than it gives beyond this many pieces, or this many convex parts in all. */
const MANY_PIECES = 45;
const MANY_PARTS = 90;
/** How much shorter than the best a fresh attempt aims, as a share. */
const AIM = 0.004;

/** What is heard while a lay is being sought: the best so far. */
export type OnBetter = (lay: Lay) => void;

/**
 * Lays pieces on a strip: every copy once, nothing overlapping, nothing outside. A thorough lay goes on until its seconds are over
 * (or nothing can be gained) and tells `onBetter` of every gain; a quick one does a fixed amount of work.
 * Throws Unmakeable naming a piece that is wider than the strip in every permitted turn.
 */
export function layPieces(request: LayRequest, onBetter?: OnBetter): Lay {
  const { width, pieces } = request;
  if (pieces.length === 0) return { length: 0, utilisation: 0, placements: [] };
  const items = itemsOf(request);
  const store = new NoFitStore();
  const rectangles = allRectangles(items);
  const limit =
    request.effort === 'thorough' ? { seconds: request.seconds ?? THOROUGH, idle: request.idle } : { seconds: Infinity, steps: rectangles ? QUICK_RECTANGLES : QUICK_SHAPES };
  const search = new Search(layInRows(items, width), limit, request.seed, onBetter && ((put) => onBetter(report(request, put))));
  search.offer(layHeadToTail(items, width, store));
  if (rectangles) searchRectangles(items, width, search);
  else searchShapes({ items, width, store, search });
  return report(request, search.best);
}

/** The row lay alone: instant, and never better than it looks. Throws as layPieces. */
export function layRows(request: LayRequest): Lay {
  return report(request, layInRows(itemsOf(request), request.width));
}

/** Every copy with the forms it may take. */
function itemsOf({ width, pieces }: LayRequest): LayShape[][] {
  const shapes = layShapes(pieces, width);
  shapes.forEach((turns, i) => assertFits(pieces[i]!, turns, width));
  return pieces.flatMap((piece, i) => Array.from({ length: piece.copies }, () => shapes[i]!));
}

function assertFits(piece: LayPiece, turns: readonly LayShape[], width: number): void {
  if (turns.length > 0) return;
  const narrowest = Math.min(...piece.turns.map((turn) => boundsOfPoints(piece.outline.map((point) => turned(point, turn))).width));
  throw new Unmakeable(
    `pieces.${piece.id}`,
    `The piece “${piece.id}” is ${narrowest.toFixed(1)} mm wide in its narrowest permitted turn; the cloth has ${width.toFixed(1)} mm.`,
  );
}

function searchShapes(strip: Strip): void {
  const { items, width, store, search } = strip;
  const jigsaw = solveJigsaw(items, width, store, search);
  // a jigsaw leaves nothing uncovered: it can't be bettered
  if (jigsaw) return void search.offer(jigsaw);
  const few = items.length <= MANY_PIECES && items.reduce((sum, shapes) => sum + shapes[0]!.parts.length, 0) <= MANY_PARTS;
  const inOrder = (order: number[]) => few && layInOrder(items, order, width, store, search);
  const largestFirst = items.map((_, i) => i).sort((a, b) => items[b]![0]!.area - items[a]![0]!.area);
  const first = inOrder(largestFirst);
  if (first) search.offer(first);
  shorten(strip, search.best);
  while (!search.over()) {
    const luck = search.random();
    const again = luck < 0.25 ? inOrder(shuffled(largestFirst, search.random)) : undefined;
    if (again) shorten(strip, again);
    else startAfresh(strip, luck < 0.65 ? disturbed(strip) : scattered(strip));
  }
}

/** A fresh attempt at a length just below the best, followed up where it succeeds. */
function startAfresh(strip: Strip, start: readonly Put[]): void {
  const put = untangle(strip, start, strip.search.length * (1 - AIM));
  if (!put) return;
  strip.search.offer(put);
  shorten(strip, put);
}

/** The best lay with a few of its pieces thrown somewhere else. */
function disturbed({ items, width, search }: Strip): Put[] {
  const { random } = search;
  const put = search.best.map((each) => ({ ...each }));
  const moves = 1 + Math.floor(random() * Math.min(4, items.length));
  for (let k = 0; k < moves; k++) {
    const [i, j] = [Math.floor(random() * put.length), Math.floor(random() * put.length)];
    [put[i]!.x, put[j]!.x] = [put[j]!.x, put[i]!.x];
    [put[i]!.y, put[j]!.y] = [put[j]!.y, put[i]!.y];
    put[i]!.shape = pick(items[i]!, random);
  }
  return put.map((each) => ({ ...each, x: Math.min(each.x, width - each.shape.width) }));
}

/** Every piece anywhere, turned at random. */
function scattered({ items, width, search }: Strip): Put[] {
  const { random } = search;
  return items.map((shapes) => {
    const shape = pick(shapes, random);
    return { shape, x: random() * (width - shape.width), y: random() * Math.max(0, search.length - shape.height) };
  });
}

function pick<T>(list: readonly T[], random: () => number): T {
  return list[Math.floor(random() * list.length)]!;
}

function shuffled(list: readonly number[], random: () => number): number[] {
  const out = [...list];
  // mostly in order, with a few moved: the largest first is seldom far wrong
  for (let k = 0; k < 1 + out.length / 3; k++) {
    const [i, j] = [Math.floor(random() * out.length), Math.floor(random() * out.length)];
    [out[i], out[j]] = [out[j]!, out[i]!];
  }
  return out;
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
