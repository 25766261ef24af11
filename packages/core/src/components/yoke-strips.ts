import { Unmakeable } from '../errors/unmakeable.ts';
import { trimCloth } from '../joins/bind.ts';
import { along, copiesOf } from '../joins/run.ts';
import { sewStep } from '../joins/stitching.ts';
import { topstitch } from '../joins/topstitch.ts';
import { Quantity } from '../quantity/quantity.ts';
import type { Piece } from '../shapes/piece.ts';
import { rectangleShape } from '../shapes/rectangle.ts';
import type { Worksheet } from '../sheet/worksheet.ts';

/** Turned under along each edge of a strip, mm (common practice, no source). */
const UNDER = 6;

/**
 * Rows of cloth strips across each yoke, a spacing apart from its seam upwards, as many as fit; their ends go into the bound armholes.
 * Nothing where the choice stripSpacing is 0. Throws Unmakeable where the strips would lie over each other.
 */
export function addYokeStrips(
  sheet: Worksheet,
  yokes: ReadonlyArray<{ side: 'front' | 'back'; yoke: Piece; depth: Quantity }>,
  quarter: Quantity,
): void {
  const [spacing, wide] = [sheet.number('stripSpacing'), sheet.number('stripWidth')];
  if (spacing.value > 0 && spacing.value < wide.value + 2)
    throw new Unmakeable(
      'choices.stripSpacing',
      `Strips ${sheet.show(wide)} wide lie over each other so close together.`,
      Math.ceil((wide.value + 2) / sheet.scale),
    );
  for (const { side, yoke, depth } of yokes) {
    const none = Quantity.constant(0, 'count');
    const rows = sheet.put(
      `strip-rows-${side}`,
      `Strips on the ${side} yoke`,
      'down',
      spacing.value > 0 ? depth.over(spacing).floor() : none,
      'count',
    );
    if (rows.value < 1) continue;
    const piece = sheet.cut({
      id: `strip-${side}`,
      name: `Strip for the ${side} yoke`,
      copies: rows.value,
      grain: 'across',
      turns: [0, 90, 180, 270],
      cloth: trimCloth(sheet),
      shell: false,
      quantityIds: [`strip-rows-${side}`],
      shape: rectangleShape(quarter.times(2), wide, { top: UNDER, bottom: UNDER, sides: 0 }),
    });
    const joins = copiesOf(piece).map((placed) =>
      topstitch(sheet, {
        id: `strip-${side}-${placed.copy + 1}`,
        edge: ['bottom', 'side-right', 'top', 'side-left'].flatMap((edge) => along([placed], edge)),
        onto: yoke.id,
        step: `strips-${side}`,
      }),
    );
    sewStep(sheet, {
      id: `strips-${side}`,
      title: `Sew the strips on the ${side} yoke`,
      sews: joins,
      section: 'patch',
      handling: [['seam', rows.value]],
      how: `Snip both armhole edges of the yoke, no deeper than ${sheet.about(3, 0.125)}, which the binding will cover, every ${sheet.show(spacing)}, from its lower seam line upwards: ${rows.value} ${rows.value === 1 ? 'row' : 'rows'}. Press ${sheet.showLength(UNDER)} of both long edges of each strip under. Pin each from snip to snip and stitch close to both folds, always in the same direction. Trim what stands over at neck and armholes.`,
      why: 'Sewn while the yoke is flat; the binding covers the ends.',
    });
  }
}
