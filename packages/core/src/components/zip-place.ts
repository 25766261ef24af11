import { zipPlace } from '../checks/zip-place.ts';
import type { WayOut } from '../checks/check.ts';
import { facedSlit } from '../joins/face.ts';
import { zip } from '../joins/zip.ts';
import type { Quantity } from '../quantity/quantity.ts';
import type { Span } from '../sheet/join.ts';
import type { Worksheet } from '../sheet/worksheet.ts';

/** How long the zip is: to the hip line where that was measured, else the usual, mm. */
export function zipLength(sheet: Worksheet, toHip?: Quantity): Quantity {
  return sheet.put('zip-length', 'Zip', 'up', toHip ?? sheet.figure('zip-to-hip').times(sheet.scale));
}

/** A zip in the opening that a ring of seams has left. */
export function zipInSeam(
  sheet: Worksheet,
  {
    opening,
    long,
    seam,
    where,
    crosses,
    waysOut,
  }: { opening: Span[][]; long: Quantity; seam: number; where: string; crosses?: string; waysOut: WayOut[] },
): void {
  sheet.check(zipPlace(sheet, { zip: long.value, seam, where, ...(crosses ? { crosses } : {}), waysOut }));
  zip(sheet, { opening, long, where });
}

/** A zip where there is no seam: a slit is made, faced, and the zip goes behind it. */
export function zipInSlit(sheet: Worksheet, { onto, long }: { onto: string; long: Quantity }): void {
  sheet.check(zipPlace(sheet, { zip: long.value, where: 'at centre back', waysOut: [] }));
  facedSlit(sheet, { onto, long });
  zip(sheet, { opening: [], onto, long, where: 'in the slit' });
}
