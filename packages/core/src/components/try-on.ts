import type { Step } from '../make/step.ts';
import type { Worksheet } from '../sheet/worksheet.ts';

/** Trying it on while everything can still be mended, with what to look at on this garment. */
export function tryOn(sheet: Worksheet, how: string, rest: Partial<Step> = {}): void {
  sheet.step({
    id: 'try-on',
    kind: 'fit',
    title: 'Try it on inside out',
    handling: [['fit']],
    how,
    why: 'Everything can still be mended before the hem.',
    ...rest,
  });
}
