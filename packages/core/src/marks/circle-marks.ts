import { rightHalf } from '../geometry/right-half.ts';
import { polar, type Point } from '../geometry/point.ts';
import type { Worksheet } from '../plan/worksheet.ts';
import type { Quantity } from '../quantity/quantity.ts';
import type { Edge } from '../geometry/edge.ts';
import type { Piece } from '../shapes/piece.ts';
import { dotsOnArc, offsetTable } from './dots.ts';
import type { ChalkSheet, Mark } from './mark.ts';

export interface CircleMarks {
  piece: Piece;
  /** Cut radii of the hole and the hem, mm. */
  inner: Quantity;
  outer: Quantity;
  /** What the hole is called here: "waist". */
  hole: string;
  seam: Quantity;
  /** Whether the disc is slit from hole to hem to open it. */
  slit?: boolean;
}

const CENTRE: Point = [0, 0];
const DOWN = -Math.PI / 2;

/** A whole circle folded in four: the folded corner is the centre; swing both radii from it. */
export function discSheet(sheet: Worksheet, { piece, inner, outer, hole, seam, slit }: CircleMarks): ChalkSheet {
  const quarter = (edges: Edge[]): Edge[] => quarterOf(edges);
  const marks: Mark[] = [
    { id: 'fold-1', kind: 'fold', says: 'Fold selvedge to selvedge, right side in', quantities: [] },
    { id: 'fold-2', kind: 'fold', says: 'Fold again, end to end', hint: 'both folds meet in one corner: chalk from there', quantities: [] },
    arcMark(sheet, 'hem', 'Hem', outer, DOWN, 0, 'the folded corner', 'cut line'),
    arcMark(sheet, hole, capital(hole), inner, DOWN, 0, 'the folded corner', `cut line, ${sheet.show(seam)} inside the seam`),
    notchMark(`Snip centre front, centre back and both sides at the ${hole}`, [
      [0, -inner.value],
      [inner.value, 0],
    ]),
  ];
  if (slit)
    marks.push({
      id: 'slit',
      kind: 'slit',
      says: `After cutting, slit one fold from ${hole} to hem`,
      hint: 'the opening is faced; nothing is added there',
      quantities: [],
      line: [
        [0, -inner.value],
        [0, -outer.value],
      ],
    });
  marks.push(labelMark(piece, hole));
  return {
    piece: piece.id,
    name: piece.name,
    copies: piece.copies,
    fold: 'in-four',
    layers: 4,
    foldSays: 'Selvedge to selvedge, then end to end. Both folds meet in one corner: chalk from there. Four layers, cut once.',
    cut: ring(quarter(piece.cut), quarter(piece.cutHoles[0] ?? [])),
    seam: ring(quarter(piece.seam), quarter(piece.seamHoles[0] ?? [])),
    folds: [
      [CENTRE, [outer.value, 0]],
      [CENTRE, [0, -outer.value]],
    ],
    origin: CENTRE,
    marks,
  };
}

/** A panel of a circle, folded once down its middle: the centre lies on the fold. `chord` runs from the fold to the side along the hem. */
export function sectorSheet(
  sheet: Worksheet,
  { piece, inner, outer, hole, seam, angle, chord }: CircleMarks & { angle: Quantity; chord: Quantity },
): ChalkSheet {
  const half = (angle.value * Math.PI) / 360;
  const end = DOWN + half;
  const straight = Math.abs(angle.value - 180) < 1e-9;
  const marks: Mark[] = [
    { id: 'fold-1', kind: 'fold', says: 'Fold the cloth once, right side in', hint: 'the fold is the middle of the panel', quantities: [] },
    {
      id: 'centre',
      kind: 'origin',
      quantities: [seam],
      dots: [CENTRE],
      says: straight ? `Centre: on the fold, ${sheet.show(seam)} below the cut end` : 'Centre: a point on the fold, the waist above, the hem below',
      hint: straight ? 'that much is the side seam allowance' : `leave room for the ${sheet.show(seam)} beside the seam`,
    },
    arcMark(sheet, 'hem', 'Hem', outer, DOWN, end, 'the centre', 'cut line'),
    arcMark(sheet, hole, capital(hole), inner, DOWN, end, 'the centre', `cut line, ${sheet.show(seam)} inside the seam`),
    {
      id: 'side',
      kind: 'distance',
      quantities: [chord],
      says: straight
        ? 'Side seam: square to the fold, through the centre'
        : `Side seam: ${sheet.show(chord)} straight from the hem dot on the fold to the hem arc`,
      hint: straight ? undefined : 'join that dot with the centre',
      line: [polar(CENTRE, inner.value, end), polar(CENTRE, outer.value, end)],
    },
    { id: 'side-cut', kind: 'distance', quantities: [seam], says: `Cut line: ${sheet.show(seam)} outside the side seam, all the way` },
    notchMark(`Snip the fold at the ${hole} and at the hem`, [
      [0, -inner.value],
      [0, -outer.value],
    ]),
    labelMark(piece, hole),
  ];
  return {
    piece: piece.id,
    name: piece.name,
    copies: piece.copies,
    fold: 'once',
    layers: 2,
    foldSays: 'Folded once down the middle of the panel. Two layers, cut once for each panel.',
    cut: rightHalf(piece.cut),
    seam: rightHalf(piece.seam),
    folds: [
      [
        [0, -inner.value],
        [0, -outer.value],
      ],
    ],
    origin: CENTRE,
    marks,
  };
}

export function labelMark(piece: Piece, top: string): Mark {
  return { id: 'label', kind: 'label', says: `Pin the label “${piece.name.toLowerCase()}, right side in, ${top} up”`, quantities: [] };
}

export function notchMark(says: string, dots: Point[]): Mark {
  return { id: 'notches', kind: 'notch', says, hint: 'no deeper than half the allowance', quantities: [], dots };
}

function arcMark(sheet: Worksheet, id: string, label: string, radius: Quantity, from: number, to: number, where: string, hint: string): Mark {
  const dots = dotsOnArc(CENTRE, radius.value, from, to);
  return {
    id,
    kind: 'arc',
    says: `${label}: swing ${sheet.show(radius)} from ${where}`,
    hint: `${hint}; a dot about every ${sheet.showLength((radius.value * Math.abs(to - from)) / (dots.length - 1))}, then join them`,
    quantities: [radius],
    line: [CENTRE, polar(CENTRE, radius.value, (from + to) / 2)],
    dots,
    table: { title: 'With a ruler', columns: ['down the fold', 'out from it'], rows: offsetTable(dots, CENTRE) },
  };
}

const capital = (word: string) => word.charAt(0).toUpperCase() + word.slice(1);

/** The quarter of a full circle at x >= 0, y <= 0. */
function quarterOf(circle: Edge[]): Edge[] {
  const first = circle[0];
  if (!first?.arc) return [];
  const radius = Math.hypot(first.from[0], first.from[1]);
  const [down, right]: [Point, Point] = [
    [0, -radius],
    [radius, 0],
  ];
  const { ccw } = first.arc;
  return [{ ...first, from: ccw ? down : right, to: ccw ? right : down }];
}

/** Outer and inner quarter arcs joined along the folds. */
function ring(outer: Edge[], inner: Edge[]): Edge[] {
  const [o, i] = [outer[0], inner[0]];
  if (!o || !i) return [];
  return [o, { name: 'fold', from: o.to, to: i.from, allowance: 0 }, i, { name: 'fold', from: i.to, to: o.from, allowance: 0 }];
}
