import { boundsOf } from '../geometry/bounds.ts';
import type { Worksheet } from '../plan/worksheet.ts';
import type { Piece } from '../shapes/piece.ts';
import { labelMark } from './circle-marks.ts';
import type { ChalkSheet, Mark } from './mark.ts';

/** A rectangle on open cloth: one corner is the origin, distances along both edges, a check across the diagonal. */
export function rectangleSheet(sheet: Worksheet, piece: Piece, extra: Mark[] = []): ChalkSheet {
  const { minX, maxX, minY, maxY, width, height } = boundsOf(piece.cut);
  const across = sheet.drawn(`${piece.id}-across`, 'Across', width);
  const along = sheet.drawn(`${piece.id}-along`, 'Along', height);
  const diagonal = sheet.drawn(`${piece.id}-diagonal`, 'Corner to corner', Math.hypot(width, height));
  return {
    piece: piece.id,
    name: piece.name,
    copies: piece.copies,
    fold: 'open',
    layers: 1,
    foldSays: 'Open, in one layer, right side down. Straighten the end first: pull a thread across and cut along it.',
    cut: piece.cut,
    seam: piece.seam,
    folds: [],
    origin: [minX, maxY],
    marks: [
      {
        id: 'across',
        kind: 'distance',
        says: `Across: ${sheet.show(across)} from the corner`,
        hint: 'along the straightened end, selvedge not counted',
        quantities: [across],
        line: [
          [minX, maxY],
          [maxX, maxY],
        ],
      },
      {
        id: 'along',
        kind: 'distance',
        says: `Down: ${sheet.show(along)} from both ends of that line`,
        hint: 'along the grain',
        quantities: [along],
        line: [
          [minX, maxY],
          [minX, minY],
        ],
      },
      {
        id: 'square',
        kind: 'distance',
        says: `Check: ${sheet.show(diagonal)} from corner to corner, both ways`,
        hint: 'equal diagonals make it square',
        quantities: [diagonal],
        line: [
          [minX, maxY],
          [maxX, minY],
        ],
      },
      ...extra,
      labelMark(piece, 'top'),
    ],
  };
}
