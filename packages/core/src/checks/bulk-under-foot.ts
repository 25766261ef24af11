import { READS_AS_EASED, TOO_BULKY, usualFullness } from '../cloth/fullness.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import type { Quantity } from '../quantity/quantity.ts';
import type { Check, WayOut } from './check.ts';

/** So many layers still pass under the foot (common practice, no source). */
const MOST_LAYERS = { light: 12, medium: 8, heavy: 5.5 } as const;

/** The seam with the most layers of cloth, gathers counted as often as they lie on each other. */
function thickest(sheet: Worksheet): { layers: number; at: string } {
  return sheet.joins.reduce(
    (most, { id, layers, ratio = 1 }) => {
      const count = layers.length > 1 ? layers.length - 1 + ratio : 0;
      return count > most.layers ? { layers: count, at: id.replaceAll('-', ' ') } : most;
    },
    { layers: 0, at: '' },
  );
}

/** Whether this much gathering suits the cloth and fits under the foot (handbook 5). `choice` is the one that sets the ratio. */
export function bulkUnderFoot(sheet: Worksheet, ratio: Quantity, choice: string): Check {
  const { weight } = sheet.cloth;
  const usual = usualFullness(sheet.cloth);
  const { layers, at } = thickest(sheet);
  const numbers = { fullness: ratio.value, usual, layers };
  const said = ratio.value.toFixed(2);
  const waysOut: WayOut[] = [{ says: `Gather ${usual} to 1, usual for this weight`, choices: { [choice]: usual } }];
  if (ratio.value > TOO_BULKY && weight !== 'light') {
    return {
      id: 'bulk-under-foot',
      verdict: 'caution',
      numbers,
      waysOut,
      says: `Gathered ${said} to 1, this ${weight} cloth won't lie under the foot. Gather less, or take a lighter cloth.`,
    };
  }
  if (weight === 'heavy' && ratio.value > 2) {
    return {
      id: 'bulk-under-foot',
      verdict: 'caution',
      numbers,
      waysOut,
      says: `Gathered ${said} to 1 makes a thick seam in heavy cloth; 1.5 is usual.`,
    };
  }
  if (layers > MOST_LAYERS[weight]) {
    return {
      id: 'bulk-under-foot',
      verdict: 'caution',
      numbers,
      waysOut,
      says: `At the seam “${at}” about ${Math.round(layers)} layers of this ${weight} cloth lie under the foot, gathers and band counted. Trim them to unlike widths, sew slowly, or gather less.`,
    };
  }
  if (ratio.value < READS_AS_EASED)
    return { id: 'bulk-under-foot', verdict: 'ok', numbers, says: `${said} to 1 reads as eased rather than gathered.` };
  return { id: 'bulk-under-foot', verdict: 'ok', numbers, says: `Gathered ${said} to 1; ${usual} is usual for this cloth.` };
}
