/** A stitch as ISO 4915 numbers it. */
export type StitchId = '301' | '304' | '504' | '514';

export interface Stitch {
  id: StitchId;
  name: string;
  /** The figure that says how much thread it takes for each length of seam. */
  figure: string;
}

export const STITCHES: Readonly<Record<StitchId, Stitch>> = {
  '301': { id: '301', name: 'straight stitch', figure: 'thread-301' },
  '304': { id: '304', name: 'zigzag', figure: 'thread-304' },
  '504': { id: '504', name: 'three-thread overlock', figure: 'thread-504' },
  '514': { id: '514', name: 'four-thread overlock', figure: 'thread-514' },
};

/** How practised a hand is. */
export type Pace = 'beginner' | 'practised';
