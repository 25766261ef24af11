import { Unmakeable } from '../errors/unmakeable.ts';
import type { Worksheet } from '../plan/worksheet.ts';
import type { Quantity } from '../quantity/quantity.ts';

/** What one width of cloth gives once its two side seams are taken, mm. Throws Unmakeable where nothing is left. */
export function widthGives(sheet: Worksheet): Quantity {
  const gives = sheet.usableWidth.minus(sheet.number('seam').times(2)).named('width-gives', 'One width gives', 'down');
  if (gives.value <= 0)
    throw new Unmakeable('cloth.width', 'The cloth is narrower than its own seams.', Math.ceil(sheet.cloth.width - gives.value + 50));
  return gives;
}
