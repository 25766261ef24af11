import { Quantity } from '../quantity/quantity.ts';
import type { Worksheet } from '../sheet/worksheet.ts';

/** Shops cut interfacing in steps of this, mm (common practice, no source). */
const LEAST_CUT = 100;

/** Interfacing for the outer half of the band, cut across its own width, mm of length to buy. */
export function buyInterfacing(sheet: Worksheet, prefix = 'band'): void {
  const usable = sheet.cloths.usableWidth('interfacing');
  const strips = sheet.quantity(`${prefix}-cut-length`).over(usable).ceil();
  const long = sheet.put(
    prefix === 'band' ? 'interfacing-length' : `${prefix}-interfacing-length`,
    'Interfacing to buy',
    'up',
    strips.times(sheet.quantity(`${prefix}-cut-width`).over(Quantity.constant(2, 'ratio'))),
  );
  const wide = sheet.showLength(sheet.cloths.of('interfacing').width, 'down');
  sheet.shopping.push({
    id: prefix === 'band' ? 'interfacing' : `${prefix}-interfacing`,
    what: `Fusible interfacing for the band, ${wide} wide${strips.value > 1 ? `, cut in ${strips.value} strips` : ''}`,
    amount: sheet.showLength(Math.ceil(long.value / LEAST_CUT) * LEAST_CUT, 'up'),
    length: long.value,
  });
}
