import type { Layer } from '../plan/plan-lay.ts';
import type { PlanRequest } from '../plan/request.ts';
import { planOrNone } from './fitting.ts';

/** Widths cloth is commonly sold in, mm (handbook 11, common practice). */
export const COMMON_WIDTHS = [900, 1120, 1140, 1400, 1500, 1600, 2800];

export interface WidthRow {
  /** mm. */
  width: number;
  /** Length to buy, mm, and the share of the cloth that is not used; undefined where the garment can't be cut from this width. */
  buy?: number;
  waste?: number;
  panels?: number;
}

/** The same garment on cloth of other widths, all else as it is. */
export function compareWidths(request: PlanRequest, widths: readonly number[] = COMMON_WIDTHS, layer?: Layer): WidthRow[] {
  return widths.map((width) => {
    const plan = planOrNone({ ...request, cloth: { ...request.cloth, width, lengthOnHand: undefined } }, layer);
    if (!plan) return { width };
    return { width, buy: plan.lay.buy, waste: 1 - plan.lay.utilisation, panels: plan.pieces.reduce((sum, piece) => sum + piece.copies, 0) };
  });
}
