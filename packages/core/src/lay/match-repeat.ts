import type { LayPiece } from './lay-request.ts';
import type { LayShape, NoFitStore } from './lay-shape.ts';
import { isForbidden } from './no-fit.ts';
import { lengthOfLay, type Put } from './put.ts';

/** Pieces may share this much at a touching edge, mm. */
const TOUCH = 1e-4;
/** Repeats a piece is moved on by at most before it counts as free: far more than any garment is long. */
const MOST = 400;

/** Beginnings of the print tried at most: one for each piece whose print may stay where it lies. */
const BEGINNINGS = 8;

/**
 * Moves pieces up the cloth until the print meets at the seams: the origins of all pieces whose print has to match lie a whole number of
 * repeats apart; the others only make room, and what is held (by its number) stays. `repeat` mm; the lay grows by what that costs, as
 * little as the beginnings tried allow. Places in `put` are box corners.
 */
export function matchRepeat(
  put: readonly Put[],
  pieces: readonly LayPiece[],
  repeat: number,
  store: NoFitStore,
  held: ReadonlyMap<number, Put> = new Map(),
): Put[] {
  const phases = (of: readonly Put[]) => of.filter(({ shape }) => isMatched(shape, pieces)).map(({ shape, y }) => modulo(y + shape.shift[1], repeat));
  const given = phases([...held.values()]);
  const tried = (given.length > 0 ? given.slice(0, 1) : phases(put))
    .filter((phase, i, all) => all.findIndex((other) => Math.abs(other - phase) < 1e-6) === i)
    .slice(0, BEGINNINGS);
  if (tried.length === 0) return [...put];
  return tried.map((phase) => matchedTo(phase, put, pieces, repeat, store, held)).reduce((a, b) => (lengthOfLay(b) < lengthOfLay(a) - 1e-9 ? b : a));
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
): Put[] {
  const placed: Put[] = [...held.values()];
  const out: Put[] = [];
  held.forEach((each, i) => (out[i] = each));
  const order = put.map((_, i) => i).sort((a, b) => put[a]!.y - put[b]!.y || put[a]!.x - put[b]!.x);
  for (const i of order.filter((each) => !held.has(each))) {
    const { shape, x } = put[i]!;
    const matched = isMatched(shape, pieces);
    let { y } = put[i]!;
    if (matched) y += modulo(phase - (y + shape.shift[1]), repeat);
    const free = (at: number) =>
      !placed.some((other) => store.of(other.shape, shape).some((ring) => isForbidden(ring, x - other.x, at - other.y, TOUCH)));
    for (let k = 0; k < MOST && !free(y); k++) y += matched ? repeat : repeat / 4;
    out[i] = { shape, x, y };
    placed.push(out[i]);
  }
  return out;
}

/** The remainder in [0, repeat), a hair below counting as none. */
function modulo(value: number, repeat: number): number {
  const rest = ((value % repeat) + repeat) % repeat;
  return repeat - rest < 1e-6 ? 0 : rest;
}
