import type { Worksheet } from '../sheet/worksheet.ts';
import type { Check } from './check.ts';

/** Stretch goes round the body. `needed`: the garment lives by it. Nothing to say of cloth that doesn't stretch where none is needed. */
export function stretchDirection(sheet: Worksheet, needed: boolean): Check | undefined {
  const { stretchAcross, stretchAlong, kind } = sheet.cloth;
  if (!needed && kind === 'woven') return undefined;
  const wrong = stretchAlong > stretchAcross;
  return {
    id: 'stretch-direction',
    verdict: wrong ? (needed ? 'stop' : 'caution') : 'ok',
    says: wrong
      ? 'This cloth stretches more along than across. Stretch has to go round the body: turn the pieces a quarter, or choose another cloth.'
      : 'The stretch runs across the cloth and so round the body.',
    numbers: { stretchAcross, stretchAlong },
    ...(wrong ? { waysOut: [{ says: 'Lay the pieces a quarter turned, so the stretch goes round' }] } : {}),
  };
}
