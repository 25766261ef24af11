import type { Worksheet } from '../sheet/worksheet.ts';
import type { Check } from './check.ts';

/** A garment that lives by stretch stops on woven cloth, and says why. */
export function knitOnly(sheet: Worksheet, name: string): Check {
  const { kind, stretchAcross } = sheet.cloth;
  if (kind === 'knit') return { id: 'knit-only', verdict: 'ok', says: 'A knit, as this needs.', numbers: { stretchAcross } };
  return {
    id: 'knit-only',
    verdict: 'stop',
    says: `A ${name.toLowerCase()} has no opening and no ease: woven cloth won't stretch over the body and its seams will burst. Use a knit, or make a gathered or circle skirt of this cloth.`,
    numbers: { stretchAcross },
    waysOut: [{ says: 'Choose a knit from the cupboard' }],
  };
}
