import type { LayShape } from '../outlines/lay-shape.ts';
import { Perfect } from './perfect.ts';
import { firstAtLeast, grouped, pick, putDown, waysOf, type Group, type Step, type Way } from './rectangle-groups.ts';
import type { Search } from '../search.ts';
import { eased } from '../untangle/untangle.ts';

/** Widths and heights closer than this fit each other, mm: touching pieces never close without it. */
const FIT = 0.04;
/** Steps of one descent before it starts again with other luck: many short ones, some long. */
const PATIENCE = [120, 150, 300, 600];
/** How far from flush two pieces may be and still be laid as if they fitted, mm: sets cut by hand fit nearly, not exactly. */
const LOOSE = [FIT, 2, 4, 7, 12, 20];

/** How much a piece is preferred, at most, that will soon be too tall for what is left of the length. */
const TALL = 2;

/** Attempts at a perfect lay before each descent. */
const HOPES = 2;
/** How often the beginning of the best lay is kept. */
const KEEP = 0.75;

interface Option {
  group: number;
  shape: LayShape;
  atRight: boolean;
  score: number;
}

/** Whether every piece is a rectangle in every turn it may lie in. */
export function allRectangles(items: ReadonlyArray<readonly LayShape[]>): boolean {
  return items.every((shapes) =>
    shapes.every(({ parts, width, height, area }) => parts.length === 1 && Math.abs(width * height - area) < 1e-6 * area),
  );
}

/**
 * Lays rectangles by filling the lowest gap with the piece that fits it best, again and again with other luck: each descent aims at a
 * length and turns back when more is wasted than that length allows. Improves `search` until its time is over.
 */
export function searchRectangles(items: ReadonlyArray<readonly LayShape[]>, width: number, search: Search): void {
  const groups = grouped(items);
  const ways = waysOf(groups);
  const area = items.reduce((sum, shapes) => sum + shapes[0]!.area, 0);
  const task: Task = { groups, items, ways, width, area };
  const floor = Math.max(area / width, ...items.map((shapes) => Math.min(...shapes.map((shape) => shape.height))));
  const { random } = search;
  const perfect = new Perfect(groups, items, width, search);
  let trail: Trail | undefined;
  for (let round = 0; !search.over(); round++) {
    for (let k = 0; k < HOPES && perfect.hopeful; k++) {
      const put = perfect.attempt();
      if (put) search.offer(eased(items, width, search, put));
    }
    const best = search.length;
    if (best <= floor * (1 + 1e-6) + FIT) return;
    // any length better than the best so far
    const target = floor + (best - floor) * (1 - 0.8 * random() ** 2);
    const luck = round === 0 ? 0 : 0.05 + 0.6 * random();
    const loose = pick(LOOSE, random);
    const temper = { target: Math.min(target, best - 1e-3), luck, loose };
    // often the beginning of the best lay is kept and only the rest laid anew
    const from = trail && random() < KEEP ? beginning(trail, width * temper.target - area, random) : undefined;
    const found = descend(task, temper, search, from);
    if (found && search.offer(putDown(groups, items, found, width))) trail = found;
  }
}

interface Task {
  groups: readonly Group[];
  items: ReadonlyArray<readonly LayShape[]>;
  /** Every group in every turn, narrowest first. */
  ways: readonly Way[];
  width: number;
  area: number;
}

/** How one descent is tempered: the length it aims at, how much it leaves to luck, and how far from flush still counts as fitting, mm. */
interface Temper {
  target: number;
  luck: number;
  loose: number;
}

/** What was laid, in order, with the upper edge and the waste after each piece: a descent can be taken up again from any of them. */
type Trail = Array<Way & { x: number; y: number; steps: readonly Step[]; wasted: number }>;

/** A beginning of an earlier descent that wastes no more than may be wasted in all. */
function beginning(trail: Trail, allowed: number, random: () => number): Trail {
  const good = trail.filter(({ wasted }) => wasted <= allowed).length;
  return trail.slice(0, Math.floor(good * random()));
}

/** One descent; undefined where it ran out of patience. */
function descend({ groups, items, ways, width, area }: Task, { target, luck, loose }: Temper, search: Search, from: Trail = []): Trail | undefined {
  const { random } = search;
  const left = groups.map((group) => group.items.length);
  const placed: Trail = [...from];
  for (const { group } of from) left[group]!--;
  const allowed = width * target - area;
  if (allowed < -1e-6) return undefined;
  const dear = Math.max(allowed, area * 0.004);
  let patience = pick(PATIENCE, random);
  const tall = TALL * random() ** 2;

  /** How well a width is matched by another piece that is still to lay: 1 to a hair, 0 not at all. */
  const matched = (spare: number, own: number): number => {
    for (let i = firstAtLeast(ways.length, (k) => ways[k]!.shape.width, spare - loose); i < ways.length; i++) {
      const { group, shape } = ways[i]!;
      if (shape.width > spare + 1e-6) return 0;
      if (left[group]! > (group === own ? 1 : 0)) return 1 - ((spare - shape.width) / (loose + 1e-9)) * 0.5;
    }
    return 0;
  };
  const narrowest = (own: number): number => ways.find(({ group }) => left[group]! > (group === own ? 1 : 0))?.shape.width ?? Infinity;
  const flush = (difference: number) => (difference > loose ? 0 : 1 - (difference / (loose + 1e-9)) * 0.5);

  const options = (steps: readonly Step[], gap: number): Option[] => {
    const { y, width: room } = steps[gap]!;
    const wallLeft = gap > 0 ? steps[gap - 1]!.y - y : Infinity;
    const wallRight = gap + 1 < steps.length ? steps[gap + 1]!.y - y : Infinity;
    const found: Option[] = [];
    for (const { group, shape } of ways) {
      const spare = room - shape.width;
      if (spare < -1e-6) break;
      if (left[group] === 0 || y + shape.height > target + 1e-6) continue;
      const [atLeft, atRight] = [flush(Math.abs(shape.height - wallLeft)), flush(Math.abs(shape.height - wallRight))];
      let score = (shape.width / room) * 0.5 + (shape.area / area) * 2 + (tall * shape.height) / (target - y);
      if (spare <= loose) score += 4 * flush(spare) + 3 * Math.max(atLeft, atRight);
      else {
        score += 2 * Math.max(atLeft, atRight) + 2.5 * matched(spare, group);
        if (spare < narrowest(group)) score -= (Math.min(shape.height, wallLeft, wallRight) * spare) / dear;
      }
      found.push({ group, shape, atRight: atRight > atLeft, score: score + luck * 3 * random() });
    }
    return found.sort((a, b) => b.score - a.score);
  };

  const descendFrom = (steps: readonly Step[], wasted: number): boolean => {
    if (placed.length === items.length) return true;
    if (patience-- <= 0 || search.over()) return false;
    let gap = 0;
    for (let i = 1; i < steps.length; i++) if (steps[i]!.y < steps[gap]!.y - 1e-9) gap = i;
    const { x, y, width: room } = steps[gap]!;
    const up = Math.min(gap > 0 ? steps[gap - 1]!.y : Infinity, gap + 1 < steps.length ? steps[gap + 1]!.y : Infinity);
    const leave = (): boolean => {
      // the gap is filled up to its lower neighbour and counts as waste
      const waste = wasted + (up - y) * room;
      return Number.isFinite(up) && waste <= allowed + 1e-6 && descendFrom(raised(steps, x, room, up), waste);
    };
    const nearlyFlush = up - y <= loose;
    if (nearlyFlush && leave()) return true;
    for (const { group, shape, atRight } of options(steps, gap).slice(0, 3)) {
      if (patience <= 0) return false;
      const at = atRight ? x + room - shape.width : x;
      left[group]!--;
      const next = raised(steps, at, shape.width, y + shape.height);
      placed.push({ group, shape, x: at, y, steps: next, wasted });
      if (descendFrom(next, wasted)) return true;
      placed.pop();
      left[group]!++;
    }
    return !nearlyFlush && patience > 0 && leave();
  };

  const last = from[from.length - 1];
  return descendFrom(last?.steps ?? [{ x: 0, y: 0, width }], last?.wasted ?? 0) ? placed : undefined;
}

/** The upper edge with one stretch of it raised to `y`; stretches of one height run together. */
function raised(steps: readonly Step[], x: number, width: number, y: number): Step[] {
  const out: Step[] = [];
  const push = (step: Step) => {
    if (step.width < 1e-9) return;
    const last = out[out.length - 1];
    if (last && Math.abs(last.y - step.y) < 1e-6) last.width += step.width;
    else out.push(step);
  };
  const end = x + width;
  let put = false;
  for (const step of steps) {
    const stop = step.x + step.width;
    if (stop <= x + 1e-9 || step.x >= end - 1e-9) {
      if (!put && step.x >= end - 1e-9) {
        push({ x, y, width });
        put = true;
      }
      push({ ...step });
      continue;
    }
    if (step.x < x - 1e-9) push({ x: step.x, y: step.y, width: x - step.x });
    if (!put) {
      push({ x, y, width });
      put = true;
    }
    if (stop > end + 1e-9) push({ x: end, y: step.y, width: stop - end });
  }
  if (!put) push({ x, y, width });
  return out;
}
