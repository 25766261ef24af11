import type { Edge } from '../geometry/edge.ts';
import type { Point } from '../geometry/point.ts';
import { rightHalf } from '../geometry/right-half.ts';
import type { Piece } from '../shapes/piece.ts';
import type { Quantity } from '../quantity/quantity.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { labelMark, printSays, snips, straightEnd, templateMark } from './common-marks.ts';
import { cutSideMarks } from './cut-marks.ts';
import { dotsOn, offsetTable } from './dots.ts';
import type { ChalkSheet, Mark } from './mark.ts';
import { notchMarks } from './notch-marks.ts';

export interface CircleMarks {
  /** Cut radii of the hole and the hem, mm; the panel's angle, degrees. */
  inner: Quantity;
  outer: Quantity;
  angle: Quantity;
  /** The side of the hole, and what it goes round: "waist", "neck". */
  hole: string;
  around: string;
  /** Its straight sides are edges of the garment, and no seams. */
  open: boolean;
  /** Whether it is slit from the hole to open it. */
  slit: boolean;
}

const CENTRE: Point = [0, 0];
const COLUMNS: [string, string] = ['down the fold', 'out from it'];

/** A whole circle folded in four: the folded corner is the centre; swing both radii from it. */
export function discSheet(sheet: Worksheet, piece: Piece, { inner, outer, hole, around, slit }: CircleMarks): ChalkSheet {
  const cut = ring(quarterOf(piece.cut), quarterOf(piece.cutHoles[0] ?? []));
  const marks: Mark[] = [
    { id: 'fold-1', kind: 'fold', says: 'Fold selvedge to selvedge, right side in', quantities: [] },
    { id: 'fold-2', kind: 'fold', says: 'Fold again, end to end', hint: 'both folds meet in one corner: chalk from there', quantities: [] },
    { id: 'origin', kind: 'origin', says: 'Begin at the folded corner, where no edge can open', quantities: [], dots: [CENTRE] },
    arcMark(sheet, piece, cut, { side: 'hem' }, outer, 'the folded corner'),
    arcMark(sheet, piece, cut, { side: hole, says: around }, inner, 'the folded corner'),
    snips('quarters', `Snip centre front, centre back and both sides at the ${around}`, [
      [0, -inner.value],
      [inner.value, 0],
    ]),
  ];
  if (slit)
    marks.push({
      id: 'slit',
      kind: 'slit',
      says: `Chalk one fold from the ${around} down: there the zip goes. Do not cut it yet: it is faced first`,
      quantities: [],
      line: [
        [0, -inner.value],
        [0, -outer.value],
      ],
    });
  marks.push(...templateMark(sheet, piece), labelMark(piece, around));
  return {
    piece: piece.id,
    name: piece.name,
    copies: piece.copies,
    fold: 'in-four',
    layers: 4,
    foldSays: `Selvedge to selvedge, then end to end. Both folds meet in one corner: chalk from there. Four layers, cut once.${printSays(sheet, piece)}`,
    cut,
    seam: ring(quarterOf(piece.seam), quarterOf(piece.seamHoles[0] ?? [])),
    folds: [
      [CENTRE, [outer.value, 0]],
      [CENTRE, [0, -outer.value]],
    ],
    origin: CENTRE,
    marks,
  };
}

/** A panel of a circle, folded once down its middle: the centre lies on the fold. */
export function sectorSheet(sheet: Worksheet, piece: Piece, { inner, outer, angle, hole, around, open }: CircleMarks): ChalkSheet {
  const cut = rightHalf(piece.cut);
  const seam = sheet.number('seam');
  const bound = piece.sides.find(({ id }) => id === hole)!.allowance === 0;
  const half = Math.abs(angle.value - 180) < 1e-9;
  const room = Math.max(0, ...cut.flatMap(({ from, to }) => [from[1], to[1]]));
  const above = sheet.drawn(`${piece.id}-above`, 'From the cut end to the centre', room);
  const marks: Mark[] = [
    { id: 'fold-1', kind: 'fold', says: 'Fold the cloth once, right side in', hint: 'the fold is the middle of the panel', quantities: [] },
    {
      id: 'centre',
      kind: 'origin',
      quantities: [above],
      dots: [CENTRE],
      says:
        half || room > 1
          ? `Centre: on the fold, ${sheet.show(above)} below the straightened end`
          : `Centre: on the fold, at the straightened end; the ${around} lies below it`,
      hint: half
        ? `that much is the allowance of the ${open ? 'front edges' : 'side seam'}`
        : 'the panel opens from here; everything is measured from it',
    },
    arcMark(sheet, piece, cut, { side: 'hem' }, outer, 'the centre'),
    arcMark(sheet, piece, cut, { side: hole, says: around }, inner, 'the centre'),
    ...cutSideMarks(sheet, piece, cut, CENTRE, COLUMNS, { names: new Set(['side-right']), ...(open ? { call: () => 'front edge' } : {}) }),
    ...(half
      ? [
          {
            id: 'side',
            kind: 'distance' as const,
            quantities: [seam],
            says: `${open ? 'Fold line of the front edge' : 'Seam line of the side'}: square to the fold, through the centre; the cut line lies ${sheet.show(seam)} beyond it`,
          },
        ]
      : []),
    // a bound edge has no allowance to snip into
    bound
      ? snips('middle', 'Snip the fold at the hem', [[0, -outer.value]])
      : snips('middle', `Snip the fold at the ${around} and at the hem`, [
          [0, -inner.value],
          [0, -outer.value],
        ]),
    ...notchMarks(sheet, piece, true),
    ...templateMark(sheet, piece),
    labelMark(piece, around),
  ];
  return {
    piece: piece.id,
    name: piece.name,
    copies: piece.copies,
    fold: 'once',
    layers: 2,
    foldSays: `Folded once down the middle of the panel. Two layers, cut once for each panel. ${straightEnd(sheet, piece)}${printSays(sheet, piece)}`,
    cut,
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

/** An arc of the cut line, swung from the centre; for those who use a ruler, its dots. */
function arcMark(
  sheet: Worksheet,
  piece: Piece,
  cut: readonly Edge[],
  { side: name, says = name }: { side: string; says?: string },
  radius: Quantity,
  where: string,
): Mark {
  const edge = cut.find((each) => each.name === name)!;
  const dots = dotsOn(edge);
  const allowance = piece.sides.find(({ id }) => id === name)!.allowance;
  const inside = name !== 'hem';
  const middle = dots[Math.floor(dots.length / 2)]!;
  const apart = Math.hypot(dots[1]![0] - dots[0]![0], dots[1]![1] - dots[0]![1]);
  return {
    id: name,
    kind: 'arc',
    says: `${says.charAt(0).toUpperCase()}${says.slice(1)}: swing ${sheet.show(radius)} from ${where}`,
    hint: `${allowance > 0 ? `cut line, ${sheet.showLength(allowance)} ${inside ? 'inside' : 'outside'} the ${inside ? 'seam' : 'finished hem'}` : 'here the cut line is the finished edge'}; a dot about every ${sheet.showLength(apart)}, then join them`,
    quantities: [radius],
    line: [CENTRE, middle],
    dots,
    table: { title: 'With a ruler', columns: COLUMNS, rows: offsetTable(dots, CENTRE) },
  };
}

/** The quarter of a full circle at x >= 0, y <= 0. */
function quarterOf(circle: readonly Edge[]): Edge[] {
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
