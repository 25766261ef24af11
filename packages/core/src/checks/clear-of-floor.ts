import type { Quantity } from '../quantity/quantity.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import type { Check } from './check.ts';

/** What ends closer to the floor than this is trodden on, mm (common practice, no source). */
const CLEAR = 20;
/** What is offered ends so far above it, mm. */
const OFFERED = 60;

/** Whether what hangs from the shoulder ends above the floor. Nothing where that was not measured. `cutOff`: what the chosen length is longer than the finished one, mm. */
export function clearOfFloor(sheet: Worksheet, finished: Quantity, cutOff = 0): Check | undefined {
  if (!sheet.hasMeasure('shoulder-to-floor')) return undefined;
  const floor = sheet.measure('shoulder-to-floor').value;
  const clear = floor - finished.value;
  const numbers = { clear, floor };
  if (clear >= CLEAR * sheet.scale)
    return { id: 'clear-of-floor', verdict: 'ok', numbers, says: `It ends ${sheet.showLength(clear)} above the floor.` };
  const shorter = Math.floor((floor - OFFERED * sheet.scale + cutOff) / sheet.scale);
  return {
    id: 'clear-of-floor',
    verdict: 'caution',
    numbers,
    says: 'It reaches the floor: one treads on it, on stairs most of all.',
    waysOut: [{ says: `Make it ${sheet.showLength(shorter)} long`, choices: { length: shorter } }],
  };
}
