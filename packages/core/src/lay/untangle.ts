import { depthInside, type Forbidden } from './no-fit.ts';
import type { LayShape, NoFitStore } from './lay-shape.ts';
import { lengthOfLay, type Put } from './put.ts';
import type { Locked } from './rows.ts';
import type { Search } from './search.ts';

/** Pieces that overlap by no more than this lie free, mm: a thousandth of a square millimetre along a side of a metre. */
const FREE = 1e-5;
/** Below this the pieces are pushed apart rather than moved elsewhere, mm. */
const NEARLY = 6;
/** Rounds over all tangled pieces before a length is given up. */
const ROUNDS = 90;
/** Random places looked at for one piece in one turn. */
const PLACES = 7;
/** How much shorter the strip is made at first, and at least, as a share of its length. */
const FIRST_CUT = 0.03;
const LEAST_CUT = 0.0015;

/** What is laid on what. */
export interface Strip {
  items: ReadonlyArray<readonly LayShape[]>;
  width: number;
  store: NoFitStore;
  search: Search;
  locked: Locked;
}

/** A lay of at most `length` near `start`, whose pieces may overlap or reach too far; undefined where none was found in time. */
export function untangle(strip: Strip, start: readonly Put[], length: number): Put[] | undefined {
  const tallest = Math.max(lengthOfLay([...strip.locked.values()]), ...strip.items.map((shapes) => Math.min(...shapes.map((shape) => shape.height))));
  return length < tallest ? undefined : new Tangle(strip, length, start).solve();
}

/**
 * Shortens the strip a little, so that pieces overlap, and moves the tangled ones about until none does, again and again from a lay
 * without overlaps. Pairs that stay tangled weigh more and more (guided local search). Offers every gain to the search.
 */
export function shorten(strip: Strip, start: readonly Put[]): void {
  const { search } = strip;
  let from = start;
  for (let cut = FIRST_CUT; !search.over();) {
    const solved = untangle(strip, from, lengthOfLay(from) * (1 - cut));
    if (solved) {
      from = solved;
      search.offer(solved);
    } else if (cut <= LEAST_CUT) return;
    else cut = Math.max(LEAST_CUT, cut / 2);
  }
}

class Tangle {
  private readonly items: Strip['items'];
  private readonly width: number;
  private readonly store: NoFitStore;
  private readonly search: Search;
  private readonly locked: Locked;
  private readonly n: number;
  private readonly shape: LayShape[];
  private readonly x: Float64Array;
  private readonly y: Float64Array;
  private readonly weight: Float64Array;

  constructor(
    { items, width, store, search, locked }: Strip,
    private readonly length: number,
    start: readonly Put[],
  ) {
    [this.items, this.width, this.store, this.search, this.locked] = [items, width, store, search, locked];
    this.n = start.length;
    this.shape = start.map((put) => put.shape);
    this.x = Float64Array.from(start, (put) => put.x);
    this.y = Float64Array.from(start, (put) => put.y);
    this.weight = new Float64Array(this.n * this.n).fill(1);
    for (let i = 0; i < this.n; i++) this.keepInside(i);
  }

  /** A lay of at most the length without overlaps, or undefined where it wasn't found. */
  solve(): Put[] | undefined {
    let least = Infinity;
    let stuck = 0;
    for (let round = 0; round < ROUNDS && stuck < 30; round++) {
      if (this.pushApart()) return this.shape.map((shape, i) => ({ shape, x: this.x[i]!, y: this.y[i]! }));
      if (this.search.over()) return undefined;
      const total = this.weigh();
      if (total < least * 0.98) {
        least = total;
        stuck = 0;
      } else stuck++;
      for (const i of this.shuffled()) {
        if (this.search.over()) return undefined;
        if (!this.locked.has(i) && this.costAt(i, this.shape[i]!, this.x[i]!, this.y[i]!, Infinity) > FREE) this.move(i);
      }
    }
    return undefined;
  }

  private rings(fixed: number, moving: LayShape): readonly Forbidden[] {
    return this.store.of(this.shape[fixed]!, moving);
  }

  private depth(i: number, shape: LayShape, x: number, y: number, j: number): number {
    const [dx, dy] = [x - this.x[j]!, y - this.y[j]!];
    const other = this.shape[j]!;
    const { gap } = this.store;
    if (dx >= other.width + gap || dy >= other.height + gap || dx <= -shape.width - gap || dy <= -shape.height - gap) return 0;
    let depth = 0;
    for (const ring of this.rings(j, shape)) depth += depthInside(ring, dx, dy);
    return depth;
  }

  /** Weighted overlap of one piece at a place; stops counting above `limit`. */
  private costAt(i: number, shape: LayShape, x: number, y: number, limit: number): number {
    let cost = 0;
    for (let j = 0; j < this.n; j++) {
      if (j === i) continue;
      const depth = this.depth(i, shape, x, y, j);
      if (depth > 0) {
        cost += depth * this.weight[i * this.n + j]!;
        if (cost > limit) return cost;
      }
    }
    return cost;
  }

  /** Raises the weight of every tangled pair, lets the others sink; returns the whole overlap. */
  private weigh(): number {
    const { n } = this;
    let [most, total] = [0, 0];
    const depths: Array<[number, number, number]> = [];
    for (let i = 0; i < n; i++) {
      for (let j = 0; j < i; j++) {
        const depth = this.locked.has(i) && this.locked.has(j) ? 0 : this.depth(i, this.shape[i]!, this.x[i]!, this.y[i]!, j);
        total += depth;
        most = Math.max(most, depth);
        depths.push([i, j, depth]);
      }
    }
    for (const [i, j, depth] of depths) {
      const now = this.weight[i * n + j]!;
      const next = depth > FREE ? now * (1.2 + (0.8 * depth) / most) : Math.max(1, now * 0.95);
      this.weight[i * n + j] = next;
      this.weight[j * n + i] = next;
    }
    return total;
  }

  private shuffled(): number[] {
    const order = Array.from({ length: this.n }, (_, i) => i);
    for (let i = order.length - 1; i > 0; i--) {
      const k = Math.floor(this.search.random() * (i + 1));
      [order[i], order[k]] = [order[k]!, order[i]!];
    }
    return order;
  }

  private keepInside(i: number): void {
    if (this.locked.has(i)) return;
    const { width, height } = this.shape[i]!;
    this.x[i] = Math.min(Math.max(this.x[i]!, 0), Math.max(0, this.width - width));
    this.y[i] = Math.min(Math.max(this.y[i]!, 0), Math.max(0, this.length - height));
  }

  /** Moves one piece to the best place found: near where it is, or anywhere, in any turn. */
  private move(i: number): void {
    const { random } = this.search;
    const own = this.shape[i]!;
    let best = { shape: own, x: this.x[i]!, y: this.y[i]!, cost: this.costAt(i, own, this.x[i]!, this.y[i]!, Infinity) };
    const starts = [{ ...best }];
    for (const shape of this.items[i]!) {
      const [maxX, maxY] = [this.width - shape.width, this.length - shape.height];
      if (maxX < -1e-6 || maxY < -1e-6) continue;
      for (let k = 0; k < PLACES; k++) {
        const [x, y] = [Math.max(0, maxX) * random(), Math.max(0, maxY) * random()];
        const worst = starts.length < 4 ? Infinity : starts[starts.length - 1]!.cost;
        const cost = this.costAt(i, shape, x, y, worst);
        if (cost >= worst) continue;
        starts.push({ shape, x, y, cost });
        starts.sort((a, b) => a.cost - b.cost);
        if (starts.length > 4) starts.pop();
      }
    }
    for (const start of starts) {
      const found = this.refine(i, start, best.cost);
      if (found.cost < best.cost - 1e-9) best = found;
      if (best.cost <= FREE) break;
    }
    this.shape[i] = best.shape;
    this.x[i] = best.x;
    this.y[i] = best.y;
  }

  /** Downhill from a place in ever smaller steps. */
  private refine(i: number, from: { shape: LayShape; x: number; y: number; cost: number }, toBeat: number) {
    const { shape } = from;
    const [maxX, maxY] = [Math.max(0, this.width - shape.width), Math.max(0, this.length - shape.height)];
    let { x, y, cost } = from;
    let step = Math.min(40, Math.max(shape.width, shape.height) * 0.12);
    for (let tries = 0; step > 0.02 && tries < 60 && cost > FREE; tries++) {
      // hopeless places are left early
      if (tries === 16 && cost > toBeat * 3) break;
      let moved = false;
      const turn = this.search.random() * Math.PI;
      for (let k = 0; k < 4; k++) {
        const [dx, dy] = k < 2 ? [k === 0 ? step : -step, 0] : [0, k === 2 ? step : -step];
        const [c, s] = tries % 2 === 0 ? [1, 0] : [Math.cos(turn), Math.sin(turn)];
        const nx = Math.min(Math.max(x + dx * c - dy * s, 0), maxX);
        const ny = Math.min(Math.max(y + dx * s + dy * c, 0), maxY);
        const next = this.costAt(i, shape, nx, ny, cost);
        if (next < cost - 1e-12) {
          [x, y, cost] = [nx, ny, next];
          moved = true;
          break;
        }
      }
      step = moved ? step * 1.15 : step * 0.55;
    }
    return { shape, x, y, cost };
  }

  /** Where only little is tangled: pushes pairs apart by what they overlap, over and over. True once nothing overlaps. */
  private pushApart(): boolean {
    const { n, x, y } = this;
    const { gap } = this.store;
    const keepX = x.slice();
    const keepY = y.slice();
    let last = Infinity;
    for (let round = 0; round < 240 && !(round % 8 === 7 && this.search.over()); round++) {
      let worst = 0;
      for (let i = 0; i < n; i++) {
        for (let j = 0; j < i; j++) {
          const [fixedI, fixedJ] = [this.locked.has(i), this.locked.has(j)];
          if (fixedI && fixedJ) continue;
          const [dx, dy] = [x[i]! - x[j]!, y[i]! - y[j]!];
          const [a, b] = [this.shape[i]!, this.shape[j]!];
          if (dx >= b.width + gap || dy >= b.height + gap || dx <= -a.width - gap || dy <= -a.height - gap) continue;
          for (const ring of this.rings(j, a)) {
            const out = wayOut(ring, x[i]! - x[j]!, y[i]! - y[j]!);
            if (!out) continue;
            worst = Math.max(worst, out.depth);
            // the normal points inwards: against it is out; of two pieces both give way, beside a locked one only the other
            const push = (out.depth + FREE / 2) / (fixedI || fixedJ ? 1 : 2);
            if (!fixedI) [x[i], y[i]] = [x[i]! - out.nx * push, y[i]! - out.ny * push];
            if (!fixedJ) [x[j], y[j]] = [x[j]! + out.nx * push, y[j]! + out.ny * push];
            this.keepInside(i);
            this.keepInside(j);
          }
        }
      }
      if (worst <= FREE) return true;
      if (worst > NEARLY || (round % 40 === 39 && worst > last * 0.7)) break;
      if (round % 40 === 39) last = worst;
    }
    x.set(keepX);
    y.set(keepY);
    return false;
  }
}

/** The nearest side of a ring to leave by; undefined outside it. The normal points inwards. */
function wayOut(ring: Forbidden, x: number, y: number): { depth: number; nx: number; ny: number } | undefined {
  const { sides, minX, minY, maxX, maxY } = ring;
  if (x <= minX || x >= maxX || y <= minY || y >= maxY) return undefined;
  let [depth, at] = [Infinity, 0];
  for (let i = 0; i < sides.length; i += 3) {
    const inside = sides[i]! * x + sides[i + 1]! * y + sides[i + 2]!;
    if (inside <= 0) return undefined;
    if (inside < depth) [depth, at] = [inside, i];
  }
  return { depth, nx: sides[at]!, ny: sides[at + 1]! };
}
