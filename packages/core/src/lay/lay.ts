import { Unmakeable } from '../errors/unmakeable.ts';
import { boundsOfPoints } from '../geometry/bounds.ts';
import { layInOrder } from './outlines/bottom-left.ts';
import { clock } from './clock.ts';
import { solveJigsaw } from './outlines/jigsaw.ts';
import type { Lay, LayPiece, LayRequest, Placement } from './lay-request.ts';
import { layShapes, NoFitStore, type Forms, type LayShape } from './outlines/lay-shape.ts';
import { lying } from './outlines/lying.ts';
import { matchRepeat } from './match-repeat.ts';
import { lengthOfLay, type Put } from './outlines/put.ts';
import { allRectangles, searchRectangles } from './rectangles/rectangles.ts';
import { layHeadToTail, layInRows, type Locked } from './outlines/rows.ts';
import { Search } from './search.ts';
import { shorten } from './untangle/shorten.ts';
import { isSound } from './sound.ts';
import { Strip } from './outlines/strip.ts';
import { eased } from './untangle/untangle.ts';

/** Looks a quick lay takes, by what it lays: they bound its work whatever the machine, and so its answer is always the same. */
const QUICK_RECTANGLES = 2500;
const QUICK_SHAPES = { least: 24, most: 1000, three: 0.9, work: 16_000 };
/** So few pieces are put down in every order: that finds more in a millisecond than untangling them. */
const FEW = 3;
/** Seconds after which even a quick lay takes the best it has; so long only what nobody would cut takes. */
export const QUICK_SECONDS = 1;
/** Seconds of a thorough lay where none are given. */
const THOROUGH = 3;
/** Placing one piece after the other costs more than it gives beyond this many pieces, or this many convex parts in all. */
const MANY_PIECES = 45;
const MANY_PARTS = 90;
/** What is heard while a lay is being sought: the best so far. */
export type OnBetter = (lay: Lay) => void;

/**
 * Lays pieces on a strip: every copy once, nothing overlapping, nothing outside. A thorough lay goes on until its seconds are over
 * (or nothing can be gained) and tells `onBetter` of every gain; a quick one does a fixed amount of work, within its seconds.
 * Throws Unmakeable naming a piece that is wider than the strip in every permitted turn.
 */
export function layPieces(request: LayRequest, onBetter?: OnBetter): Lay {
  const { width, pieces } = request;
  if (pieces.length === 0) return { length: 0, utilisation: 0, placements: [] };
  const { gap = 0 } = request;
  const since = clock();
  const seconds = request.seconds ?? (request.effort === 'thorough' ? THOROUGH : QUICK_SECONDS);
  const late = () => clock() - since >= seconds * 1000;
  const forms: Forms = new Map();
  const items = itemsOf(request, forms, late);
  const locked = putsOf('locked', request.locked ?? [], request, items, forms);
  const store = new NoFitStore(gap);
  const rectangles = locked.size === 0 && gap === 0 && allRectangles(items);
  const limit =
    request.effort === 'thorough'
      ? { seconds, idle: request.idle, since }
      : { seconds, since, steps: rectangles ? QUICK_RECTANGLES : quickSteps(items.length) };
  const start = layInRows(items, width, locked, gap);
  const match = (put: readonly Put[]) => matched(request, put, store, locked, late);
  // matching the print can cost a close lay more than a loose one: the shortest of all that come by once matched is the answer
  let best = match(start);
  const search = new Search(
    start,
    limit,
    request.seed,
    (put) => {
      const found = match(put);
      if (lengthOfLay(found) >= lengthOfLay(best)) return;
      best = found;
      onBetter?.(report(request, best));
    },
    (put) => isSound(put, width, store, locked),
  );
  search.offer(layHeadToTail(items, width, store, locked));
  const lies = putsOf('start', request.start ?? [], request, items, forms);
  if (lies.size === items.length) search.offer(items.map((_, i) => locked.get(i) ?? lies.get(i)!));
  if (rectangles) searchRectangles(items, width, search);
  else {
    if (locked.size === 0 && nearlyRectangles(items)) search.offer(laidAsBoxes(items, width, search, gap));
    searchShapes(new Strip(items, width, store, search, locked));
  }
  return report(request, best);
}

function matched({ repeat = 0, pieces }: LayRequest, put: readonly Put[], store: NoFitStore, locked: Locked, late?: () => boolean): readonly Put[] {
  return repeat > 0 ? matchRepeat(put, pieces, repeat, store, locked, late) : put;
}

/** Seconds after which a row lay leaves off matching its print: whoever shows it draws the next frame. */
const ROWS_SECONDS = 0.02;

/** The row lay alone: instant, and never better than it looks. Throws as layPieces. */
export function layRows(request: LayRequest): Lay {
  const since = clock();
  const forms: Forms = new Map();
  const items = itemsOf(request, forms);
  const locked = putsOf('locked', request.locked ?? [], request, items, forms);
  const rows = layInRows(items, request.width, locked, request.gap);
  return report(
    request,
    matched(request, rows, new NoFitStore(request.gap), locked, () => clock() - since >= ROWS_SECONDS * 1000),
  );
}

/** Every copy with the forms it may take. */
function itemsOf({ width, pieces }: LayRequest, forms: Forms, late?: () => boolean): LayShape[][] {
  const shapes = layShapes(pieces, width, forms, late);
  shapes.forEach((turns, i) => assertFits(pieces[i]!, turns, width));
  return pieces.flatMap((piece, i) => Array.from({ length: piece.copies }, () => shapes[i]!));
}

/** Placements by the number of their piece. Throws Unmakeable naming `field` where one isn't among the pieces or lies outside the strip. */
function putsOf(field: string, placements: readonly Placement[], { pieces, width }: LayRequest, items: readonly LayShape[][], forms: Forms): Locked {
  const found = new Map<number, Put>();
  for (const { piece, copy, turn, x, y } of placements) {
    const index = pieces.findIndex((each) => each.id === piece);
    const item = items.findIndex((shapes) => shapes[0]!.piece === index) + copy;
    const known = index >= 0 && items[item]?.[0]?.piece === index;
    // turns that come out alike are kept once: the one it was put down in may be another
    const shape = known ? layShapes([{ ...pieces[index]!, turns: [turn], mirror: false }], width, forms)[0]![0] : undefined;
    if (!shape) throw new Unmakeable(field, `“${piece}”, copy ${copy}, turned ${turn}, is not among the pieces`);
    const put = { shape: { ...shape, piece: index }, x: x - shape.shift[0], y: y - shape.shift[1] };
    if (put.x < -0.01 || put.y < -0.01 || put.x + shape.width > width + 0.01) throw new Unmakeable(field, `“${piece}” lies outside the cloth`);
    found.set(item, put);
  }
  return found;
}

function assertFits(piece: LayPiece, turns: readonly LayShape[], width: number): void {
  if (turns.length > 0) return;
  const narrowest = Math.min(...piece.turns.map((turn) => boundsOfPoints(lying(piece.outline, turn)).width));
  throw new Unmakeable(
    `pieces.${piece.id}`,
    `The piece “${piece.id}” is ${narrowest.toFixed(1)} mm wide in its narrowest permitted turn; the cloth has ${width.toFixed(1)} mm.`,
  );
}

/** Boxes of shapes are worth laying where they hold no more than this many times the shapes themselves. */
const BOX_OF_SHAPE = 1.12;
/** Looks of a search among boxes: what tiles is found at once. */
const BOX_STEPS = 600;

/** Shapes that nearly fill their boxes: a rectangle with a corner cut away. */
function nearlyRectangles(items: readonly LayShape[][]): boolean {
  const [boxes, areas] = items.reduce(([b, a], [shape]) => [b + shape!.width * shape!.height, a + shape!.area], [0, 0]);
  return boxes <= BOX_OF_SHAPE * areas;
}

/** The same as if they were their boxes: panels that tile a cloth are found so. */
function laidAsBoxes(items: readonly LayShape[][], width: number, search: Search, gap: number): Put[] {
  const boxes = new Search(layInRows(items, width, new Map(), gap), { seconds: QUICK_SECONDS / 4, steps: BOX_STEPS });
  if (gap === 0) searchRectangles(items, width, boxes);
  return boxes.length < search.length ? boxes.best : search.best;
}

/** Few looks where there are few pieces, as little can be gained; and where there are many, as each is held against all others. */
function quickSteps(pieces: number): number {
  const { least, most, three, work } = QUICK_SHAPES;
  return Math.round(Math.max(least, Math.min(most, three * pieces ** 3, work / pieces)));
}

function searchShapes(strip: Strip): void {
  const { items, width, store, search, locked } = strip;
  const jigsaw = locked.size === 0 && store.gap === 0 ? solveJigsaw(items, width, store, search) : undefined;
  // a jigsaw leaves nothing uncovered: it can't be bettered
  if (jigsaw && search.offer(eased(items, width, search, jigsaw))) return;
  const few = items.length <= MANY_PIECES && items.reduce((sum, shapes) => sum + shapes[0]!.parts.length, 0) <= MANY_PARTS;
  const largestFirst = items.map((_, i) => i).sort((a, b) => items[b]![0]!.area - items[a]![0]!.area);
  for (const order of !few ? [] : items.length <= FEW ? ordersOf(largestFirst, items) : [largestFirst]) {
    const inOrder = layInOrder(items, order, width, store, search, locked);
    if (inOrder) search.offer(inOrder);
  }
  shorten(strip, jigsaw);
}

/** Every order of a few pieces; copies are alike. */
function ordersOf(list: readonly number[], items: Strip['items']): number[][] {
  if (list.length === 0) return [[]];
  const firsts = list.filter((i, k) => list.findIndex((j) => items[j] === items[i]) === k);
  return firsts.flatMap((first) => ordersOf(without(list, first), items).map((rest) => [first, ...rest]));
}

const without = (list: readonly number[], one: number) => list.filter((each) => each !== one);

function report({ width, pieces }: LayRequest, placed: readonly Put[]): Lay {
  const copies = new Map<number, number>();
  let length = 0;
  const placements = placed.map(({ shape, x, y }): Placement => {
    const copy = copies.get(shape.piece) ?? 0;
    copies.set(shape.piece, copy + 1);
    const { id, outline } = pieces[shape.piece]!;
    const { turn, mirrored, shift } = shape;
    // the simplified shapes may reach further than the true ones: measure what was asked to be laid
    length = Math.max(length, boundsOfPoints(lying(outline, turn, mirrored)).maxY + y + shift[1]);
    return { piece: id, copy, turn, ...(mirrored ? { mirrored } : {}), x: x + shift[0], y: y + shift[1] };
  });
  const area = placed.reduce((sum, { shape }) => sum + shape.area, 0);
  return { length, utilisation: area / (width * length), placements };
}
