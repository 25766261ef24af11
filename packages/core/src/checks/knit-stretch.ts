import type { Quantity } from '../quantity/quantity.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import type { Check, WayOut } from './check.ts';

/** A third of the measured stretch is left for comfort (handbook 9, common practice). */
export const COMFORT = 2 / 3;

/** Whether a knit stretches enough at a level with a third in reserve. `needed` is a share (0.3 = 30 %). */
export function knitStretch(sheet: Worksheet, level: 'hip' | 'waist' | 'bust', needed: Quantity, waysOut: WayOut[]): Check {
  const has = sheet.cloth.stretchAcross;
  const own = sheet.sourceOf('cloth.stretchAcross');
  const percent = (share: number) => `${Math.ceil(share * 100 - 1e-9)} %`;
  const numbers = { needed: needed.value, has };
  const id = `knit-stretch-${level}`;
  if (needed.value <= 0) return { id, verdict: 'ok', numbers, says: `No stretch is needed at the ${level}.` };
  if (needed.value > has)
    return {
      id,
      verdict: 'stop',
      numbers,
      waysOut,
      says: `The knit must give ${percent(needed.value)} at the ${level} and has ${percent(has)}${own}.`,
    };
  if (needed.value > has * COMFORT)
    return {
      id,
      verdict: 'tight',
      numbers,
      waysOut,
      says: `The knit must give ${percent(needed.value)} at the ${level} of its ${percent(has)}${own}: less than a third is left for comfort.`,
    };
  return { id, verdict: 'ok', numbers, says: `The knit must give ${percent(needed.value)} at the ${level} and has ${percent(has)}${own}.` };
}
