import type { Worksheet } from '../plan/worksheet.ts';
import type { Check } from './check.ts';

/** A difference above this is named and eased or mended, mm (handbook 10, common practice). */
const EASED = 5;

/** Whether two edges that are sewn together are as long as each other; mm. */
export function seamsMatch(sheet: Worksheet, one: { name: string; length: number }, other: { name: string; length: number }): Check {
  const difference = one.length - other.length;
  const off = Math.abs(difference) > EASED;
  const [longer, shorter] = difference > 0 ? [one, other] : [other, one];
  return {
    id: 'seams-match',
    verdict: off ? 'caution' : 'ok',
    says: off
      ? `The ${longer.name} is ${sheet.showLength(Math.abs(difference))} longer than the ${shorter.name}: ease it in below the hip, or trim it at the hem.`
      : `The edges to be joined agree: ${one.name} and ${other.name} differ by ${sheet.showLength(Math.abs(difference))}.`,
    numbers: { difference },
  };
}
