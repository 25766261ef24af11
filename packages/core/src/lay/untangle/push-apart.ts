import type { Forbidden } from '../outlines/no-fit.ts';
import { FREE, type Tangle } from './tangle.ts';

/** Pieces tangled deeper than this are not pushed apart, mm: they want another place. */
const NEARLY = 6;
/** Rounds at most; after so many of them the pairs are looked up anew and the overlap must have shrunk by so much. */
const ROUNDS = 240;
const LOOK = 12;
const SHRINK = 0.7;

interface Pair {
  i: number;
  j: number;
  ring: Forbidden;
}

/** Where only little is tangled: pushes pairs apart by what they overlap, over and over. True once nothing overlaps; else nothing is moved. */
export function pushApart(tangle: Tangle): boolean {
  const { x, y } = tangle;
  const [keptX, keptY] = [x.slice(), y.slice()];
  let before = Infinity;
  for (let round = 0; round < ROUNDS; round += LOOK) {
    const pairs = nearPairs(tangle);
    let worst = 0;
    for (let k = 0; k < LOOK; k++) {
      worst = pushAll(tangle, pairs);
      if (worst <= FREE || worst > NEARLY) break;
    }
    // what was far before may have come near: only a fresh look tells
    if (worst <= FREE && pushAll(tangle, nearPairs(tangle)) <= FREE) return true;
    if (worst > Math.min(NEARLY, before * SHRINK) || tangle.strip.search.over(true)) break;
    before = Math.max(worst, FREE);
  }
  x.set(keptX);
  y.set(keptY);
  return false;
}

/** Every pair of parts that overlap or may come to. */
function nearPairs(tangle: Tangle): Pair[] {
  const { n, x, y, shape } = tangle;
  const pairs: Pair[] = [];
  for (let i = 0; i < n; i++) {
    for (let j = 0; j < i; j++) {
      if (!tangle.near(shape[i]!, x[i]!, y[i]!, j, NEARLY) || (tangle.isLocked(i) && tangle.isLocked(j))) continue;
      const [dx, dy] = [x[i]! - x[j]!, y[i]! - y[j]!];
      for (const ring of tangle.rings(shape[i]!, j)) {
        if (dx > ring.minX - NEARLY && dx < ring.maxX + NEARLY && dy > ring.minY - NEARLY && dy < ring.maxY + NEARLY) pairs.push({ i, j, ring });
      }
    }
  }
  return pairs;
}

/** One push for every pair that overlaps; returns the deepest overlap met, mm. */
function pushAll(tangle: Tangle, pairs: readonly Pair[]): number {
  const { x, y } = tangle;
  let worst = 0;
  for (const { i, j, ring } of pairs) {
    const out = wayOut(ring, x[i]! - x[j]!, y[i]! - y[j]!);
    if (!out) continue;
    worst = Math.max(worst, out.depth);
    const [fixedI, fixedJ] = [tangle.isLocked(i), tangle.isLocked(j)];
    // the normal points inwards: against it is out; of two pieces both give way, beside a locked one only the other
    const push = (out.depth + FREE / 2) / (fixedI || fixedJ ? 1 : 2);
    if (!fixedI) [x[i], y[i]] = [x[i]! - out.nx * push, y[i]! - out.ny * push];
    if (!fixedJ) [x[j], y[j]] = [x[j]! + out.nx * push, y[j]! + out.ny * push];
    tangle.keepInside(i);
    tangle.keepInside(j);
  }
  return worst;
}

/** The nearest side of a ring to leave by; undefined outside it. The normal points inwards. */
function wayOut(ring: Forbidden, x: number, y: number): { depth: number; nx: number; ny: number } | undefined {
  if (x <= ring.minX || x >= ring.maxX || y <= ring.minY || y >= ring.maxY) return undefined;
  const { sides, lately } = ring;
  if (sides[lately]! * x + sides[lately + 1]! * y + sides[lately + 2]! <= 0) return undefined;
  let [depth, at] = [Infinity, 0];
  for (let i = 0; i < sides.length; i += 3) {
    const inside = sides[i]! * x + sides[i + 1]! * y + sides[i + 2]!;
    if (inside <= 0) {
      ring.lately = i;
      return undefined;
    }
    if (inside < depth) [depth, at] = [inside, i];
  }
  return { depth, nx: sides[at]!, ny: sides[at + 1]! };
}
