import { LINING_SHORTER } from '../checks/cloth-checks.ts';
import { Unmakeable } from '../errors/unmakeable.ts';
import type { Worksheet } from '../plan/worksheet.ts';
import { Quantity } from '../quantity/quantity.ts';

/** Length of the lining, mm: the outer length less 50. Throws Unmakeable where nothing is left. */
export function liningShorter(sheet: Worksheet, length: Quantity): Quantity {
  const lining = sheet.put(
    'lining-length',
    'Lining, finished length',
    'down',
    length.minus(Quantity.constant(LINING_SHORTER, 'mm', undefined, 'common practice')),
  );
  if (lining.value <= 0) throw new Unmakeable('choices.lining', 'The garment is too short to carry a lining.', 'false');
  return lining;
}
