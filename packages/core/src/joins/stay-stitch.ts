import type { Quantity } from '../quantity/quantity.ts';
import type { Worksheet } from '../sheet/worksheet.ts';

/** A curved edge is held at once, before it is handled; on a knit with a zigzag that gives (handbook 4 and 13a). */
export function stayStitch(sheet: Worksheet, length: Quantity, { lined = false } = {}): void {
  const knit = sheet.cloth.kind === 'knit';
  sheet.step({
    id: 'stay-stitch',
    kind: 'sew',
    title: 'Stay-stitch the waist',
    setUp: sheet.minutes('stay').value,
    seam: lined ? length.times(2) : length,
    ...(knit ? { stitch: '304' as const, stitchLength: 2.5, stitchWidth: 1 } : { stitch: '301' as const, stitchLength: 2, stitchWidth: 0 }),
    how: knit
      ? `Stay the waist edge at once with a narrow zigzag just outside the seam line, ${sheet.showLength(sheet.number('seam').value - 2)} from the cut edge, without pulling. A straight stitch would hold it too tight to go over the hips.`
      : `Sew one line of short stitches just outside the seam line, ${sheet.showLength(sheet.number('seam').value - 2)} from the cut edge, at once, before the piece is lifted or tried on.`,
    why: `The curved edge stretches as soon as it is handled.${lined ? ' The lining’s does too: it is stitched the same way.' : ''}`,
  });
}
