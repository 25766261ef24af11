import type { Worksheet } from '../sheet/worksheet.ts';
import type { Check } from './check.ts';

/** A difference above this is named and eased or mended, mm (handbook 10, common practice). */
const EASED = 5;

/** Whether the edges that are sewn together plainly are as long as each other: the seam with the greatest difference speaks. */
export function joinsAgree(sheet: Worksheet): Check {
  const worst = sheet.joins.reduce<{ id: string; ease: number } | undefined>(
    (most, { id, ease = 0, how }) => (how === 'plain' && ease > (most?.ease ?? 0) ? { id, ease } : most),
    undefined,
  );
  const difference = worst?.ease ?? 0;
  const off = difference > EASED;
  const shown = sheet.showLength(difference);
  return {
    id: 'joins-agree',
    verdict: off ? 'caution' : 'ok',
    says: off
      ? `One edge of the seam “${worst!.id.replaceAll('-', ' ')}” is ${shown} longer than the other: pin both ends and the snips, and ease the longer one in below the hip; what is left is trimmed at the hem.`
      : difference > 0
        ? `The edges that are sewn together agree: they differ by ${shown} at most.`
        : 'The edges that are sewn together are equally long.',
    numbers: { difference },
  };
}
