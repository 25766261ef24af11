import { Unmakeable } from '../errors/unmakeable.ts';
import type { Worksheet } from '../plan/worksheet.ts';
import { allowedTurns } from '../shapes/allowed-turns.ts';
import type { ClothRole, Piece } from '../shapes/piece.ts';
import { rectangle } from '../shapes/rectangle.ts';

export interface StripOptions {
  id: string;
  name: string;
  /** Length and width as cut, allowances included, mm. */
  cutLength: number;
  cutWidth: number;
  /** Seam allowance at the ends and along the sides, mm. */
  seam: number;
  /** How often the whole strip is wanted. */
  copies?: number;
  cloth?: ClothRole;
  quantityIds?: string[];
}

/**
 * A long strip cut from selvedge to selvedge. Where it is longer than the usable width it is cut in equal parts joined by seams,
 * each of which costs two allowances. Throws Unmakeable where not even its width fits.
 */
export function stripPiece(sheet: Worksheet, options: StripOptions): Piece {
  const { id, name, cutLength, cutWidth, seam, copies = 1, cloth = 'main', quantityIds = [] } = options;
  const usable = sheet.usableWidth.value;
  if (usable <= 2 * seam + 1)
    throw new Unmakeable('cloth.width', `The cloth is too narrow for the ${name.toLowerCase()}.`, Math.ceil(2 * seam + 100));
  const parts = cutLength <= usable + 1e-9 ? 1 : Math.ceil((cutLength - 2 * seam) / (usable - 2 * seam) - 1e-9);
  const length = (cutLength - 2 * seam) / parts;
  return sheet.piece({
    id,
    name: parts === 1 ? name : `${name}, ${parts} parts joined`,
    copies: parts * copies,
    seam: rectangle(length, cutWidth - 2 * seam, { top: seam, bottom: seam, sides: seam }),
    grain: 'across',
    turns: allowedTurns(sheet.cloth, parts > 1),
    cloth,
    quantityIds,
  });
}
