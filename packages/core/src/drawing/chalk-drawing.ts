import { flatten } from '../geometry/flatten.ts';
import type { ChalkSheet, Mark } from '../marks/mark.ts';
import { formatQuantity } from '../units/format.ts';
import type { Units } from '../units/units.ts';
import { isLongSheet, turnedSheet } from './turned-sheet.ts';
import type { Drawing, DrawnLine, DrawnText } from './drawing.ts';

/** A chalk sheet as a drawing for paper, a long piece lying along the page, its top to the left: outline, folds, every mark with the number it has in the list beside it, and what it measures. */
export function chalkDrawing(chalked: ChalkSheet, units: Units): Drawing {
  const along = isLongSheet(chalked);
  const sheet = along ? turnedSheet(chalked) : chalked;
  const lines: DrawnLine[] = [
    { role: 'cut', points: flatten(sheet.cut, 0.5), closed: true },
    { role: 'seam', points: flatten(sheet.seam, 0.5), closed: true },
    ...sheet.folds.map((points): DrawnLine => ({ role: 'fold', points })),
  ];
  const texts: DrawnText[] = [];
  sheet.marks.forEach((mark, i) => {
    if (mark.line) {
      const [a, b] = mark.line;
      lines.push({ role: 'measure', points: mark.line });
      texts.push({ at: [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2], says: `${i + 1}: ${figureOf(mark, units)}`, anchor: 'middle' });
    } else if (mark.dots?.[0]) texts.push({ at: mark.dots[Math.floor(mark.dots.length / 2)]!, says: String(i + 1), anchor: 'start' });
    for (const dot of mark.dots ?? []) lines.push({ role: 'dot', points: [dot, dot] });
  });
  lines.push({ role: 'dot', points: [sheet.origin, sheet.origin] });
  texts.push({ at: sheet.origin, says: along ? 'start here, top at this end' : 'start here', anchor: 'start' });
  return { lines, texts, words: `${sheet.name}. ${sheet.foldSays} ${sheet.marks.map(({ says }) => says).join('. ')}.` };
}

function figureOf({ quantities: [quantity] }: Mark, units: Units): string {
  return quantity ? formatQuantity(quantity.value, quantity.unit, units, quantity.safeSide) : '';
}
