import type { Put } from '../outlines/put.ts';
import type { Strip } from '../outlines/strip.ts';
import { squeezed, untangle, type Attempt } from './untangle.ts';

/** How much shorter than the best each attempt aims, as a share: until the first failure; from then on at most; and at least. */
const FIRST_AIM = 0.05;
const AIM = 0.02;
const LEAST_AIM = 0.001;
/** After so many failures it aims for half. */
const FAILURES_TO_HALVE = 4;
/** A gain lets the next attempt aim for more again. */
const BOLDER = 1.5;
/** Failed attempts kept to start from again, the nearest misses first. */
const KEPT = 8;
/** After so many failures in a row everything is thrown down anew, and first sorted out with room to spare. */
const FAILURES_TO_SCATTER = 8;
const ROOMY = 1.03;
/** What is no longer than this above the shortest there can be is as short as it gets, mm. */
const LEAST_GAIN = 0.01;
/** The last part of the time is for small gains on the best. */
const FINISH = 0.2;

/**
 * Makes the best lay shorter until the search is over: aims a little lower, untangles, and pushes together what came of it. Where
 * that fails, two pieces of one of the nearest misses change places, and it is tried again; now and then all starts anew.
 * `start`: pieces that lie almost as they should, to begin with instead of the best.
 */
export function shorten(strip: Strip, start?: readonly Put[]): void {
  const { search } = strip;
  search.offer(squeezed(strip, search.best));
  let from = start ?? search.best;
  let aim = FIRST_AIM;
  let misses: Attempt[] = [];
  for (let failures = 0; search.length > strip.shortest + LEAST_GAIN && !search.over(true);) {
    const attempt = untangle(strip, from, search.length * (1 - aim));
    if (attempt.overlap === 0) {
      search.offer(squeezed(strip, attempt.put));
      from = search.best;
      [failures, misses] = [0, []];
      aim = Math.max(aim, Math.min(AIM, aim * BOLDER));
      continue;
    }
    failures++;
    aim = Math.min(AIM, aim);
    const finishing = search.spent() > 1 - FINISH;
    if (finishing || failures % FAILURES_TO_HALVE === 0) aim = Math.max(LEAST_AIM, aim / 2);
    if (finishing) from = aim > LEAST_AIM ? search.best : swapped(strip, search.best);
    else if (failures % FAILURES_TO_SCATTER === 0) {
      misses = [];
      from = untangle(strip, scattered(strip), search.length * ROOMY).put;
    } else {
      misses = [...misses, attempt].sort((a, b) => a.overlap - b.overlap).slice(0, KEPT);
      from = swapped(strip, misses[oftenFirst(misses.length, search.random)]!.put);
    }
  }
}

/** A random place in a list, the first ones more often. */
function oftenFirst(count: number, random: () => number): number {
  return Math.floor(random() ** 2 * count);
}

/** Two unlike pieces, one of them mostly large, put where the other was; as they were where there are no two. */
function swapped({ items, locked, search }: Strip, start: readonly Put[]): readonly Put[] {
  const { random } = search;
  const free = items.map((_, i) => i).filter((i) => !locked.has(i));
  const bySize = free.sort((a, b) => items[b]![0]!.area - items[a]![0]!.area);
  const i = bySize[oftenFirst(bySize.length, random)];
  if (i === undefined) return start;
  const unlike = bySize.filter((j) => items[j] !== items[i]);
  if (unlike.length === 0) return moved(start, i, pick(start, random), pick(items[i]!, random));
  const j = pick(unlike, random);
  return moved(moved(start, i, start[j]!), j, start[i]!);
}

/** Piece i with its middle where that of `where` lies, perhaps in another shape. */
function moved(start: readonly Put[], i: number, where: Put, shape = start[i]!.shape): Put[] {
  const x = where.x + (where.shape.width - shape.width) / 2;
  const y = where.y + (where.shape.height - shape.height) / 2;
  return start.map((put, k) => (k === i ? { shape, x, y } : put));
}

/** Every piece anywhere, turned at random. */
function scattered({ items, width, search, locked }: Strip): Put[] {
  const { random } = search;
  return items.map((shapes, i) => {
    const fixed = locked.get(i);
    if (fixed) return fixed;
    const shape = pick(shapes, random);
    return { shape, x: random() * (width - shape.width), y: random() * Math.max(0, search.length - shape.height) };
  });
}

function pick<T>(list: readonly T[], random: () => number): T {
  return list[Math.floor(random() * list.length)]!;
}
