/** A stitch as ISO 4915 numbers it, or one sewn by hand. */
export type StitchId = '301' | '304' | '504' | '514' | 'backstitch' | 'diagonal' | 'running' | 'overcast';

export interface Stitch {
  id: StitchId;
  name: string;
  /** Sewn without a machine. */
  byHand?: true;
  /** The figure that says how much thread it takes for each length of seam. */
  figure: string;
}

export const STITCHES: Readonly<Record<StitchId, Stitch>> = {
  '301': { id: '301', name: 'straight stitch', figure: 'thread-301' },
  '304': { id: '304', name: 'zigzag', figure: 'thread-304' },
  '504': { id: '504', name: 'three-thread overlock', figure: 'thread-504' },
  '514': { id: '514', name: 'four-thread overlock', figure: 'thread-514' },
  backstitch: { id: 'backstitch', name: 'backstitch by hand', byHand: true, figure: 'thread-hand' },
  diagonal: { id: 'diagonal', name: 'small diagonal stitches by hand', byHand: true, figure: 'thread-hand' },
  running: { id: 'running', name: 'running stitches by hand', byHand: true, figure: 'thread-running' },
  overcast: { id: 'overcast', name: 'overcast by hand', byHand: true, figure: 'thread-overcast' },
};

/** How practised a hand is. */
export type Pace = 'beginner' | 'practised';
