import { Unmakeable } from '../errors/unmakeable.ts';
import { discSheet } from '../marks/circle-marks.ts';
import type { Worksheet } from '../plan/worksheet.ts';
import { TWO_PI, type Quantity } from '../quantity/quantity.ts';
import { allowedTurns } from '../shapes/allowed-turns.ts';
import { circle } from '../shapes/sector.ts';

/** A short full circle sewn to a waist seam of girth `around`, mm; snipped at centre front and back. */
export function addPeplum(sheet: Worksheet, around: Quantity): void {
  const [seam, hem] = [sheet.number('seam'), sheet.number('hem')];
  const inner = sheet.put('peplum-radius', 'Peplum, waist radius', 'down', around.over(TWO_PI));
  const innerCut = sheet.put('peplum-radius-cut', 'Peplum, waist radius to cut', 'down', inner.minus(seam));
  if (innerCut.value <= 0) throw new Unmakeable('choices.seam', 'The allowance leaves no hole in the peplum.', Math.floor(inner.value / 2));
  const outer = inner.plus(sheet.number('peplumLength'));
  const outerCut = sheet.put('peplum-hem-radius-cut', 'Peplum, hem radius to cut', 'up', outer.plus(hem));
  const piece = sheet.piece({
    id: 'peplum',
    name: 'Peplum',
    copies: 1,
    grain: 'any',
    turns: allowedTurns(sheet.cloth, true),
    quantityIds: ['peplum-radius-cut', 'peplum-hem-radius-cut'],
    seam: circle('hem', outer.value, hem.value),
    holes: [circle('waist', inner.value, seam.value, false)],
  });
  sheet.chalk.push(discSheet(sheet, { piece, inner: innerCut, outer: outerCut, hole: 'waist', seam }));
}
