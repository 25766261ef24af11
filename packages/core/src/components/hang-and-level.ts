import { hangHours } from '../checks/cloth-checks.ts';
import type { Worksheet } from '../sheet/worksheet.ts';

/** What is cut on the bias hangs before its hem is levelled: 24 hours, 48 where the cloth is heavy (handbook 4). */
export function hang(sheet: Worksheet, drops: string): void {
  const hours = hangHours(sheet.cloth.weight);
  sheet.step({
    id: 'hang',
    kind: 'wait',
    title: `Let it hang for ${hours} hours`,
    setUp: 2,
    waitHours: hours,
    how: 'On a hanger with clips or pinned to a stand, by the waist, so that the whole edge hangs free.',
    why: drops,
  });
}

/** The hem levelled from the floor on the person: what dropped is cut off (handbook 13a). */
export function levelFromFloor(sheet: Worksheet): void {
  const hem = sheet.showLength(sheet.hasChoice('hem') ? sheet.number('hem').value : 0);
  sheet.step({
    id: 'level',
    kind: 'fit',
    title: 'Level the hem with a helper',
    setUp: sheet.minutes('level').value,
    how: `Put it on with the shoes it will be worn with and stand still, arms down. The helper finds where the edge hangs highest above the floor and measures that height: nowhere can the skirt be longer. Measuring up from the floor, mark the same height all round, a mark every ${sheet.showLength(100)}. Take it off, chalk the marks to a smooth line and cut along it. The finished hem will lie ${hem} above that line.`,
    why: 'Cloth drops by different amounts round a circle: only on the person is it level.',
  });
}
