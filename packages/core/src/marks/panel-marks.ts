import { rightHalf } from '../geometry/right-half.ts';
import type { Piece } from '../shapes/piece.ts';
import type { ChalkStation } from '../shapes/shape.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { foldOnce, labelMark, printSays, snips, straightEnd, templateMark } from './common-marks.ts';
import { cutSideMarks } from './cut-marks.ts';
import type { ChalkSheet, Mark } from './mark.ts';
import { notchMarks } from './notch-marks.ts';

/** A panel chalked on the fold: stations of the seam line, then the cut line, so far down the fold, so far out. */
export function panelSheet(sheet: Worksheet, piece: Piece, { stations, hem }: { stations: readonly ChalkStation[]; hem: string }): ChalkSheet {
  const [cut, seam] = [rightHalf(piece.cut), rightHalf(piece.seam)];
  const above = Math.max(
    0,
    ...cut.flatMap(({ from, to }) =>
      Math.abs(from[0]) < 1e-6 || Math.abs(to[0]) < 1e-6 ? [from, to].filter(([x]) => Math.abs(x) < 1e-6).map(([, y]) => y) : [],
    ),
  );
  const point = piece.sides.every(({ id }) => id !== 'top');
  const lowest = Math.min(...cut.flatMap(({ from, to }) => [from[1], to[1]]));
  const zero = sheet.drawn(`${piece.id}-above`, 'Cut end above the seam line', above);
  const marks: Mark[] = [
    foldOnce('the fold is the middle of the piece'),
    {
      id: 'origin',
      kind: 'origin',
      says: point
        ? `Begin on the fold, ${sheet.show(zero)} below the straightened end; the point of the piece`
        : `Begin on the fold, ${sheet.show(zero)} below the straightened end; square across it runs the seam line of the top`,
      hint: 'every “down” is measured from here',
      quantities: [zero],
      dots: [[0, 0]],
    },
    ...stations.map(({ id, name, down, half, hint }): Mark => ({
      id: `station-${id}`,
      kind: 'station',
      says: `${name}: ${sheet.show(down)} down the fold, ${sheet.show(half)} out`,
      ...(hint ? { hint } : {}),
      quantities: [half, down],
      line: [
        [0, -down.value],
        [half.value, -down.value],
      ],
      dots: [[half.value, -down.value]],
    })),
    {
      id: 'join',
      kind: 'distance',
      says: 'Join the dots with a dashed line: that is the seam line',
      hint: 'straight from dot to dot, rounded where the hip curves',
      quantities: [],
    },
    { id: 'hem-edge', kind: 'distance', says: hem, quantities: [] },
    ...cutSideMarks(sheet, piece, cut, [0, 0], ['down the fold', 'out from it']),
    ...(point ? [] : [snips('middle', 'Snip the middle at top and hem', [[0, above]])]),
    ...notchMarks(sheet, piece, true),
    ...templateMark(sheet, piece),
    labelMark(piece, point ? 'point' : 'top'),
  ];
  return {
    piece: piece.id,
    name: piece.name,
    copies: piece.copies,
    fold: 'once',
    layers: 2,
    foldSays: `Folded once along the grain; half the piece lies beside the fold. ${straightEnd(sheet, piece)}${printSays(sheet, piece)}`,
    cut,
    seam,
    folds: [
      [
        [0, above],
        [0, lowest],
      ],
    ],
    origin: [0, 0],
    marks,
  };
}
