import { Unmakeable } from '../errors/unmakeable.ts';
import type { Quantity } from '../quantity/quantity.ts';
import type { ClothRole } from '../shapes/piece.ts';
import type { Worksheet } from '../sheet/worksheet.ts';

/** What one width of cloth gives once its two side seams are taken, mm. Throws Unmakeable where nothing is left. */
export function widthGives(sheet: Worksheet, role: ClothRole = 'main'): Quantity {
  const id = role === 'main' ? 'width-gives' : `${role}-width-gives`;
  const gives = sheet.cloths.usableWidth(role).minus(sheet.number('seam').times(2)).named(id, 'One width gives', 'down');
  if (gives.value <= 0) {
    const field = role === 'main' || !sheet.cloths.isNamed(role) ? 'cloth.width' : `cloths.${role}.width`;
    throw new Unmakeable(field, 'The cloth is narrower than its own seams.', Math.ceil(sheet.cloths.of(role).width - gives.value + 50));
  }
  return gives;
}
