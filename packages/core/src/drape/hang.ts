import type { Cloth } from '../cloth/cloth.ts';
import { halfWidth } from '../body/proportions.ts';
import type { GarmentView, ViewLevel } from './garment-view.ts';

/** How far cloth of a weight stands out from the plumb line, as a share of its fall (common practice, no source). */
const STANDS_OUT = { light: 0.34, medium: 0.42, heavy: 0.55 } as const;
/** Cloth of a weight folds into waves about this long, mm of cloth (common practice, no source). */
const WAVE = { light: 150, medium: 200, heavy: 280 } as const;

/** One height of the hanging garment, mm. */
export interface HungLevel {
  drop: number;
  /** Half the width seen from the front. */
  half: number;
  clothGirth: number;
  /** Cloth over the girth it spans: 1 is smooth, 2 is folded double. */
  foldRatio: number;
  held: boolean;
}

export interface Hanging {
  levels: HungLevel[];
  /** Folds round the hem. */
  folds: number;
  /** Mean radius of the hem seen from below and the depth of its waves, mm: a wavy ring whose length is the hem's. */
  hem: { radius: number; wave: number; sweep: number };
}

/**
 * How a garment hangs from its levels: cloth spreads as far as it has girth, but no further than its weight lets it stand out from
 * what holds it above, and never narrower than the body (`bodyGirth` by drop, mm). What is left over lies in folds.
 */
export function hang(view: GarmentView, cloth: Pick<Cloth, 'weight'>, bodyGirth: (drop: number) => number): Hanging {
  const levels: HungLevel[] = [];
  let above: { drop: number; half: number } | undefined;
  for (const level of view.levels) {
    const half = halfAt(level, above, cloth.weight, bodyGirth(level.drop));
    levels.push({
      drop: level.drop,
      half,
      clothGirth: level.clothGirth,
      foldRatio: Math.max(1, halfWidth(level.clothGirth) / half),
      held: level.heldGirth !== undefined,
    });
    above = { drop: level.drop, half };
  }
  const last = levels[levels.length - 1]!;
  const folds = Math.max(4, Math.round((0.8 * last.clothGirth) / WAVE[cloth.weight]));
  return { levels, folds, hem: hemRing(last.clothGirth, last.half, folds) };
}

function halfAt(level: ViewLevel, above: { drop: number; half: number } | undefined, weight: Cloth['weight'], bodyGirth: number): number {
  if (level.heldGirth !== undefined) return halfWidth(level.heldGirth);
  // sewn to what hangs above it
  if (above && above.drop === level.drop) return above.half;
  const spread = halfWidth(level.clothGirth);
  const reach = above ? above.half + STANDS_OUT[weight] * (level.drop - above.drop) : spread;
  return Math.max(Math.min(spread, reach), Math.min(spread, halfWidth(bodyGirth)));
}

/** A ring of `folds` waves about the given mean radius whose length is `sweep` (bisection on the depth of the waves), mm. */
function hemRing(sweep: number, half: number, folds: number): Hanging['hem'] {
  const radius = Math.min(half, sweep / (2 * Math.PI));
  let [low, high] = [0, radius];
  for (let i = 0; i < 40; i++) {
    const middle = (low + high) / 2;
    if (ringLength(radius, middle, folds) > sweep) high = middle;
    else low = middle;
  }
  return { radius, wave: (low + high) / 2, sweep };
}

/** Steps along one wave. */
const STEPS = 96;

/** Length of r = radius + wave cos(folds t) once round, mm (trapezoid rule, exact to far below a millimetre for smooth periodic curves). */
export function ringLength(radius: number, wave: number, folds: number): number {
  // all waves are alike: one of them is enough
  let sum = 0;
  for (let i = 0; i < STEPS; i++) {
    const t = (2 * Math.PI * i) / STEPS;
    sum += Math.sqrt((radius + wave * Math.cos(t)) ** 2 + (wave * folds * Math.sin(t)) ** 2);
  }
  return (sum * 2 * Math.PI) / STEPS;
}
