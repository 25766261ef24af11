import type { Edge } from '../geometry/edge.ts';
import type { Point } from '../geometry/point.ts';
import type { Worksheet } from '../plan/worksheet.ts';
import type { Quantity } from '../quantity/quantity.ts';
import type { Piece } from '../shapes/piece.ts';
import { rightHalf } from '../geometry/right-half.ts';
import { labelMark, notchMark } from './circle-marks.ts';
import { dotsOnArc, offsetTable } from './dots.ts';
import type { ChalkSheet, Mark } from './mark.ts';

interface SquareMarks {
  piece: Piece;
  /** Cut radius of the hole and half the cut side of the square, mm. */
  inner: Quantity;
  half: Quantity;
  seam: Quantity;
  /** In one piece, folded in four; else a half, folded once. */
  whole: boolean;
}

const CENTRE: Point = [0, 0];

/** A square with a round hole: from the folded corner, the same distance along both folds, squared up; then the hole. */
export function squareSheet(sheet: Worksheet, { piece, inner, half, seam, whole }: SquareMarks): ChalkSheet {
  const [r, h] = [inner.value, half.value];
  const dots = dotsOnArc(CENTRE, r, -Math.PI / 2, 0);
  const where = whole ? 'the folded corner' : 'the centre on the fold';
  const marks: Mark[] = [
    { id: 'fold-1', kind: 'fold', says: whole ? 'Fold selvedge to selvedge, right side in' : 'Fold the cloth once, right side in', quantities: [] },
    ...(whole
      ? [
          {
            id: 'fold-2',
            kind: 'fold' as const,
            says: 'Fold again, end to end',
            hint: 'both folds meet in one corner: chalk from there',
            quantities: [],
          },
        ]
      : [
          {
            id: 'centre',
            kind: 'origin' as const,
            says: `Centre: on the fold, ${sheet.show(seam)} below the cut end`,
            quantities: [seam],
            dots: [CENTRE],
          },
        ]),
    {
      id: 'side-1',
      kind: 'distance',
      says: `${sheet.show(half)} along the fold from ${where}`,
      hint: 'cut line, hem included',
      quantities: [half],
      line: [CENTRE, [0, -h]],
    },
    {
      id: 'side-2',
      kind: 'distance',
      says: `${sheet.show(half)} square to it; close the square`,
      quantities: [half],
      line: [CENTRE, [h, 0]],
      dots: [[h, -h]],
    },
    {
      id: 'waist',
      kind: 'arc',
      says: `Waist: swing ${sheet.show(inner)} from ${where}`,
      hint: `cut line, ${sheet.show(seam)} inside the seam`,
      quantities: [inner],
      line: [CENTRE, [r * Math.SQRT1_2, -r * Math.SQRT1_2]],
      dots,
      table: { title: 'With a ruler', columns: ['down the fold', 'out from it'], rows: offsetTable(dots, CENTRE) },
    },
    notchMark('Snip the folds at the waist', [[0, -r]]),
    labelMark(piece, 'waist'),
  ];
  return {
    piece: piece.id,
    name: piece.name,
    copies: piece.copies,
    fold: whole ? 'in-four' : 'once',
    layers: whole ? 4 : 2,
    foldSays: whole
      ? 'Selvedge to selvedge, then end to end. Both folds meet in one corner: chalk from there.'
      : 'Folded once through the middle of the half. Two layers, cut once for each half.',
    cut: whole ? quarter(r, h) : rightHalf(piece.cut),
    seam: whole ? quarter(r + seam.value, h - sheet.number('hem').value) : rightHalf(piece.seam),
    folds: whole
      ? [
          [CENTRE, [h, 0]],
          [CENTRE, [0, -h]],
        ]
      : [[CENTRE, [0, -h]]],
    origin: CENTRE,
    marks,
  };
}

function quarter(r: number, h: number): Edge[] {
  const line = (name: string, from: Point, to: Point): Edge => ({ name, from, to, allowance: 0 });
  return [
    line('hem', [0, -h], [h, -h]),
    line('hem', [h, -h], [h, 0]),
    line('fold', [h, 0], [r, 0]),
    { name: 'waist', from: [r, 0], to: [0, -r], arc: { centre: CENTRE, ccw: false }, allowance: 0 },
    line('fold', [0, -r], [0, -h]),
  ];
}
