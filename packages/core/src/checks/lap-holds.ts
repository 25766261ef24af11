import { bodyLevels, girthAt } from '../body/girth-at.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import type { Check, WayOut } from './check.ts';

/** At the hip at least this share of the body has to lie double, or it opens at every step (common practice, no source). */
const LAP_AT_HIP = 0.2;

/** Whether what wraps round still laps over at the hips. `flat`: its length so far below the waist, mm. Nothing where the hip was not measured. */
export function lapHolds(sheet: Worksheet, flat: (drop: number) => number, length: number, waysOut: WayOut[]): Check | undefined {
  if (!sheet.hasMeasure('hip-girth')) return undefined;
  const levels = bodyLevels(sheet.body, sheet.scale);
  const drop = Math.min(length, levels.find(({ name }) => name === 'hip')!.drop);
  const body = girthAt(levels, drop);
  const over = flat(drop) - body;
  const numbers = { lap: over, body, drop };
  const shown = sheet.showLength(Math.max(0, over));
  if (over < LAP_AT_HIP * body)
    return {
      id: 'lap-holds',
      verdict: over < 0 ? 'stop' : 'caution',
      numbers,
      waysOut,
      says: over < 0 ? 'It does not meet round the hips.' : `At the hips only ${shown} lies double: it opens when you walk or sit.`,
    };
  return { id: 'lap-holds', verdict: 'ok', numbers, says: `At the hips ${shown} lies double: it stays closed.` };
}
