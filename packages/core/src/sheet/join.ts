import type { Quantity } from '../quantity/quantity.ts';

/** Part of an edge of one copy of a piece; `from` and `to` are shares of its length along its own direction, from < to. */
export interface Span {
  piece: string;
  copy: number;
  edge: string;
  from: number;
  to: number;
  /** It is sewn against its own direction. */
  back?: true;
}

/**
 * The ways an edge can meet its fate:
 *
 *     plain  ──┬──   gather ~~┬──   elastic ~~┴==   zip ──╫──   band ──┤⊐   casing ⊂=⊃
 *     hem    ──┘     bind   ──⊐     face    ──┘     raw ──      topstitch ─┴─   open ─ ─   shirr ≋≋
 */
export type How = 'plain' | 'gather' | 'elastic' | 'zip' | 'band' | 'casing' | 'hem' | 'bind' | 'face' | 'raw' | 'topstitch' | 'open' | 'shirr';

/** How edges meet: what is sewn to what, or what becomes of an edge that meets nothing. */
export interface Join {
  id: string;
  how: How;
  /** Each layer is a run of spans in sewing order. None where a slit or rows lie inside a piece. */
  layers: Span[][];
  /** The piece it is sewn onto, where it does not end at an edge of it. */
  onto?: string;
  /** Finished length, mm: that of the shortest layer measured on the edges. */
  length: Quantity;
  /** The step that sews it. */
  step: string;
  /** The joins that come first. */
  after: string[];
  /** What is eased in, mm. */
  ease?: number;
  /** Longest layer over what it is held to. */
  ratio?: number;
  /** Why it is left unsewn, or what happens there. */
  why?: string;
  /** Notches at these shares of the join, on all its layers; double ones tell the back from the front. */
  notches?: Array<{ share: number; double?: true }>;
  /** Rows inside a piece. */
  rows?: number;
  /** How its allowances are pressed. */
  press?: 'open' | 'up' | 'down' | 'to one side';
  /** Left open on the inside for the elastic, mm; `stays` where it is never closed. */
  gap?: { length: number; stays: boolean };
}
