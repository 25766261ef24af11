import { copiesOf } from '../joins/run.ts';
import type { Quantity } from '../quantity/quantity.ts';
import { rectangleShape } from '../shapes/rectangle.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { widthGives } from './cut-widths.ts';
import { addLining, liningLength, type Lining } from './lining.ts';
import type { GatheredWaist } from './gathered-waist.ts';

/**
 * A lining of straight widths, `around` mm all round, for a skirt of such a length. In a casing of its own it ends at the casing's
 * stitching, under the fold, so its length counts from there (handbook 13a).
 */
export function straightLining(
  sheet: Worksheet,
  { length, around, waist, open }: { length: Quantity; around: Quantity; waist: GatheredWaist; open: number },
): Lining {
  const finished = liningLength(sheet, length);
  const inCasing = waist.kind === 'self-casing';
  const fold = sheet.figure('casing-room').plus(sheet.elastic.width);
  const long = inCasing ? finished.minus(fold).named('lining-below-casing', 'Lining below the casing', 'nearest') : finished;
  const seam = sheet.number('seam').value;
  const count = Math.ceil(around.over(widthGives(sheet, 'lining')).value - 1e-9);
  const piece = sheet.cut({
    id: 'lining',
    name: 'Lining width',
    copies: count,
    grain: 'along',
    cloth: 'lining',
    quantityIds: ['lining-length'],
    shape: rectangleShape(around.over(count), long, { top: seam, bottom: sheet.number('hem').value, sides: seam }),
  });
  sheet.worn.push({
    what: 'lining',
    levels: [
      { drop: 1, girth: around.value },
      { drop: finished.value, girth: around.value },
    ],
  });
  return addLining(sheet, { ring: copiesOf(piece), top: 'top', hem: 'bottom', open, curved: false });
}
