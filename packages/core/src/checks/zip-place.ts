import type { Worksheet } from '../sheet/worksheet.ts';
import type { Check, WayOut } from './check.ts';

/** Below the zip at least so much seam holds the two sides together, mm (common practice, no source). */
const BELOW_ZIP = 20;

export interface ZipPlace {
  /** The zip, and the seam it goes into, mm; no seam where a slit is made for it. */
  zip: number;
  seam?: number;
  /** Where it sits, in words. */
  where: string;
  /** A gathered seam it crosses, in words. */
  crosses?: string;
  waysOut: WayOut[];
}

/** Whether there is a seam for the zip, and long enough; a zip across a gathered seam is said so. */
export function zipPlace(sheet: Worksheet, { zip, seam, where, crosses, waysOut }: ZipPlace): Check {
  const numbers = { zip, ...(seam === undefined ? {} : { seam }) };
  const long = sheet.showLength(zip);
  if (seam === undefined)
    return {
      id: 'zip-place',
      verdict: 'ok',
      numbers,
      says: `The zip (${long}) goes into a slit that is made and faced ${where}: there is no seam to leave open.`,
    };
  if (zip > seam - BELOW_ZIP)
    return {
      id: 'zip-place',
      verdict: 'stop',
      numbers,
      waysOut,
      says: `The zip (${long}) is longer than the seam it goes into (${sheet.showLength(seam, 'down')}, ${where}): nothing would hold below it.`,
    };
  if (crosses)
    return {
      id: 'zip-place',
      verdict: 'caution',
      numbers,
      waysOut,
      says: `The zip (${long}, ${where}) crosses ${crosses}: thick there. Press that seam flat and sew across it slowly, or choose elastic.`,
    };
  return { id: 'zip-place', verdict: 'ok', numbers, says: `The zip (${long}) sits ${where}, and the seam is long enough to hold below it.` };
}
