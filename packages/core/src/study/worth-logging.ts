import type { Plan } from '../plan/plan.ts';
import type { Quantity } from '../quantity/quantity.ts';

/** Figures whose outcome teaches something for the next make, in the order one comes upon them. */
const WORTH = [
  'finished-girth',
  'hem-sweep',
  'crinkled-sweep',
  'finished-length',
  'shirr-relaxed',
  'bobbins',
  'fullness',
  'elastic-cut',
  'bust-elastic-cut',
  'under-bust-elastic-cut',
  'cloth-length',
  'sewing-minutes',
];

/** What of a plan is worth writing down once the garment is worn. */
export function worthLogging({ quantities }: Pick<Plan, 'quantities'>): Quantity[] {
  return WORTH.flatMap((id) => quantities.filter((quantity) => quantity.id === id));
}

/** An outcome this many times more, or less, than what was planned is asked about (common practice, no source). */
const FAR = 2.5;

/** Whether what is said to have come out can hardly be: half or twice as much happens, more is a slip or another unit. */
export function isFarOff(planned: number, actual: number): boolean {
  return planned > 0 && (actual > planned * FAR || actual < planned / FAR);
}
