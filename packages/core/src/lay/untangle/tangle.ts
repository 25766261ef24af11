import type { LayShape } from '../outlines/lay-shape.ts';
import { depthInside, type Forbidden } from '../outlines/no-fit.ts';
import type { Put } from '../outlines/put.ts';
import type { Strip } from '../outlines/strip.ts';

/** Pieces that overlap by no more than this lie free, mm: a thousandth of a square millimetre along a side of a metre. */
export const FREE = 1e-5;

/** How much more a tangled pair weighs after each round, at least and at most, and how much of its weight a free one keeps. */
const GROW = { least: 1.2, most: 2 };
const KEEP = 0.9;

/** Pieces on a strip of a given length that may overlap, each pair with a weight that says how much that matters by now. */
export class Tangle {
  readonly n: number;
  readonly shape: LayShape[];
  readonly x: Float64Array;
  readonly y: Float64Array;
  private readonly weights: Float64Array;

  constructor(
    readonly strip: Strip,
    readonly length: number,
    start: readonly Put[],
  ) {
    this.n = start.length;
    this.shape = start.map((put) => put.shape);
    this.x = Float64Array.from(start, (put) => put.x);
    this.y = Float64Array.from(start, (put) => put.y);
    this.weights = new Float64Array(this.n * this.n).fill(1);
    for (let i = 0; i < this.n; i++) this.keepInside(i);
  }

  put(): Put[] {
    return this.shape.map((shape, i) => ({ shape, x: this.x[i]!, y: this.y[i]! }));
  }

  isLocked(i: number): boolean {
    return this.strip.locked.has(i);
  }

  weight(i: number, j: number): number {
    return this.weights[i * this.n + j]!;
  }

  /** How far a shape can be moved to the right and up, mm; negative where it doesn't fit. */
  room(shape: LayShape): readonly [number, number] {
    return [this.strip.width - shape.width, this.length - shape.height];
  }

  keepInside(i: number): void {
    if (this.isLocked(i)) return;
    const [right, up] = this.room(this.shape[i]!);
    this.x[i] = Math.min(Math.max(this.x[i]!, 0), Math.max(0, right));
    this.y[i] = Math.min(Math.max(this.y[i]!, 0), Math.max(0, up));
  }

  /** Where piece i in `moving` would overlap piece j. */
  rings(moving: LayShape, j: number): readonly Forbidden[] {
    return this.strip.store.of(this.shape[j]!, moving);
  }

  /** Whether the boxes of piece i at a place and of piece j come nearer than `margin` mm (beside the gap kept). */
  near(shape: LayShape, x: number, y: number, j: number, margin = 0): boolean {
    const [dx, dy] = [x - this.x[j]!, y - this.y[j]!];
    const other = this.shape[j]!;
    const free = this.strip.store.gap + margin;
    return dx < other.width + free && dy < other.height + free && dx > -shape.width - free && dy > -shape.height - free;
  }

  /** How deep a shape at a place lies in piece j, mm. */
  depth(shape: LayShape, x: number, y: number, j: number): number {
    if (!this.near(shape, x, y, j)) return 0;
    let depth = 0;
    for (const ring of this.rings(shape, j)) depth += depthInside(ring, x - this.x[j]!, y - this.y[j]!);
    return depth;
  }

  /** Weighted overlap of piece i at a place, mm; stops counting above `limit`. */
  cost(i: number, shape: LayShape, x: number, y: number, limit = Infinity): number {
    let cost = 0;
    for (let j = 0; j < this.n; j++) {
      if (j === i) continue;
      const depth = this.depth(shape, x, y, j);
      if (depth === 0) continue;
      cost += depth * this.weights[i * this.n + j]!;
      if (cost > limit) return cost;
    }
    return cost;
  }

  isTangled(i: number): boolean {
    return this.cost(i, this.shape[i]!, this.x[i]!, this.y[i]!, FREE) > FREE;
  }

  /** Raises the weight of every tangled pair, lets the others sink; returns the whole overlap, mm. */
  weigh(): number {
    const { n } = this;
    let [most, total] = [0, 0];
    const depths = new Float64Array(n * n);
    for (let i = 0; i < n; i++) {
      for (let j = 0; j < i; j++) {
        const depth = this.isLocked(i) && this.isLocked(j) ? 0 : this.depth(this.shape[i]!, this.x[i]!, this.y[i]!, j);
        depths[i * n + j] = depth;
        total += depth;
        most = Math.max(most, depth);
      }
    }
    for (let i = 0; i < n; i++) {
      for (let j = 0; j < i; j++) {
        const depth = depths[i * n + j]!;
        const now = this.weight(i, j);
        const next = depth > FREE ? now * (GROW.least + ((GROW.most - GROW.least) * depth) / most) : Math.max(1, now * KEEP);
        this.weights[i * n + j] = next;
        this.weights[j * n + i] = next;
      }
    }
    return total;
  }
}
