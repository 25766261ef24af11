import type { Point } from '../geometry/point.ts';

/** What a line of a drawing stands for; how it looks is up to whoever draws it. */
export type LineRole =
  | 'measure'
  | 'dot'
  | 'cut'
  | 'seam'
  | 'fold'
  | 'edge'
  | 'cloth'
  | 'other-cloth'
  | 'lining'
  | 'elastic'
  | 'zip'
  | 'stitch'
  | 'gathering'
  | 'direction'
  | 'notch';

/** A line through points, mm; a stitch of two equal points is a needle's hole. */
export interface DrawnLine {
  role: LineRole;
  points: readonly Point[];
  closed?: boolean;
}

export interface DrawnText {
  at: Point;
  says: string;
  /** Which side of the place the words stand on. */
  anchor?: 'start' | 'middle' | 'end';
}

/** A drawing in mm, y upwards, and the same in words for those who can't see it. */
export interface Drawing {
  lines: DrawnLine[];
  texts: DrawnText[];
  words: string;
}
