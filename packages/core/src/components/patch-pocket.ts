import type { ViewPart } from '../drape/garment-view.ts';
import { sewStep } from '../joins/stitching.ts';
import { addJoin } from '../joins/join.ts';
import { along } from '../joins/run.ts';
import { topstitch } from '../joins/topstitch.ts';
import { Quantity } from '../quantity/quantity.ts';
import type { Piece } from '../shapes/piece.ts';
import { rectangleShape } from '../shapes/rectangle.ts';
import type { Worksheet } from '../sheet/worksheet.ts';

/** The top of a pocket lies a little above the hip line: that share of the way down to it (common practice, no source). */
const DOWN_TO_HIP = 0.6;
/** From the side seam to the pocket, mm (common practice, no source). */
const FROM_SIDE = 70;

/** Two patch pockets: 30 mm over at the top, a seam on the other sides; where they sit is said. */
export function addPockets(
  sheet: Worksheet,
  { prefix = 'pocket', onto, below: given, from = 'the waist seam line' }: { prefix?: string; onto: Piece; below?: Quantity; from?: string },
): void {
  const [width, depth, seam] = [sheet.number('pocketWidth'), sheet.number('pocketDepth'), sheet.number('seam')];
  const top = sheet.figure('pocket-top');
  sheet.put(`${prefix}-cut-width`, 'Pocket, width to cut', 'up', width.plus(seam.times(2)));
  sheet.put(`${prefix}-cut-length`, 'Pocket, length to cut', 'up', depth.plus(top).plus(seam));
  const toHip = sheet.hasMeasure('waist-to-hip') ? sheet.measure('waist-to-hip') : sheet.figure('zip-to-hip').times(sheet.scale);
  const below = sheet.put(
    `${prefix}-height`,
    given ? 'Pocket, below the top edge' : 'Pocket, below the waist',
    'nearest',
    given ?? toHip.times(Quantity.constant(DOWN_TO_HIP, 'ratio', undefined, 'common practice')),
  );
  const piece = sheet.cut({
    id: prefix,
    name: 'Pocket',
    copies: 2,
    grain: 'along',
    shell: false,
    quantityIds: [`${prefix}-cut-width`, `${prefix}-cut-length`],
    shape: rectangleShape(width, depth, { top: top.value, bottom: seam.value, sides: seam.value }),
  });
  const joins = [0, 1].flatMap((copy) => {
    const placed = [{ piece, copy }];
    return [
      addJoin(sheet, { id: `${prefix}-top-${copy + 1}`, how: 'hem', layers: [along(placed, 'top', true)], step: prefix }),
      topstitch(sheet, {
        id: `${prefix}-${copy + 1}`,
        edge: [...along(placed, 'side-left'), ...along(placed, 'bottom'), ...along(placed, 'side-right')],
        onto: onto.id,
        step: prefix,
      }),
    ];
  });
  sewStep(sheet, {
    id: prefix,
    title: 'Sew on the pockets',
    sews: joins,
    section: 'patch',
    handling: [['pocket', 2]],
    how: [
      `Turn ${sheet.showLength(10)} of the top edge to the wrong side and press, then turn down the rest of the ${sheet.show(top)} and stitch. Press ${sheet.showLength(seam.value)} under on the other three sides.`,
      `Pin each pocket to the right side: its top ${sheet.show(below)} below ${from}, its nearer edge ${sheet.showLength(FROM_SIDE)} from the side, both alike. Stitch close to the edge down one side, along the bottom and up the other, with a small triangle of stitches at both upper corners.`,
    ].join(' '),
    why: 'A hand pulls at the upper corners: the triangle holds them.',
  });
}

/** The pockets as they are seen from the front. */
/** `top` is where the height counts from, mm below the waist. */
export const pocketsSeen = (sheet: Worksheet, top = 0, prefix = 'pocket'): ViewPart => ({
  kind: 'pockets',
  drop: top + sheet.quantity(`${prefix}-height`).value,
  width: sheet.number('pocketWidth').value,
  depth: sheet.number('pocketDepth').value,
  fromMiddle: FROM_SIDE,
  only: 'front',
});
