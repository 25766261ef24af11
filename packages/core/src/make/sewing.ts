import { Quantity } from '../quantity/quantity.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { handlingMinutes } from '../sheet/handling.ts';
import type { Step } from './step.ts';
import { STITCHES } from './stitches.ts';

/** Minutes one step takes: its handling plus its seam at the person's pace, mm a minute. Waits are apart. */
export function minutesOf(step: Step, pace: number): number {
  return step.setUp + (step.seam?.value ?? 0) / (step.pace ?? pace);
}

/** Thread of all steps, mm: seam length x the stitch's figure x what is wasted. */
export function threadLength(sheet: Worksheet): Quantity {
  const threads = sheet.steps.flatMap(({ seam, stitch }) => (seam && stitch ? [seam.times(sheet.figure(STITCHES[stitch].figure))] : []));
  return Quantity.sum(threads).times(sheet.figure('thread-waste'));
}

/** Minutes of all steps, waits apart. */
export function sewingMinutes(sheet: Worksheet): Quantity {
  const seamsWhere = (byHand: boolean) => sheet.steps.flatMap(({ seam, pace }) => (seam && (pace !== undefined) === byHand ? [seam] : []));
  const handled = handlingMinutes(sheet).named('handling-total', 'Handling of all steps', 'nearest');
  const [machine, hand] = [seamsWhere(false), seamsWhere(true)];
  const sewn = Quantity.sum(machine).named('seam-total', 'All seams', 'nearest').over(sheet.minutes('pace')).as('min');
  if (hand.length === 0) return handled.plus(sewn);
  const byHand = Quantity.sum(hand).named('hand-seam-total', 'All seams by hand', 'nearest').over(sheet.figure('pace-hand')).as('min');
  return machine.length === 0 ? handled.plus(byHand) : handled.plus(sewn).plus(byHand);
}
