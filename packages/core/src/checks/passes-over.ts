import type { Check, Verdict, WayOut } from './check.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import type { Quantity } from '../quantity/quantity.ts';

/** Within this share of the girth to pass it goes on, but only just (common practice, no source). */
export const TIGHT = 0.03;

export interface PassesOver {
  id: 'passes-over-hip' | 'passes-over-shoulder' | 'passes-over-head';
  /** What has to get through: "the hips". */
  what: string;
  /** The greatest girth the garment opens to, mm. */
  opening: Quantity;
  /** The girth that has to pass, mm. */
  girth: Quantity;
  /** Words for what opens: "the zip", "the elastic". */
  by: string;
  waysOut: WayOut[];
}

/** Whether a narrow place of the garment opens far enough for the body to get in (handbook 9). */
export function passesOver(sheet: Worksheet, { id, what, opening, girth, by, waysOut }: PassesOver): Check {
  const spare = opening.value - girth.value;
  const verdict: Verdict = spare < -1e-6 ? 'stop' : spare < TIGHT * girth.value ? 'tight' : 'ok';
  const numbers = { opening: opening.value, girth: girth.value, spare };
  const [open, body] = [sheet.show(opening), sheet.show(girth)];
  if (verdict === 'stop') {
    const short = sheet.showLength(-spare, 'up');
    return {
      id,
      verdict,
      numbers,
      waysOut,
      says: `It won't pass ${what}: ${by} opens to ${open}, ${what} ${what.endsWith('s') ? 'measure' : 'measures'} ${body}. ${short} are missing.`,
    };
  }
  if (verdict === 'tight') return { id, verdict, numbers, waysOut, says: `It will only just pass ${what}: ${by} opens to ${open} for ${body}.` };
  return { id, verdict, numbers, says: `It passes ${what}: ${by} opens to ${open} for ${body}.` };
}
