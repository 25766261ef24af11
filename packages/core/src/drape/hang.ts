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
  for (const group of fallsOf(view.levels)) {
    const above = levels[levels.length - 1];
    const halves = hungGroup(group, above && above.drop === group[0]!.drop ? above.half : undefined, cloth.weight, bodyGirth);
    group.forEach((level, i) => {
      const half = halves[i]!;
      levels.push({
        drop: level.drop,
        half,
        clothGirth: level.clothGirth,
        foldRatio: Math.max(1, halfWidth(level.clothGirth) / half),
        held: level.heldGirth !== undefined,
      });
    });
  }
  const last = levels[levels.length - 1]!;
  const folds = Math.max(4, Math.round((0.8 * last.clothGirth) / WAVE[cloth.weight]));
  return { levels, folds, hem: hemRing(last.clothGirth, last.half, folds) };
}

/** What falls free from one hold to the next: a new fall begins where cloth is sewn on, at a second level of one height. */
function fallsOf(levels: readonly ViewLevel[]): ViewLevel[][] {
  const falls: ViewLevel[][] = [];
  levels.forEach((level, i) => {
    if (i === 0 || level.drop === levels[i - 1]!.drop) falls.push([level]);
    else falls[falls.length - 1]!.push(level);
  });
  return falls;
}

/** Gathered cloth falls in folds right to its edge: seen from the front it spreads no further than this share of what it could. */
const IN_FOLDS = 0.86;

/** Half widths of one fall from the top down; `sewnTo` is what it hangs from where it is sewn to something. */
function hungGroup(levels: readonly ViewLevel[], sewnTo: number | undefined, weight: Cloth['weight'], bodyGirth: (drop: number) => number): number[] {
  const halves: number[] = [];
  let from = 0;
  levels.forEach((level, i) => {
    const spread = halfWidth(level.clothGirth);
    const body = Math.min(spread, halfWidth(bodyGirth(level.drop)));
    if (level.heldGirth !== undefined) {
      halves.push(halfWidth(level.heldGirth));
      from = i;
      return;
    }
    if (i === 0) {
      halves.push(sewnTo ?? Math.max(spread, body));
      return;
    }
    // straight from what holds it to the edge below, as far out as weight and cloth allow
    const [top, edge] = [levels[from]!, levels[levels.length - 1]!];
    const gathered = halfWidth(top.clothGirth) > halves[from]! * 1.12;
    const most = halfWidth(edge.clothGirth) * (gathered ? IN_FOLDS : 1);
    const foot = Math.min(most, halves[from]! + STANDS_OUT[weight] * (edge.drop - top.drop));
    const straight = halves[from]! + ((foot - halves[from]!) * (level.drop - top.drop)) / (edge.drop - top.drop);
    const reach = Math.min(spread, halves[i - 1]! + STANDS_OUT[weight] * (level.drop - levels[i - 1]!.drop));
    halves.push(Math.max(gathered ? Math.min(reach, straight) : reach, body));
  });
  return halves;
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
