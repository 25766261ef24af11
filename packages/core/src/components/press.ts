import type { Worksheet } from '../sheet/worksheet.ts';

/** The last pressing, with what to mind on this garment. */
export function press(sheet: Worksheet, how: string): void {
  sheet.step({
    id: 'press',
    kind: 'press',
    title: 'Press it once more',
    handling: [['press']],
    how,
    caution: 'Test the heat on a scrap: sequins and foils melt, and steam burns.',
  });
}
