import type { Edge } from '../geometry/edge.ts';
import type { Point } from '../geometry/point.ts';
import { rightHalf } from '../geometry/right-half.ts';
import { sideOf, type Piece } from '../shapes/piece.ts';
import type { Quantity } from '../quantity/quantity.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { labelMark, printSays, snips, straightEnd, templateMark } from './common-marks.ts';
import { cutSideMarks } from './cut-marks.ts';
import { dotsOn, offsetTable } from './dots.ts';
import type { ChalkSheet, Mark } from './mark.ts';
import { notchMarks } from './notch-marks.ts';

export interface SquareMarks {
  /** Cut radius of the hole and half the cut side of the square, mm. */
  inner: Quantity;
  half: Quantity;
  /** In one piece, folded in four; else a half, folded once. */
  whole: boolean;
}

const CENTRE: Point = [0, 0];
const COLUMNS: [string, string] = ['down the fold', 'out from it'];

/** A square with a round hole: from the folded corner, the same distance along both folds, squared up; then the hole. */
export function squareSheet(sheet: Worksheet, piece: Piece, { inner, half, whole }: SquareMarks): ChalkSheet {
  const [r, h] = [inner.value, half.value];
  const cut = whole ? quarter(r, h) : rightHalf(piece.cut);
  const hole = cut.find(({ name }) => name === 'waist')!;
  const dots = dotsOn(hole);
  const where = whole ? 'the folded corner' : 'the centre on the fold';
  const seam = sheet.number('seam');
  const allowance = sideOf(piece, 'waist').allowance;
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
      : []),
    {
      id: 'centre',
      kind: 'origin',
      says: whole ? 'Begin at the folded corner, where no edge can open' : `Centre: on the fold, ${sheet.show(seam)} below the straightened end`,
      quantities: whole ? [] : [seam],
      dots: [CENTRE],
    },
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
    ...cutSideMarks(sheet, piece, cut, CENTRE, COLUMNS, { names: new Set(['hem', 'side-right']) }),
    {
      id: 'waist',
      kind: 'arc',
      says: `Waist: swing ${sheet.show(inner)} from ${where}`,
      hint: `cut line, ${sheet.showLength(allowance)} inside the seam`,
      quantities: [inner],
      line: [CENTRE, [r * Math.SQRT1_2, -r * Math.SQRT1_2]],
      dots,
      table: { title: 'With a ruler', columns: COLUMNS, rows: offsetTable(dots, CENTRE) },
    },
    snips('quarters', 'Snip the folds at the waist', [[0, -r]]),
    ...notchMarks(sheet, piece, true),
    ...templateMark(sheet, piece),
    labelMark(piece, 'waist'),
  ];
  return {
    piece: piece.id,
    name: piece.name,
    copies: piece.copies,
    fold: whole ? 'in-four' : 'once',
    layers: whole ? 4 : 2,
    foldSays: `${
      whole
        ? 'Selvedge to selvedge, then end to end. Both folds meet in one corner: chalk from there.'
        : `Folded once through the middle of the half. Two layers, cut once for each half. ${straightEnd(sheet, piece)}`
    }${printSays(sheet, piece)}`,
    cut,
    seam: whole ? quarter(r + allowance, h - sideOf(piece, 'hem').allowance) : rightHalf(piece.seam),
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
