import type { Quantity } from '../quantity/quantity.ts';
import type { ClothRole, Piece } from '../shapes/piece.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { stripPiece } from './strips.ts';

export interface BandPieceOptions {
  prefix?: string;
  name?: string;
  /** Length along its seam line and finished height, mm. */
  length: Quantity;
  height: Quantity;
  cloth?: ClothRole;
}

/** A band doubled lengthwise: its length and two seams long, twice its height and two seams wide (handbook 3). */
export function bandPiece(sheet: Worksheet, { prefix = 'band', name = 'Waistband', length, height, cloth }: BandPieceOptions): Piece {
  const seams = sheet.number('seam').times(2);
  const cutLength = sheet.put(`${prefix}-cut-length`, 'Band, length to cut', 'up', length.plus(seams));
  const cutWidth = sheet.put(`${prefix}-cut-width`, 'Band, width to cut', 'up', height.times(2).plus(seams));
  return stripPiece(sheet, {
    id: prefix,
    name,
    cutLength,
    cutWidth,
    cloth: cloth ?? (sheet.oneOf('bandCloth') as ClothRole),
    quantityIds: [`${prefix}-cut-length`, `${prefix}-cut-width`],
  });
}
