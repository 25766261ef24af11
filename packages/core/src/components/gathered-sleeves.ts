import type { ViewPart } from '../drape/garment-view.ts';
import { Unmakeable } from '../errors/unmakeable.ts';
import { hem } from '../joins/hem.ts';
import { plain, type PlainSeam } from '../joins/plain.ts';
import { along, copiesOf, type Placed } from '../joins/run.ts';
import { shirr } from '../joins/shirr.ts';
import { Quantity } from '../quantity/quantity.ts';
import type { Piece } from '../shapes/piece.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { corneredShape } from './cornered.ts';
import { toWaist } from './heights.ts';

export interface Sleeves {
  piece: Piece;
  /** Their long seams, to be sewn in one with the side seams. */
  underarms: PlainSeam[];
}

const TWO = Quantity.constant(2, 'ratio');
/** Where the upper arm was not measured, mm (common practice, no source). */
const UPPER_ARM = 300;

/**
 * Two sleeves of rectangles, shirred at cuff and shoulder, their upper corners cut like those of the front (copy 0) and back (copy 1) of
 * `panel` and sewn to them; `width` is theirs, flat, mm:
 *
 *      front )( sleeve )( back )( sleeve )( front
 */
export function addGatheredSleeves(sheet: Worksheet, { panel, width }: { panel: Piece; width: Quantity }): Sleeves {
  const [seam, hemmed, length] = [sheet.number('seam'), sheet.number('hem'), sheet.number('sleeveLength')];
  const corners = { along: sheet.number('cornerAlong'), down: sheet.number('cornerDown') };
  sheet.put('sleeve-cut-width', 'Sleeve, width to cut', 'up', width.plus(seam.times(2)));
  sheet.put('sleeve-cut-length', 'Sleeve, length to cut', 'up', length.plus(hemmed.times(2)));
  const piece = sheet.cut({
    id: 'sleeve',
    name: 'Sleeve',
    copies: 2,
    grain: 'along',
    quantityIds: ['sleeve-cut-width', 'sleeve-cut-length'],
    shape: corneredShape({ width, height: length, ...corners }, { top: hemmed.value, bottom: hemmed.value, sides: seam.value, corner: seam.value }),
  });
  const both = copiesOf(piece);
  const flatHem = { curved: false, allowance: hemmed, inner: true };
  hem(sheet, { id: 'cuff-hem', title: 'Hem the cuffs', edge: along(both, 'bottom'), ...flatHem });
  hem(sheet, { id: 'sleeve-top-hem', title: 'Hem the tops of the sleeves', edge: along(both, 'top'), ...flatHem });
  shirrSleeves(sheet, piece, width);
  setIn(sheet, panel, piece);
  return {
    piece,
    underarms: both.map((placed, i) => ({ id: `underarm-${i + 1}`, layers: [along([placed], 'side-right', true), along([placed], 'side-left')] })),
  };
}

/** How wide a sleeve lies flat, mm. Throws Unmakeable where the arm does not go through. */
export function sleeveWidth(sheet: Worksheet): Quantity {
  const arm = sheet.hasMeasure('upper-arm-girth')
    ? sheet.measure('upper-arm-girth')
    : Quantity.constant(UPPER_ARM * sheet.scale, 'mm', undefined, 'usual upper arm');
  const width = sheet.put('sleeve-width', 'Sleeve, flat', 'up', sheet.isSet('sleeveWidth') ? sheet.number('sleeveWidth') : arm.times(TWO));
  if (width.value < arm.value)
    throw new Unmakeable(
      'choices.sleeveWidth',
      `The sleeve (${sheet.show(width)} round) is narrower than the upper arm (${sheet.show(arm)}).`,
      Math.ceil((arm.value * 1.1) / sheet.scale),
    );
  return width;
}

/** Rows at both ends of each sleeve. */
function shirrSleeves(sheet: Worksheet, piece: Piece, width: Quantity): void {
  const [spacing, depth] = [sheet.number('rowSpacing'), sheet.number('sleeveShirr')];
  const one = Quantity.constant(1, 'count');
  const rows = sheet.put('sleeve-rows', 'Rows on a sleeve, cuff and shoulder', 'up', depth.over(spacing).floor().plus(one).times(TWO));
  const metre = Quantity.constant(1000, 'mm');
  const perBobbin = Quantity.larger(one, sheet.number('bobbinMetres').times(metre).over(width).floor()).named(
    'sleeve-rows-per-bobbin',
    'Rows a bobbin lasts on a sleeve',
    'down',
  );
  const bobbins = sheet.put('sleeve-bobbins', 'Bobbins for the sleeves', 'up', rows.times(piece.copies).over(perBobbin).ceil());
  const sewn = width.over(sheet.number('takeUp'));
  shirr(sheet, {
    id: 'sleeve-shirring',
    title: 'Shirr cuffs and shoulders of the sleeves',
    onto: piece,
    rows,
    rowLength: width,
    times: piece.copies,
    spacing,
    rowsPerBobbin: perBobbin,
    bobbins,
    before: sewn,
    after: sewn.times(Quantity.constant(1, 'ratio').minus(sheet.number('steam'))),
    from: 'just beside the hem at the cuff, and again at the top',
    how: `Half of the rows go at the cuff, half at the shoulder.`,
    why: 'Flat, before the sleeve is closed, they are quick to sew.',
  });
}

/** Every corner of a sleeve to the corner of the front or back beside it. */
function setIn(sheet: Worksheet, panel: Piece, piece: Piece): void {
  const [front, back, one, other] = [
    { piece: panel, copy: 0 },
    { piece: panel, copy: 1 },
    { piece, copy: 0 },
    { piece, copy: 1 },
  ] as const;
  const pairs: Array<readonly [Placed, Placed]> = [
    [front, one],
    [one, back],
    [back, other],
    [other, front],
  ];
  plain(sheet, {
    step: 'set-in',
    edges: 'the armhole corners',
    title: 'Sew the sleeves to front and back',
    seams: pairs.map(([right, left], i) => ({
      id: `armhole-${i + 1}`,
      layers: [along([right], 'corner-right', true), along([left], 'corner-left')],
      behind: i === 1 || i === 2,
    })),
    press: 'to one side',
    handling: [['sleeve', 2]],
    how: 'Each corner of a sleeve fits the corner of the panel beside it: top edge on top edge, underarm on underarm.',
    after: 'The curves bend the same way: clip the allowances so that they lie flat.',
  });
}

/** The sleeves as they are seen. */
export function sleevesSeen(sheet: Worksheet, top: number): ViewPart {
  const width = sheet.quantity('sleeve-width').value / 2;
  return {
    kind: 'sleeves',
    top: -toWaist(sheet) * 0.9,
    under: top + sheet.number('cornerDown').value,
    out: 0,
    length: sheet.number('sleeveLength').value * 0.8,
    start: width,
    end: width / sheet.number('takeUp').value,
    gathered: true,
  };
}
