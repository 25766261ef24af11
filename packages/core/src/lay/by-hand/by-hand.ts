import type { LayPiece, Placement } from '../lay-request.ts';
import { layShapes, NoFitStore, type Forms, type LayShape } from '../outlines/lay-shape.ts';
import { depthInside, type Forbidden } from '../outlines/no-fit.ts';

/** Overlaps below this are touching, mm. */
const TOUCHING = 0.02;
/** Pushes tried before a place counts as too crowded. */
const PUSHES = 24;

/** Which placements can't be cut: they lie on another piece or off the cloth. */
export interface Faults {
  /** Numbers of the placements, in the order they were given. */
  overlapping: Set<number>;
  outside: Set<number>;
}

/** Laying by hand: says what is wrong with a lay and finds the nearest good place for a piece in hand. */
export class HandLay {
  private readonly forms: Forms = new Map();
  private readonly shapes = new Map<string, LayShape>();
  private readonly store: NoFitStore;

  /** `width`: usable width, mm; `gap`: mm kept free between pieces. */
  constructor(
    private readonly width: number,
    private readonly pieces: readonly LayPiece[],
    gap = 0,
  ) {
    this.store = new NoFitStore(gap);
  }

  faults(placements: readonly Placement[]): Faults {
    const faults: Faults = { overlapping: new Set(), outside: new Set() };
    placements.forEach((placement, i) => {
      const { x, y, shape } = this.put(placement);
      if (x < -TOUCHING || y < -TOUCHING || x + shape.width > this.width + TOUCHING) faults.outside.add(i);
      for (let j = 0; j < i; j++) {
        if (this.deepest(placement, placements[j]!)) {
          faults.overlapping.add(i);
          faults.overlapping.add(j);
        }
      }
    });
    return faults;
  }

  /**
   * The piece in hand moved to touch what is nearest: the selvedges and its neighbours draw it when it comes within `reach` mm, and push
   * it off when it overlaps by less. Where nothing helps it stays where it is held.
   */
  snapped(placements: readonly Placement[], hand: number, reach: number): Placement {
    const held = placements[hand]!;
    const others = placements.filter((_, i) => i !== hand);
    const { shape } = this.put(held);
    const inside = (at: Placement): Placement => {
      const { x, y } = this.put(at);
      const near = (value: number, edge: number) => (Math.abs(value - edge) < reach ? edge : value);
      const nx = Math.min(Math.max(near(near(x, 0), this.width - shape.width), 0), this.width - shape.width);
      const ny = Math.max(near(y, 0), 0);
      return { ...at, x: at.x + nx - x, y: at.y + ny - y };
    };
    let at = inside(held);
    for (const other of others) at = this.drawn(at, other, reach);
    at = inside(at);
    for (let k = 0; k < PUSHES; k++) {
      const worst = others
        .map((other) => this.deepest(at, other))
        .reduce((most, each) => (each && (!most || each.depth > most.depth) ? each : most), undefined);
      if (!worst) return at;
      if (worst.depth > reach * 1.5) break;
      at = inside({ ...at, x: at.x - worst.nx * (worst.depth + 1e-4), y: at.y - worst.ny * (worst.depth + 1e-4) });
    }
    return others.some((other) => this.deepest(at, other)) ? held : at;
  }

  /** Moved up against a neighbour that is less than `reach` away. */
  private drawn(at: Placement, other: Placement, reach: number): Placement {
    const [a, b] = [this.put(at), this.put(other)];
    let nearest: { gap: number; nx: number; ny: number } | undefined;
    for (const ring of this.store.of(b.shape, a.shape)) {
      const gap = outsideBy(ring, a.x - b.x, a.y - b.y);
      if (gap === undefined) return at;
      if (gap.gap < reach && (!nearest || gap.gap < nearest.gap)) nearest = gap;
    }
    return nearest ? { ...at, x: at.x + nearest.nx * nearest.gap, y: at.y + nearest.ny * nearest.gap } : at;
  }

  private deepest(one: Placement, other: Placement): { depth: number; nx: number; ny: number } | undefined {
    const [a, b] = [this.put(one), this.put(other)];
    let worst: { depth: number; nx: number; ny: number } | undefined;
    for (const ring of this.store.of(b.shape, a.shape)) {
      const depth = depthInside(ring, a.x - b.x, a.y - b.y);
      if (depth <= TOUCHING || (worst && depth <= worst.depth)) continue;
      worst = { depth, ...shallowest(ring, a.x - b.x, a.y - b.y) };
    }
    return worst;
  }

  private put({ piece, turn, x, y }: Placement): { shape: LayShape; x: number; y: number } {
    const key = `${piece} ${turn}`;
    let shape = this.shapes.get(key);
    if (!shape) {
      shape = layShapes([{ ...this.pieces.find(({ id }) => id === piece)!, turns: [turn] }], Infinity, this.forms)[0]![0]!;
      this.shapes.set(key, shape);
    }
    return { shape, x: x - shape.shift[0], y: y - shape.shift[1] };
  }
}

/** The inward normal of the side that is nearest from within. */
function shallowest({ sides }: Forbidden, x: number, y: number): { nx: number; ny: number } {
  let [least, at] = [Infinity, 0];
  for (let i = 0; i < sides.length; i += 3) {
    const inside = sides[i]! * x + sides[i + 1]! * y + sides[i + 2]!;
    if (inside < least) [least, at] = [inside, i];
  }
  return { nx: sides[at]!, ny: sides[at + 1]! };
}

/** How far (x, y) lies outside a ring and which way in; undefined inside it. */
function outsideBy({ sides }: Forbidden, x: number, y: number): { gap: number; nx: number; ny: number } | undefined {
  let [gap, at] = [-Infinity, 0];
  for (let i = 0; i < sides.length; i += 3) {
    const out = -(sides[i]! * x + sides[i + 1]! * y + sides[i + 2]!);
    if (out > gap) [gap, at] = [out, i];
  }
  return gap < 0 ? undefined : { gap, nx: sides[at]!, ny: sides[at + 1]! };
}
