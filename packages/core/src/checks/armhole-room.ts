import type { Quantity } from '../quantity/quantity.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import type { Check, WayOut } from './check.ts';

/** An armhole this much longer than the arm is thick lets it move (common practice, no source). */
const MOVES = 1.15;

/** Whether an arm goes through a finished armhole, and moves in it. Nothing where the arm was not measured. */
export function armholeRoom(sheet: Worksheet, around: Quantity, waysOut: WayOut[]): Check | undefined {
  if (!sheet.hasMeasure('upper-arm-girth')) return undefined;
  const arm = sheet.measure('upper-arm-girth');
  const numbers = { armhole: around.value, arm: arm.value };
  const [has, needs] = [sheet.show(around.named('armhole', 'Armhole', 'down')), sheet.show(arm)];
  const says = `The armhole is ${has} round for an upper arm of ${needs}`;
  if (around.value < arm.value) return { id: 'armhole-room', verdict: 'stop', numbers, waysOut, says: `${says}: the arm does not go through.` };
  if (around.value < MOVES * arm.value)
    return { id: 'armhole-room', verdict: 'tight', numbers, waysOut, says: `${says}: it binds when the arm is lifted.` };
  return { id: 'armhole-room', verdict: 'ok', numbers, says: `${says}: room to move.` };
}
