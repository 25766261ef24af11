import type { Worksheet } from '../sheet/worksheet.ts';
import type { Quantity } from '../quantity/quantity.ts';
import type { Check, WayOut } from './check.ts';

/** Less than this many times the knee girth, and one can't stride (handbook 6, common practice). */
const KNEES = 2;
/** The same where the knee was not measured, as a share of the hip (handbook 6, common practice). */
const OF_HIP = 0.7;

/** Room to walk is reached by this much more than just enough, mm: so that rounding does not take it back. */
const SPARE = 1;

/** Whether the narrowest level below the hip lets the person stride. Stretch of the cloth counts. `narrowest` mm; `pinchFor` gives the pinch at the knee that leaves a girth. */
export function walkingRoom(sheet: Worksheet, narrowest: Quantity, pinchFor?: (girth: number) => number): Check {
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
    ...(enough ? {} : { waysOut: widerBelow(sheet, (wanted + SPARE) / (1 + sheet.cloth.stretchAcross), pinchFor) }),
  };
}

/** What widens it there: less of a pinch at the knee, a straight profile, a wider hem. */
function widerBelow(sheet: Worksheet, girth: number, pinchFor?: (girth: number) => number): WayOut[] {
  const pinch = pinchFor?.(girth);
  return [
    ...(pinch !== undefined && pinch >= 0
      ? [{ says: `Pinch the knee by ${sheet.showLength(pinch * sheet.scale)} instead`, choices: { kneePinch: pinch } }]
      : []),
    ...(sheet.hasChoice('goreHem') ? [{ says: 'Straight from the hip instead of a trumpet', choices: { profile: 'straight' } }] : []),
    ...(sheet.hasChoice('goreHem')
      ? [{ says: 'A wider hem', choices: { goreHem: Math.ceil(girth / sheet.number('gores').value / sheet.scale) } }]
      : []),
    ...(sheet.hasChoice('underlay') ? [{ says: 'Shape it to the hip', choices: { profile: 'shaped' } }] : []),
  ];
}
