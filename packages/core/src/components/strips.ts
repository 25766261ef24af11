import { Unmakeable } from '../errors/unmakeable.ts';
import type { Quantity } from '../quantity/quantity.ts';
import { allowedTurns } from '../shapes/allowed-turns.ts';
import type { ClothRole, Piece } from '../shapes/piece.ts';
import { rectangleShape } from '../shapes/rectangle.ts';
import type { Worksheet } from '../sheet/worksheet.ts';

export interface StripOptions {
  id: string;
  name: string;
  /** Length and width as cut, allowances included, mm. */
  cutLength: Quantity;
  cutWidth: Quantity;
  /** Allowance of the side "top" where it is not a seam, mm. */
  top?: number;
  /** Allowance of the side "bottom" where it is not a seam (a hem), mm. */
  bottom?: Quantity;
  cloth?: ClothRole;
  quantityIds?: string[];
}

/**
 * A long strip cut from selvedge to selvedge. Where it is longer than the usable width it is cut in equal parts joined by seams,
 * each of which costs two allowances. Throws Unmakeable where not even its width fits.
 */
export function stripPiece(sheet: Worksheet, options: StripOptions): Piece {
  const { id, name, cutLength, cutWidth, cloth = 'main', quantityIds = [] } = options;
  const seam = sheet.number('seam');
  const bottom = options.bottom ?? seam;
  const top = options.top ?? seam.value;
  const usable = sheet.cloths.usableWidth(cloth).value;
  if (usable <= 2 * seam.value + 1)
    throw new Unmakeable('cloth.width', `The cloth is too narrow for the ${name.toLowerCase()}.`, Math.ceil(2 * seam.value + 100));
  const long = cutLength.minus(seam.times(2));
  const parts = cutLength.value <= usable + 1e-9 ? 1 : Math.ceil(long.value / (usable - 2 * seam.value) - 1e-9);
  return sheet.cut({
    id,
    name: parts === 1 ? name : `${name}, ${parts} parts joined`,
    copies: parts,
    shape: rectangleShape(long.over(parts), cutWidth.minus(top).minus(bottom), { top, bottom: bottom.value, sides: seam.value }),
    grain: 'across',
    turns: allowedTurns(sheet.cloths.of(cloth), parts > 1),
    cloth,
    quantityIds,
  });
}
