import type { Join, Span } from '../sheet/join.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { addJoin } from './join.ts';

export interface TopstitchOptions {
  id: string;
  /** The edge that is stitched down. */
  edge: Span[];
  onto: string;
  step: string;
  why?: string;
}

/**
 * An edge stitched down on a piece, away from that piece's edges:
 *
 *     ════┐
 *     ────┴────────
 */
export const topstitch = (sheet: Worksheet, { id, edge, onto, step, why }: TopstitchOptions): Join =>
  addJoin(sheet, { id, how: 'topstitch', layers: [edge], onto, step, ...(why ? { why } : {}) });
