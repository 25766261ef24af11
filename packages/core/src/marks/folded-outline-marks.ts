import { rightHalf } from '../geometry/right-half.ts';
import type { Point } from '../geometry/point.ts';
import type { Piece } from '../shapes/piece.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { foldOnce, labelMark, lineMarks, printSays, snips, straightEnd, templateMark } from './common-marks.ts';
import { cutSideMarks } from './cut-marks.ts';
import type { ChalkSheet } from './mark.ts';
import { notchMarks } from './notch-marks.ts';

const COLUMNS: [string, string] = ['down the fold', 'out from it'];

/**
 * An outline that is the same left and right, on cloth folded once along the grain: every dot so far down the fold from the straightened
 * end, so far out from it; holes too.
 */
export function foldedOutlineSheet(sheet: Worksheet, piece: Piece): ChalkSheet {
  const cut = rightHalf(piece.cut);
  const ys = cut.flatMap(({ from, to }) => [from[1], to[1]]);
  const [highest, lowest] = [Math.max(...ys), Math.min(...ys)];
  const origin: Point = [0, highest];
  const fold = cut[cut.length - 1]!;
  const ends = [fold.from, fold.to].sort((a, b) => b[1] - a[1]);
  return {
    piece: piece.id,
    name: piece.name,
    copies: piece.copies,
    fold: 'once',
    layers: 2,
    foldSays: `Folded once along the grain; half the piece lies beside the fold. ${straightEnd(sheet, piece)}${printSays(sheet, piece)}`,
    cut,
    seam: rightHalf(piece.seam),
    folds: [[origin, [0, lowest]]],
    origin,
    marks: [
      foldOnce('the fold is the middle of the piece'),
      {
        id: 'origin',
        kind: 'origin',
        says: 'Begin on the fold, at the straightened end; every “down” is measured from here, every “out” square to the fold',
        quantities: [],
        dots: [origin],
      },
      ...cutSideMarks(sheet, piece, cut, origin, COLUMNS),
      ...piece.cutHoles.flatMap((hole) => cutSideMarks(sheet, piece, rightHalf(hole), origin, COLUMNS)),
      snips('middle', 'Snip the middle, on the fold, at both ends of it', ends),
      ...lineMarks(sheet, piece, true),
      ...notchMarks(sheet, piece, true),
      ...templateMark(sheet, piece),
      labelMark(piece, 'top'),
    ],
  };
}
