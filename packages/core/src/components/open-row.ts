import { hem } from '../joins/hem.ts';
import { plain } from '../joins/plain.ts';
import { ringSeams } from '../joins/ring.ts';
import { along, type Placed } from '../joins/run.ts';
import type { Worksheet } from '../sheet/worksheet.ts';

/** Panels sewn in a row, not to a ring; the first and the last edge are the front edges, and hemmed. */
export function sewOpenRow(sheet: Worksheet, row: readonly Placed[]): void {
  const { seams } = ringSeams(sheet, { id: 'side', ring: row, lastLater: true });
  if (seams.length > 0)
    plain(sheet, {
      step: 'sides',
      edges: 'the side edges',
      title: 'Sew the panels together in a row',
      seams,
      press: 'open',
      how: 'Not to a ring: the first and the last edge stay open, they are the front edges.',
    });
  hem(sheet, {
    id: 'edge-hem',
    title: 'Hem both front edges',
    edge: [...along(row.slice(-1), 'side-right'), ...along(row.slice(0, 1), 'side-left')],
    curved: false,
    allowance: sheet.number('seam'),
    inner: true,
  });
}
