/** A stitch as ISO 4915 numbers it. */
export type StitchId = '301' | '304' | '504' | '514';

export interface Stitch {
  id: StitchId;
  name: string;
  /** Thread used per length of seam, both as one unit (published sewing-thread consumption tables, from memory). */
  threadPerLength: number;
}

export const STITCHES: Readonly<Record<StitchId, Stitch>> = {
  '301': { id: '301', name: 'straight stitch', threadPerLength: 2.5 },
  '304': { id: '304', name: 'zigzag', threadPerLength: 7 },
  '504': { id: '504', name: 'three-thread overlock', threadPerLength: 14 },
  '514': { id: '514', name: 'four-thread overlock', threadPerLength: 18 },
};

/** Tails, tests and unpicking: 10-15 % waste, taken as 15 % (common practice, from memory). */
export const THREAD_WASTE = 1.15;

/** Sewing pace, mm of seam a minute (common practice, no source). */
export const PACE = { beginner: 500, practised: 1500 } as const;
export type Pace = keyof typeof PACE;
