import { rectangleSheet } from '../marks/rectangle-marks.ts';
import type { Worksheet } from '../plan/worksheet.ts';
import { Quantity } from '../quantity/quantity.ts';
import { allowedTurns } from '../shapes/allowed-turns.ts';
import { rectangle } from '../shapes/rectangle.ts';

/** Turned over at the top of a pocket, mm (handbook 3, common practice). */
const POCKET_TOP = 30;

/** Two patch pockets, where they are wanted: 30 mm over at the top, a seam on the other sides. */
export function addPockets(sheet: Worksheet): void {
  if (!sheet.yes('pockets')) return;
  const [width, depth, seam] = [sheet.number('pocketWidth'), sheet.number('pocketDepth'), sheet.number('seam')];
  sheet.put('pocket-cut-width', 'Pocket, width to cut', 'up', width.plus(seam.times(2)));
  sheet.put(
    'pocket-cut-length',
    'Pocket, length to cut',
    'up',
    depth.plus(Quantity.constant(POCKET_TOP, 'mm', undefined, 'common practice')).plus(seam),
  );
  sheet.put('pocket-seam', 'Seams of both pockets', 'nearest', width.plus(depth.times(2)).times(2));
  const piece = sheet.piece({
    id: 'pocket',
    name: 'Pocket',
    copies: 2,
    grain: 'along',
    turns: allowedTurns(sheet.cloth, true),
    quantityIds: ['pocket-cut-width', 'pocket-cut-length'],
    seam: rectangle(width.value, depth.value, { top: POCKET_TOP, bottom: seam.value, sides: seam.value }),
  });
  sheet.chalk.push(rectangleSheet(sheet, piece));
}
