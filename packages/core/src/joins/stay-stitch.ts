import type { Quantity } from '../quantity/quantity.ts';
import type { Worksheet } from '../sheet/worksheet.ts';

/** A curved edge is held at once, before it is handled; on a knit with a zigzag that gives (handbook 4 and 13a). */
export function stayStitch(
  sheet: Worksheet,
  length: Quantity,
  { lined = false, what = 'waist', allowance }: { lined?: boolean; what?: string; allowance?: number } = {},
): void {
  const edge = allowance ?? sheet.number('seam').value;
  // a bound edge has no allowance to hide the stitches in: the binding covers them
  const from =
    edge > 2
      ? `just outside the seam line, ${sheet.showLength(edge - 2)} from the cut edge`
      : `${sheet.showLength(5)} from the cut edge, where the binding covers it`;
  const knit = sheet.cloth.kind === 'knit';
  sheet.step({
    id: 'stay-stitch',
    kind: 'sew',
    title: `Stay-stitch the ${what}`,
    handling: [['stay']],
    seam: lined ? length.times(2) : length,
    ...(knit ? { stitch: '304' as const, stitchLength: 2.5, stitchWidth: 1 } : { stitch: '301' as const, stitchLength: 2, stitchWidth: 0 }),
    how: knit
      ? `Stay the ${what} edge at once with a narrow zigzag ${from}, without pulling: a straight stitch would hold it too tight to be pulled on.`
      : `Sew one line of short stitches ${from}, at once, before the piece is lifted or tried on.`,
    why: `The curved edge stretches as soon as it is handled.${lined ? ' The lining’s does too: it is stitched the same way.' : ''}`,
  });
}
