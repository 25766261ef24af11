import type { LayPiece } from './lay-request.ts';
import type { LayShape, NoFitStore } from './outlines/lay-shape.ts';
import { isForbidden } from './outlines/no-fit.ts';
import { lengthOfLay, type Put } from './outlines/put.ts';

/** Pieces may share this much at a touching edge, mm. */
const TOUCH = 1e-4;
/** Repeats a piece is moved on by at most before it is put above all others. */
const MOST = 400;

/** Beginnings of the print tried at most: one for each piece whose print may stay where it lies. */
const BEGINNINGS = 8;

/**
 * Moves pieces up the cloth until the print meets at the seams: the origins of all pieces whose print has to match lie a whole number of
 * repeats apart; the others only make room, and what is held (by its number) stays. `repeat` mm; the lay grows by what that costs, as
 * little as the beginnings tried allow. Once it is `late`, only one beginning is tried and what is left goes above all others. Places in
 * `put` are box corners.
 */
export function matchRepeat(
  put: readonly Put[],
  pieces: readonly LayPiece[],
  repeat: number,
  store: NoFitStore,
  held: ReadonlyMap<number, Put> = new Map(),
  late: () => boolean = () => false,
): Put[] {
  const phases = (of: readonly Put[]) => of.filter(({ shape }) => isMatched(shape, pieces)).map(({ shape, y }) => modulo(y + shape.shift[1], repeat));
  const given = phases([...held.values()]);
  const tried = (given.length > 0 ? given.slice(0, 1) : phases(put))
    .filter((phase, i, all) => all.findIndex((other) => Math.abs(other - phase) < 1e-6) === i)
    .slice(0, BEGINNINGS);
  if (tried.length === 0) return [...put];
  let best: Put[] | undefined;
  for (const phase of tried) {
    if (best && late()) break;
    const found = matchedTo(phase, put, pieces, repeat, store, held, late);
    if (!best || lengthOfLay(found) < lengthOfLay(best) - 1e-9) best = found;
  }
  return best!;
}

const isMatched = (shape: LayShape, pieces: readonly LayPiece[]) => (pieces[shape.piece]!.matched ?? false) && shape.turn % 180 === 0;

/** The same with the print of matched pieces beginning `phase` mm after a repeat. */
function matchedTo(
  phase: number,
  put: readonly Put[],
  pieces: readonly LayPiece[],
  repeat: number,
  store: NoFitStore,
  held: ReadonlyMap<number, Put>,
  late: () => boolean,
): Put[] {
  const placed: Put[] = [...held.values()];
  const out: Put[] = [];
  held.forEach((each, i) => (out[i] = each));
  const order = put.map((_, i) => i).sort((a, b) => put[a]!.y - put[b]!.y || put[a]!.x - put[b]!.x);
  for (const i of order.filter((each) => !held.has(each))) {
    const { shape, x } = put[i]!;
    const matched = isMatched(shape, pieces);
    const next = (at: number) => (matched ? at + modulo(phase - (at + shape.shift[1]), repeat) : at);
    const top = () => next(lengthOfLay(placed) + store.gap);
    const beside = placed.filter((other) => x < other.x + other.shape.width + store.gap && other.x < x + shape.width + store.gap);
    const free = (at: number) => !beside.some((other) => covers(other, shape, x, at, store));
    let y = next(put[i]!.y);
    for (let k = 0; !free(y); k++) {
      if (k === MOST || late()) {
        y = top();
        break;
      }
      y += matched ? repeat : repeat / 4;
    }
    out[i] = { shape, x, y };
    placed.push(out[i]);
  }
  return out;
}

/** Whether a shape at (x, at) would lie on another piece. */
function covers(other: Put, shape: LayShape, x: number, at: number, store: NoFitStore): boolean {
  // asked first, as it costs nothing: most pieces lie far below
  if (at >= other.y + other.shape.height + store.gap || other.y >= at + shape.height + store.gap) return false;
  return store.of(other.shape, shape).some((ring) => isForbidden(ring, x - other.x, at - other.y, TOUCH));
}

/** The remainder in [0, repeat), a hair below counting as none. */
function modulo(value: number, repeat: number): number {
  const rest = ((value % repeat) + repeat) % repeat;
  return repeat - rest < 1e-6 ? 0 : rest;
}
