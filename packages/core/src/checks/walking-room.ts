import type { Worksheet } from '../plan/worksheet.ts';
import type { Quantity } from '../quantity/quantity.ts';
import type { Check } from './check.ts';

/** Less than this many times the knee girth, and one can't stride (handbook 6, common practice). */
const KNEES = 2;
/** The same where the knee was not measured, as a share of the hip (handbook 6, common practice). */
const OF_HIP = 0.7;

/** Whether the narrowest level below the hip lets the person stride. Stretch of the cloth counts. `narrowest` mm. */
export function walkingRoom(sheet: Worksheet, narrowest: Quantity): Check {
  const knee = sheet.hasMeasure('knee-girth') ? sheet.measure('knee-girth').value : undefined;
  const wanted = knee === undefined ? OF_HIP * sheet.measure('hip-girth').value : KNEES * knee;
  const opens = narrowest.value * (1 + sheet.cloth.stretchAcross);
  const enough = opens >= wanted - 1e-6;
  const by = knee === undefined ? 'seven tenths of the hip' : 'twice the knee';
  return {
    id: 'walking-room',
    verdict: enough ? 'ok' : 'caution',
    says: enough
      ? `There is room to walk: ${sheet.showLength(opens, 'down')} at the narrowest, ${sheet.showLength(wanted, 'up')} (${by}) are wanted.`
      : `One can't stride in this: ${sheet.showLength(opens, 'down')} at the narrowest, ${sheet.showLength(wanted, 'up')} (${by}) are wanted. Widen it there, leave a vent, or take a cloth that stretches.`,
    numbers: { narrowest: narrowest.value, opens, wanted },
  };
}
