import { DepthTables } from './depth-tables.ts';
import type { LayShape, NoFitStore } from './lay-shape.ts';
import { lengthOfLay } from './put.ts';
import type { Locked } from './rows.ts';
import type { Search } from '../search.ts';

/** Points of the grid on which places are first compared, for each piece and at most: a piece covers about this many. */
const CELLS_A_PIECE = 200;
const MOST_CELLS = 12_000;

/** What is laid on what, and the search for the shortest lay of it. */
export class Strip {
  readonly depths: DepthTables;
  /** No lay can be shorter than its tallest piece, or than what is locked, mm. */
  readonly shortest: number;

  constructor(
    readonly items: ReadonlyArray<readonly LayShape[]>,
    readonly width: number,
    readonly store: NoFitStore,
    readonly search: Search,
    readonly locked: Locked = new Map(),
  ) {
    const cells = Math.min(MOST_CELLS, CELLS_A_PIECE * items.length);
    this.depths = new DepthTables(store, Math.sqrt((width * search.length) / cells));
    this.shortest = Math.max(lengthOfLay([...locked.values()]), ...items.map((shapes) => Math.min(...shapes.map((shape) => shape.height))));
  }
}
