import { boundsOf } from '../geometry/bounds.ts';
import type { Point } from '../geometry/point.ts';
import type { Piece } from '../shapes/piece.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { labelMark, printSays, straightEnd, templateMark } from './common-marks.ts';
import { cutSideMarks } from './cut-marks.ts';
import type { ChalkSheet } from './mark.ts';
import { notchMarks } from './notch-marks.ts';

/**
 * Any outline, on open cloth: stations along a grain line at the left of the piece, and how far each dot lies out from it; curves with
 * dots close enough to join. For what is not the same left and right.
 */
export function outlineSheet(sheet: Worksheet, piece: Piece): ChalkSheet {
  const { minX, minY, maxY } = boundsOf(piece.cut);
  const origin: Point = [minX, maxY];
  return {
    piece: piece.id,
    name: piece.name,
    copies: piece.copies,
    fold: 'open',
    layers: 1,
    foldSays: `Open, in one layer, right side up. ${straightEnd(sheet, piece)}${printSays(sheet, piece)}`,
    cut: piece.cut,
    seam: piece.seam,
    folds: [],
    origin,
    marks: [
      {
        id: 'origin',
        kind: 'origin',
        says: 'Begin: chalk a line along the grain, from the straightened end down; every “out” is measured square from it',
        quantities: [],
        line: [origin, [minX, minY]],
        dots: [origin],
      },
      ...cutSideMarks(sheet, piece, piece.cut, origin, ['down the line', 'out from it']),
      ...piece.cutHoles.flatMap((hole) => cutSideMarks(sheet, piece, hole, origin, ['down the line', 'out from it'])),
      ...notchMarks(sheet, piece, false),
      ...templateMark(sheet, piece),
      labelMark(piece, 'top'),
    ],
  };
}
