import { Unmakeable } from '../errors/unmakeable.ts';
import type { Quantity } from '../quantity/quantity.ts';
import type { Worksheet } from '../sheet/worksheet.ts';

/** So much of a shoulder is left beside the neck, mm. */
const LEAST_SHOULDER = 25;
/** So much of a piece is left below its neck, mm. */
const LEAST_BELOW_NECK = 30;

/** Throws Unmakeable where a neck is wider than the shoulders carry; `field` is half of it or all, as `share` says. */
export function assertNeckWidth(
  sheet: Worksheet,
  { neckHalf, shoulderHalf, field, share }: { neckHalf: Quantity; shoulderHalf: Quantity; field: string; share: 1 | 2 },
): void {
  if (neckHalf.value <= shoulderHalf.value - LEAST_SHOULDER * sheet.scale) return;
  throw new Unmakeable(
    `choices.${field}`,
    `The neck (${sheet.showLength(2 * neckHalf.value)}) is wider than the shoulders (${sheet.showLength(2 * shoulderHalf.value)}) can carry.`,
    Math.floor(((shoulderHalf.value - LEAST_SHOULDER * sheet.scale) * share) / sheet.scale),
  );
}

/** Throws Unmakeable where a neck reaches through a piece so long. */
export function assertNeckDepth(
  sheet: Worksheet,
  { depth, length, field, what }: { depth: Quantity; length: Quantity; field: string; what: string },
): void {
  const most = length.value - LEAST_BELOW_NECK * sheet.scale;
  if (depth.value <= most) return;
  throw new Unmakeable(
    `choices.${field}`,
    `The neck is ${sheet.show(depth)} deep and the ${what} only ${sheet.show(length)} long.`,
    Math.max(10, Math.floor(most / sheet.scale)),
  );
}
