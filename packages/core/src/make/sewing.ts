import { Quantity } from '../quantity/quantity.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import type { Step } from './step.ts';
import { STITCHES } from './stitches.ts';

/** Minutes one step takes: its handling plus its seam at the person's pace, mm a minute. Waits are apart. */
export function minutesOf(step: Step, pace: number): number {
  return step.setUp + (step.seam?.value ?? 0) / pace;
}

/** Thread of all steps, mm: seam length x the stitch's figure x what is wasted. */
export function threadLength(sheet: Worksheet): Quantity {
  const threads = sheet.steps.flatMap(({ seam, stitch }) => (seam && stitch ? [seam.times(sheet.figure(STITCHES[stitch].figure))] : []));
  return Quantity.sum(threads).times(sheet.figure('thread-waste'));
}

/** Minutes of all steps, waits apart. */
export function sewingMinutes(sheet: Worksheet): Quantity {
  const seams = Quantity.sum(sheet.steps.flatMap(({ seam }) => (seam ? [seam] : [])));
  const handling = sheet.steps.reduce((sum, step) => sum + step.setUp, 0);
  const sewn = seams.named('seam-total', 'All seams', 'nearest').over(sheet.minutes('pace'));
  return Quantity.constant(handling, 'min', undefined, 'handling of all steps').plus(sewn.as('min'));
}
