import { NoFitStore } from '../outlines/lay-shape.ts';
import { movePiece } from './move-piece.ts';
import { pushApart } from './push-apart.ts';
import { lengthOfLay, type Put } from '../outlines/put.ts';
import type { Search } from '../search.ts';
import { Strip } from '../outlines/strip.ts';
import { Tangle } from './tangle.ts';

/** Rounds over all tangled pieces before a length is given up: altogether, and without coming nearer. */
const ROUNDS = 90;
const STUCK = 30;
/** Nearer by less than this share is not nearer. */
const NEARER = 0.98;
/** How much shorter the strip is made where pieces are only pushed together: at first, and at least, as a share of its length. */
const FIRST_SQUEEZE = 0.008;
const LEAST_SQUEEZE = 0.0005;
/** How much longer a lay may be made to ease its pieces off each other, as a share, least first. */
const EASE = [0, 1e-6, 1e-5, 1e-4, 1e-3];

/** What came of trying a length: the pieces as they lay when they overlapped least, and how much that was, mm; 0 is a lay. */
export interface Attempt {
  put: Put[];
  overlap: number;
}

/**
 * Tries for a lay of at most `length` from a start whose pieces may overlap or reach too far: moves the tangled ones to where they
 * overlap least, round after round. Pairs that stay tangled weigh more and more (guided local search).
 */
export function untangle(strip: Strip, start: readonly Put[], length: number): Attempt {
  let nearest: Attempt = { put: [...start], overlap: Infinity };
  if (length < strip.shortest) return nearest;
  const { search } = strip;
  const tangle = new Tangle(strip, length, start);
  for (let round = 0, stuck = 0; round < ROUNDS && stuck < STUCK; round++) {
    if (pushApart(tangle)) return { put: tangle.put(), overlap: 0 };
    const overlap = tangle.weigh();
    stuck = overlap < nearest.overlap * NEARER ? 0 : stuck + 1;
    if (overlap < nearest.overlap) nearest = { put: tangle.put(), overlap };
    for (const i of shuffled(tangle.n, search.random)) {
      if (search.over(true)) return nearest;
      if (!tangle.isLocked(i) && tangle.isTangled(i)) movePiece(tangle, i);
    }
  }
  return nearest;
}

/** The same pieces beside the same neighbours, pushed together as far as they go. */
export function squeezed(strip: Strip, start: readonly Put[]): Put[] {
  let from = [...start];
  for (let cut = FIRST_SQUEEZE; cut >= LEAST_SQUEEZE && !strip.search.over(true);) {
    const length = lengthOfLay(from) * (1 - cut);
    const tangle = length < strip.shortest ? undefined : new Tangle(strip, length, from);
    if (tangle && pushApart(tangle)) from = tangle.put();
    else cut /= 2;
  }
  return from;
}

/** The same lay with its pieces eased off each other, where it is hardly longer for it; as it was where they can't be. */
export function eased(items: Strip['items'], width: number, search: Search, start: readonly Put[]): Put[] {
  const giving = new Strip(items, width, new NoFitStore(0, true), search);
  const length = lengthOfLay(start);
  for (const longer of EASE) {
    const tangle = new Tangle(giving, length * (1 + longer), start);
    if (pushApart(tangle)) return tangle.put();
  }
  return [...start];
}

function shuffled(count: number, random: () => number): number[] {
  const order = Array.from({ length: count }, (_, i) => i);
  for (let i = order.length - 1; i > 0; i--) {
    const k = Math.floor(random() * (i + 1));
    [order[i], order[k]] = [order[k]!, order[i]!];
  }
  return order;
}
