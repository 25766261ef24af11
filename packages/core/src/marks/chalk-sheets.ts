import type { Piece } from '../shapes/piece.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { discSheet, sectorSheet } from './circle-marks.ts';
import type { ChalkSheet } from './mark.ts';
import { foldedOutlineSheet } from './folded-outline-marks.ts';
import { outlineSheet } from './outline-marks.ts';
import { panelSheet } from './panel-marks.ts';
import { rectangleSheet } from './rectangle-marks.ts';
import { squareSheet } from './square-marks.ts';

/** The chalk sheet of every piece, as its shape is chalked, with the snips its joins need. */
export const chalkSheets = (sheet: Worksheet): ChalkSheet[] => sheet.pieces.map((piece) => chalkSheet(sheet, piece));

function chalkSheet(sheet: Worksheet, piece: Piece): ChalkSheet {
  const chalking = piece.shape?.chalking;
  switch (chalking?.as) {
    case 'rectangle':
      return rectangleSheet(sheet, piece);
    case 'panel':
      return panelSheet(sheet, piece, chalking);
    case 'disc':
      return discSheet(sheet, piece, chalking);
    case 'sector':
      return sectorSheet(sheet, piece, chalking);
    case 'square':
      return squareSheet(sheet, piece, chalking);
    case 'outline':
      return chalking.folded ? foldedOutlineSheet(sheet, piece) : outlineSheet(sheet, piece);
    default:
      return outlineSheet(sheet, piece);
  }
}
