import { boundsOf } from '../geometry/bounds.ts';
import type { Point } from '../geometry/point.ts';
import type { Piece } from '../shapes/piece.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { labelMark, lineMarks, printSays, straightEnd, templateMark } from './common-marks.ts';
import type { ChalkSheet, Mark } from './mark.ts';
import { notchMarks } from './notch-marks.ts';

/** A rectangle on open cloth: one corner is the origin, distances along both edges, a check across the diagonal. */
export function rectangleSheet(sheet: Worksheet, piece: Piece): ChalkSheet {
  const { minX, maxX, minY, maxY, width, height } = boundsOf(piece.cut);
  const across = sheet.drawn(`${piece.id}-across`, 'Across', width);
  const along = sheet.drawn(`${piece.id}-along`, 'Along', height);
  const diagonal = sheet.drawn(`${piece.id}-diagonal`, 'Corner to corner', Math.hypot(width, height));
  const [nw, ne, sw, se]: Point[] = [
    [minX, maxY],
    [maxX, maxY],
    [minX, minY],
    [maxX, minY],
  ] as Point[] as [Point, Point, Point, Point];
  const strip = piece.grain === 'across' && piece.turns.includes(90);
  const marks: Mark[] = [
    {
      id: 'origin',
      kind: 'origin',
      says: 'Begin where the straightened end of the cloth meets the selvedge line, or the edge of the piece chalked before',
      hint: 'the selvedge itself is not counted',
      quantities: [],
      dots: [nw!],
    },
    {
      id: 'across',
      kind: 'distance',
      says: `Across: ${sheet.show(across)} along the straightened end`,
      hint: strip ? 'a strip may lie either way' : 'square to the selvedge',
      quantities: [across],
      line: [nw!, ne!],
      dots: [nw!, ne!],
    },
    {
      id: 'along',
      kind: 'distance',
      says: `Down: ${sheet.show(along)} from both ends of that line`,
      hint: 'along the grain',
      quantities: [along],
      line: [nw!, sw!],
      dots: [sw!, se!],
    },
    {
      id: 'square',
      kind: 'distance',
      says: `Check: ${sheet.show(diagonal)} from corner to corner, both ways`,
      hint: 'equal diagonals make it square',
      quantities: [diagonal],
      line: [nw!, se!],
    },
    {
      id: 'close',
      kind: 'cut',
      says: 'Join the four corners: that is the cut line',
      hint: 'the seam line lies inside it, as drawn dashed',
      quantities: [],
      line: [ne!, se!],
      dots: [nw!, ne!, se!, sw!, nw!],
    },
    ...lineMarks(sheet, piece),
    ...notchMarks(sheet, piece, false),
    ...templateMark(sheet, piece),
    labelMark(piece, 'top'),
  ];
  return {
    piece: piece.id,
    name: piece.name,
    copies: piece.copies,
    fold: 'open',
    layers: 1,
    foldSays: `Open, in one layer, right side down. ${straightEnd(sheet, piece)}${printSays(sheet, piece)}`,
    cut: piece.cut,
    seam: piece.seam,
    folds: [],
    origin: nw!,
    marks,
  };
}
