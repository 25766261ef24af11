import type { LayShape } from '../outlines/lay-shape.ts';
import type { Put } from '../outlines/put.ts';
import { firstAtLeast, pick, putDown, waysOf, type Group, type Step, type Way } from './rectangle-groups.ts';
import type { Search } from '../search.ts';

/** Widths and heights that differ by no more fit each other, mm: drawings rounded to a thousandth still close. */
const SAME = 0.004;
/** Pieces tried in one descent before the next begins with other luck. */
const PATIENCE = [60, 150, 400, 1000];
/** After so many pieces tried a set of which no descent laid so much shows that it is no perfect one. */
const SHOWS = 15_000;
const FAR = 0.4;
/** Pieces tried at most. */
const MOST = 400_000;
/** Ways beyond which sums of two widths are too many to be of use. */
const MOST_WAYS = 160;

/** Two ways together. */
interface Pair {
  sum: number;
  a: number;
  b: number;
}

interface Laid extends Way {
  x: number;
  y: number;
}

/**
 * Puts rectangles that were cut from one rectangle together again: whatever lies at the lowest gap must fill its width to a hair, so that
 * a piece is only tried where the rest of the gap can still be filled by one or two others, or is wide.
 */
export class Perfect {
  private readonly ways: readonly Way[];
  private readonly height: number;
  /** The greatest share of the area laid by any attempt, and pieces tried in all. */
  private farthest = 0;
  private tried = 0;
  private readonly pairs: readonly Pair[];
  private readonly narrowest: number;
  private left: number[] = [];
  private laid: Laid[] = [];
  private covered = 0;
  private patience = 0;
  private luck = 0;

  constructor(
    private readonly groups: readonly Group[],
    private readonly items: ReadonlyArray<readonly LayShape[]>,
    private readonly width: number,
    private readonly search: Search,
  ) {
    this.height = groups.reduce((sum, { shapes, items }) => sum + shapes[0]!.area * items.length, 0) / width;
    this.ways = waysOf(groups);
    this.narrowest = this.ways[0]!.shape.width;
    this.pairs = (this.ways.length > MOST_WAYS ? [] : this.ways)
      .flatMap(({ shape }, a) => this.ways.slice(0, a + 1).map((other, b): Pair => ({ sum: shape.width + other.shape.width, a, b })))
      .sort((p, q) => p.sum - q.sum);
  }

  /** Whether the pieces may still turn out to be such a set. */
  get hopeful(): boolean {
    return this.pairs.length > 0 && this.tried < (this.farthest < FAR ? SHOWS : MOST);
  }

  /** One attempt with new luck: the whole lay, or undefined where it ran out of patience. */
  attempt(): Put[] | undefined {
    const { random } = this.search;
    this.left = this.groups.map(({ items }) => items.length);
    this.laid = [];
    this.covered = 0;
    this.patience = pick(PATIENCE, random);
    this.luck = random();
    this.tried++;
    return this.fill([{ x: 0, y: 0, width: this.width }]) ? putDown(this.groups, this.items, this.laid, this.width) : undefined;
  }

  private fill(steps: readonly Step[]): boolean {
    this.farthest = Math.max(this.farthest, this.covered / (this.width * this.height));
    let gap = 0;
    for (let i = 1; i < steps.length; i++) if (steps[i]!.y < steps[gap]!.y - SAME) gap = i;
    const { x, y, width: room } = steps[gap]!;
    if (y > this.height - SAME) return true;
    const wallLeft = gap > 0 ? steps[gap - 1]!.y : Infinity;
    const wallRight = gap + 1 < steps.length ? steps[gap + 1]!.y : Infinity;
    for (const { group, shape, fills } of this.options(y, room, wallLeft - y, wallRight - y)) {
      if (this.patience-- <= 0 || this.search.over()) return false;
      this.tried++;
      this.left[group]!--;
      this.laid.push({ group, shape, x, y });
      this.covered += shape.area;
      if (this.fill(raised(steps, gap, fills ? room : shape.width, y + shape.height))) return true;
      this.covered -= shape.area;
      this.laid.pop();
      this.left[group]!++;
    }
    return false;
  }

  /** What may lie at the left end of a gap, the likeliest first. */
  private options(y: number, room: number, wallLeft: number, wallRight: number): Array<Way & { fills: boolean; score: number }> {
    const found: Array<Way & { fills: boolean; score: number }> = [];
    for (const { group, shape } of this.ways) {
      if (shape.width > room + SAME) break;
      if (this.left[group] === 0 || y + shape.height > this.height + SAME) continue;
      const rest = room - shape.width;
      const fills = rest <= SAME;
      let score = 0;
      if (fills) score = 3;
      else if (this.single(rest, group)) score = 2;
      else if (this.pair(rest, group)) score = 1.2;
      else if (rest < 3 * this.narrowest) continue;
      if (Math.abs(shape.height - wallLeft) < SAME) score += 2;
      if (fills && Math.abs(shape.height - wallRight) < SAME) score += 2;
      score += (5 * shape.area) / (this.width * this.height) + 1.5 * this.luck * this.search.random();
      found.push({ group, shape, fills, score });
    }
    return found.sort((a, b) => b.score - a.score);
  }

  private single(width: number, own: number): boolean {
    for (let i = firstAtLeast(this.ways.length, (k) => this.ways[k]!.shape.width, width - SAME); i < this.ways.length; i++) {
      const { group, shape } = this.ways[i]!;
      if (shape.width > width + SAME) return false;
      if (this.left[group]! > (group === own ? 1 : 0)) return true;
    }
    return false;
  }

  private pair(width: number, own: number): boolean {
    for (let i = firstAtLeast(this.pairs.length, (k) => this.pairs[k]!.sum, width - SAME); i < this.pairs.length; i++) {
      const { sum, a, b } = this.pairs[i]!;
      if (sum > width + SAME) return false;
      const [g, h] = [this.ways[a]!.group, this.ways[b]!.group];
      const free = (group: number) => this.left[group]! - (group === own ? 1 : 0);
      if (g === h ? free(g) > 1 : free(g) > 0 && free(h) > 0) return true;
    }
    return false;
  }
}

/** The upper edge with the left end of one step raised to `y`; stretches of one height run together. */
function raised(steps: readonly Step[], gap: number, width: number, y: number): Step[] {
  const out = steps.map((step) => ({ ...step }));
  const step = out[gap]!;
  const top = { x: step.x, y, width };
  const rest = step.width - width;
  out.splice(gap, 1, top);
  if (rest > 0) out.splice(gap + 1, 0, { x: step.x + width, y: step.y, width: rest });
  for (let i = Math.min(gap + 1, out.length - 1); i >= Math.max(1, gap); i--) {
    const [before, here] = [out[i - 1]!, out[i]!];
    if (Math.abs(before.y - here.y) > SAME) continue;
    before.width += here.width;
    out.splice(i, 1);
  }
  return out;
}
