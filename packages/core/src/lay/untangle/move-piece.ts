import { depthInside, type Forbidden } from '../outlines/no-fit.ts';
import { bestPlaces, type Place } from './places.ts';
import { FREE, type Tangle } from './tangle.ts';

/** Places followed up exactly for one piece. */
const PLACES = 3;
/** How far a place is first moved about, as a share of the grid's cell, and the least such step, mm. */
const FIRST_STEP = 0.7;
const LEAST_STEP = 0.1;
const MOST_STEPS = 60;
/** A place that after so many steps is still so many times worse than the best one is left. */
const HOPELESS = { steps: 5, times: 2 };

/** Moves piece i to where it overlaps least by weight: anywhere on the strip in any of its turns, or near where it is. */
export function movePiece(tangle: Tangle, i: number): void {
  const own = tangle.shape[i]!;
  const here: Place = { shape: own, x: tangle.x[i]!, y: tangle.y[i]!, cost: tangle.cost(i, own, tangle.x[i]!, tangle.y[i]!) };
  let best = downhill(tangle, i, here, here.cost);
  for (const start of best.cost <= FREE ? [] : bestPlaces(tangle, i, PLACES)) {
    const found = downhill(tangle, i, start, best.cost);
    if (found.cost < best.cost - 1e-9) best = found;
    if (best.cost <= FREE) break;
  }
  [tangle.shape[i], tangle.x[i], tangle.y[i]] = [best.shape, best.x, best.y];
}

/** Downhill from a place in ever smaller steps. */
function downhill(tangle: Tangle, i: number, from: Place, toBeat: number): Place {
  const { shape } = from;
  const [right, up] = tangle.room(shape).map((room) => Math.max(0, room)) as [number, number];
  const first = tangle.strip.depths.cell * FIRST_STEP;
  const reach = 5 * first;
  const around = new Around(tangle, i, from, reach);
  let { x, y } = from;
  let cost = around.cost(x, y, Infinity);
  let step = first;
  for (let tries = 0; step > LEAST_STEP && tries < MOST_STEPS && cost > FREE; tries++) {
    if (tries === HOPELESS.steps && cost > toBeat * HOPELESS.times) break;
    const turn = tries % 2 === 0 ? 0 : tangle.strip.search.random() * Math.PI;
    let moved = false;
    for (let k = 0; k < 4 && !moved; k++) {
      const angle = turn + (k * Math.PI) / 2;
      const nx = Math.min(Math.max(x + step * Math.cos(angle), 0), right);
      const ny = Math.min(Math.max(y + step * Math.sin(angle), 0), up);
      if (Math.abs(nx - from.x) > reach || Math.abs(ny - from.y) > reach) continue;
      const next = around.cost(nx, ny, cost);
      if (next >= cost - 1e-12) continue;
      [x, y, cost] = [nx, ny, next];
      moved = true;
    }
    step = moved ? step * 1.15 : step * 0.55;
  }
  return { shape, x, y, cost };
}

/** The parts of others that a piece may run into near a place. */
class Around {
  private readonly rings: Forbidden[] = [];
  private readonly x: number[] = [];
  private readonly y: number[] = [];
  private readonly weight: number[] = [];

  constructor(tangle: Tangle, i: number, { shape, x, y }: Place, reach: number) {
    for (let j = 0; j < tangle.n; j++) {
      if (j === i || !tangle.near(shape, x, y, j, reach)) continue;
      const [left, bottom] = [tangle.x[j]!, tangle.y[j]!];
      const [dx, dy] = [x - left, y - bottom];
      for (const ring of tangle.rings(shape, j)) {
        if (dx + reach <= ring.minX || dx - reach >= ring.maxX || dy + reach <= ring.minY || dy - reach >= ring.maxY) continue;
        this.rings.push(ring);
        this.x.push(left);
        this.y.push(bottom);
        this.weight.push(tangle.weight(i, j));
      }
    }
  }

  /** Weighted overlap at a place, mm; stops counting above `limit`. */
  cost(x: number, y: number, limit: number): number {
    const { rings } = this;
    let cost = 0;
    for (let k = 0; k < rings.length; k++) {
      const depth = depthInside(rings[k]!, x - this.x[k]!, y - this.y[k]!);
      if (depth === 0) continue;
      cost += depth * this.weight[k]!;
      if (cost > limit) return cost;
    }
    return cost;
  }
}
