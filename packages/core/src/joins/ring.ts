import type { Span } from '../sheet/join.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import type { PlainSeam } from './plain.ts';
import { along, runLength, splitRun, type Placed } from './run.ts';

export interface RingOptions {
  /** Names the seams: "side" gives side-1, side-2. */
  id: string;
  ring: readonly Placed[];
  /** Left open at the top of one seam, mm. */
  open?: number;
  /** Which seam that is; the last where nobody says. */
  at?: number;
  /** Left for something else at the foot of every seam, mm: a godet. */
  foot?: number;
  /** Seams behind: their notches are double. */
  behind?: (seam: number) => boolean;
  /** The last seam is left for later. */
  lastLater?: boolean;
}

/** The seams of a ring of pieces, and what is left of its edges. */
export interface Ring {
  seams: PlainSeam[];
  /** The two edges of the opening, from the top down; none where it stays closed. */
  opening: Span[][];
  /** The feet of both edges of each seam, from the point down. */
  feet: Span[][][];
}

/**
 * Each piece's right side to the next one's left, all the way round, sewn from the top down:
 *
 *     ┌────┐ ┌────┐ ┌────┐
 *     │ 0  │=│ 1  │=│ 2  │= (to 0)
 *     └────┘ └────┘ └────┘
 */
export function ringSeams(sheet: Worksheet, { id, ring, open = 0, at = ring.length - 1, foot = 0, behind, lastLater = false }: RingOptions): Ring {
  const seams: PlainSeam[] = [];
  const feet: Span[][][] = [];
  let opening: Span[][] = [];
  ring.forEach((placed, i) => {
    if (lastLater && i === ring.length - 1) return;
    const next = ring[(i + 1) % ring.length]!;
    let layers = [along([placed], 'side-right', true), along([next], 'side-left')];
    if (open > 0 && i === at) {
      // a zip longer than its seam leaves all of it open; the check of its place says so
      const cut = layers.map((run) => splitRun(sheet, run, Math.min(open, runLength(sheet, run).value)));
      opening = cut.map(([above]) => above);
      layers = cut.map(([, below]) => below);
    }
    if (foot > 0) {
      const cut = layers.map((run) => splitRun(sheet, run, runLength(sheet, run).value - foot));
      feet.push(cut.map(([, below]) => below));
      layers = cut.map(([above]) => above);
    }
    if (layers.every((run) => run.length > 0)) seams.push({ id: `${id}-${i + 1}`, layers, ...(behind?.(i) ? { behind: true } : {}) });
  });
  return { seams, opening, feet };
}
