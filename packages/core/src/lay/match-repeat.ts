import type { LayPiece } from './lay-request.ts';
import type { NoFitStore } from './lay-shape.ts';
import { isForbidden } from './no-fit.ts';
import type { Put } from './put.ts';

/** Pieces may share this much at a touching edge, mm. */
const TOUCH = 1e-4;
/** Repeats a piece is moved on by at most before it counts as free: far more than any garment is long. */
const MOST = 400;

/**
 * Moves pieces up the cloth until the print meets at the seams: the origins of all pieces whose print has to match lie a whole number of
 * repeats apart; the others only make room. `repeat` mm; the lay grows by what that costs. Places in `put` are box corners.
 */
export function matchRepeat(put: readonly Put[], pieces: readonly LayPiece[], repeat: number, store: NoFitStore): Put[] {
  const placed: Put[] = [];
  const out: Put[] = [];
  let phase: number | undefined;
  const order = put.map((_, i) => i).sort((a, b) => put[a]!.y - put[b]!.y || put[a]!.x - put[b]!.x);
  for (const i of order) {
    const { shape, x } = put[i]!;
    const originY = shape.shift[1];
    const matched = (pieces[shape.piece]!.matched ?? false) && shape.turn % 180 === 0;
    let { y } = put[i]!;
    if (matched) {
      phase ??= modulo(y + originY, repeat);
      y += modulo(phase - (y + originY), repeat);
    }
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
