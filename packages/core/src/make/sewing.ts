import type { Worksheet } from '../plan/worksheet.ts';
import { Quantity } from '../quantity/quantity.ts';
import type { Step } from './step.ts';
import { PACE, STITCHES, THREAD_WASTE, type Pace } from './stitches.ts';

/** Minutes one step takes: set-up plus its seam at the person's pace. Waits are apart. */
export function minutesOf(step: Step, pace: Pace): number {
  return step.setUp + (step.seam?.value ?? 0) / PACE[pace];
}

/** Thread of all steps, mm: seam length x the stitch's figure x 1.15. */
export function threadLength(steps: readonly Step[]): Quantity {
  let total = Quantity.constant(0, 'mm');
  let first = true;
  for (const step of steps) {
    if (!step.seam || !step.stitch) continue;
    const { threadPerLength, name } = STITCHES[step.stitch];
    const thread = step.seam.times(Quantity.constant(threadPerLength, 'ratio', undefined, `${name}, sewing-thread consumption tables, from memory`));
    total = first ? thread : total.plus(thread);
    first = false;
  }
  return total.times(Quantity.constant(THREAD_WASTE, 'ratio', undefined, 'waste, from memory'));
}

/** Minutes of all steps, waits apart. */
export function sewingMinutes(sheet: Worksheet): Quantity {
  const pace = sheet.oneOf('pace') as Pace;
  const seam = sheet.steps.reduce((sum, step) => sum + (step.seam?.value ?? 0), 0);
  const setUp = sheet.steps.reduce((sum, step) => sum + step.setUp, 0);
  const sewn = sheet
    .drawn('seam-total', 'All seams', seam)
    .over(Quantity.constant(PACE[pace], 'mm', undefined, 'a minute at this pace, common practice'));
  return Quantity.constant(setUp, 'min').plus(sewn.as('min'));
}
