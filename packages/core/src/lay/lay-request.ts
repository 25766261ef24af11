import type { Point } from '../geometry/point.ts';

/** A shape to be laid: outline counter-clockwise in mm, turns in degrees that are permitted. */
export interface LayPiece {
  id: string;
  outline: readonly Point[];
  copies: number;
  turns: readonly number[];
  /** The cloth is good on both sides: copies may also be cut from its back, so that they come out the other hand. */
  mirror?: boolean;
  /** Its print has to meet its neighbours' at the seams. */
  matched?: boolean;
}

export interface LayRequest {
  /** Usable width of the strip, mm. */
  width: number;
  pieces: readonly LayPiece[];
  /** quick: a fixed amount of work, the same answer every time. thorough: goes on looking until `seconds` are over. */
  effort?: 'quick' | 'thorough';
  /** Budget of a thorough lay, seconds; of a quick one the time after which it takes the best it has. */
  seconds?: number;
  /** Seconds without a gain after which a thorough lay ends early. */
  idle?: number;
  /** Room kept between pieces for the blade, mm; 0 where left out. */
  gap?: number;
  /** Length of the print's repeat, mm; pieces that are to match lie whole repeats apart. */
  repeat?: number;
  /** Pieces that stay where the person put them; the rest is laid around them. */
  locked?: readonly Placement[];
  /** The whole lay as it lies now: where it can be cut, the answer is never longer. */
  start?: readonly Placement[];
  /** Same seed, same search. */
  seed?: number;
}

/**
 * Turn the outline counter-clockwise about its own origin by `turn` degrees, then move it by (x, y). x from the left selvedge inwards.
 * Where `mirrored`, which only pieces with `mirror` are, x is first put in place of -x and -x in place of x.
 */
export interface Placement {
  piece: string;
  copy: number;
  turn: number;
  mirrored?: true;
  x: number;
  y: number;
}

export interface Lay {
  /** Length of the strip used, mm. */
  length: number;
  /** Share of that length covered by pieces. */
  utilisation: number;
  placements: Placement[];
}
