import { plain, type PlainSeam } from '../joins/plain.ts';
import { along, edgeOf, reversed, runLength, splitRun } from '../joins/run.ts';
import type { Quantity } from '../quantity/quantity.ts';
import type { Piece } from '../shapes/piece.ts';
import type { Worksheet } from '../sheet/worksheet.ts';

type Hand = 'right' | 'left';

/** Front and back with straight sides; of sleeve, gusset and gore two each. */
export interface GussetPieces {
  front: Piece;
  back: Piece;
  sleeve: Piece;
  gusset: Piece;
  gore: Piece;
}

/**
 * Sleeve, gusset, side seam and gore on both sides. Seen from outside, `before` is the panel whose right side meets the left side of
 * `after`; the sleeve lies across both:
 *
 *     before | after
 *      ══════╪══════  armhole
 *          ◇ gusset
 *            │       side seam
 *           ╱ ╲      gore
 */
export function sewGussetSides(
  sheet: Worksheet,
  { front, back, sleeve, gusset, gore }: GussetPieces,
  finished: { arm: Quantity; gore: Quantity },
): void {
  const [half, square, high] = [finished.arm.value / 2, sheet.number('gusset').value, finished.gore.value];
  const sides: Array<{ before: Piece; after: Piece; copy: number }> = [
    { before: front, after: back, copy: 0 },
    { before: back, after: front, copy: 1 },
  ];
  const cut = (piece: Piece, hand: Hand) => {
    const down = edgeOf(piece, `side-${hand}`, hand === 'right');
    const [armhole, rest] = splitRun(sheet, down, half);
    const [beside, lower] = splitRun(sheet, rest, square);
    const [seam, flare] = splitRun(sheet, lower, runLength(sheet, lower).value - high);
    return { armhole, beside, seam, flare };
  };
  const seams: Record<'armholes' | 'gussets' | 'sides' | 'gores', PlainSeam[]> = { armholes: [], gussets: [], sides: [], gores: [] };
  for (const { before, after, copy } of sides) {
    const n = copy + 1;
    const [b, a] = [cut(before, 'right'), cut(after, 'left')];
    const at = (piece: Piece, edge: string, back = false) => along([{ piece, copy }], edge, back);
    // from the armhole to the wrist, along both edges of the sleeve
    const [toBefore, alongBefore] = splitRun(sheet, at(sleeve, 'side-left'), square);
    const [toAfter, alongAfter] = splitRun(sheet, at(sleeve, 'side-right', true), square);
    seams.armholes.push({ id: `armhole-${n}`, layers: [[...reversed(b.armhole), ...a.armhole], at(sleeve, 'armhole', true)] });
    seams.gussets.push(
      { id: `gusset-${n}-sleeve-1`, layers: [toBefore, at(gusset, 'bottom', true)] },
      { id: `gusset-${n}-body-1`, layers: [b.beside, at(gusset, 'side-right')] },
      { id: `gusset-${n}-body-2`, layers: [a.beside, at(gusset, 'top', true)] },
      { id: `gusset-${n}-sleeve-2`, layers: [toAfter, at(gusset, 'side-left')] },
    );
    seams.sides.push({ id: `underarm-${n}`, layers: [alongBefore, alongAfter] }, { id: `side-${n}`, layers: [b.seam, a.seam] });
    seams.gores.push(
      { id: `gore-${n}-left`, layers: [b.flare, at(gore, 'side-left')] },
      { id: `gore-${n}-right`, layers: [at(gore, 'side-right', true), a.flare] },
    );
  }
  const allowance = sheet.showLength(sheet.number('seam').value);
  plain(sheet, {
    step: 'armholes',
    title: 'Sew on the sleeves',
    edges: 'the armhole edges',
    seams: seams.armholes,
    press: 'to one side',
    handling: [['sleeve', 2]],
    first: 'Lay front and back out flat, joined at the shoulders.',
    how: `The middle of the sleeve’s upper edge goes on the shoulder seam; it reaches ${sheet.showLength(half)} down on both panels. Begin and end ${allowance} before the ends.`,
  });
  plain(sheet, {
    step: 'gussets',
    title: 'Set in the gussets',
    edges: 'the edges of the gussets',
    seams: seams.gussets,
    press: 'to one side',
    short: true,
    how: `One corner of the square goes where sleeve and front meet, the opposite one where sleeve and back meet. Sew edge by edge: two edges to the sleeve, two to the body, each ${sheet.showLength(square)} long. Begin and end exactly at the corners of the seam lines, ${allowance} from both edges, needle down to turn; never sew over a corner.`,
    why: 'The square stands on its corner under the arm and opens when the arm is lifted.',
  });
  plain(sheet, {
    step: 'sides',
    title: 'Sew underarm and side seams',
    edges: 'the side edges',
    seams: seams.sides,
    press: 'open',
    how: `From the tip of the gusset out to the wrist; from its lower corner down to where the side gore begins, ${sheet.showLength(high)} above the hem seam line. Mark that point.`,
  });
  plain(sheet, {
    step: 'gores',
    title: 'Set in the side gores',
    edges: 'the edges of the gores',
    seams: seams.gores,
    press: 'to one side',
    handling: [['godet', 2]],
    how: 'Point on point; sew each side from the point down to the hem, beginning exactly at the last stitch of the side seam.',
  });
}
