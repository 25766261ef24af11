import { hangHours } from '../checks/cloth-checks.ts';
import { hemAllowance } from './hem-edge.ts';
import type { Worksheet } from '../sheet/worksheet.ts';

/** What is cut on the bias hangs, by what it will be worn by, before its hem is levelled: 24 hours, 48 where the cloth is heavy (handbook 4). */
export function hang(sheet: Worksheet, drops: string, by: 'waist' | 'neck' | 'straps' = 'waist'): void {
  const hours = hangHours(sheet.cloth.weight);
  sheet.step({
    id: 'hang',
    kind: 'wait',
    title: `Let it hang for ${hours} hours`,
    handling: [['hang']],
    waitHours: hours,
    how: `On a hanger ${by === 'waist' ? 'with clips ' : ''}or pinned to a stand, by the ${by}, so that the whole edge hangs free.`,
    why: drops,
  });
}

/** The hem levelled from the floor on the person: what dropped is cut off (handbook 13a). */
export function levelFromFloor(sheet: Worksheet): void {
  sheet.step({
    id: 'level',
    kind: 'fit',
    title: 'Level the hem with a helper',
    handling: [['level']],
    how: `Put it on with the shoes it will be worn with and stand still, arms down. The helper finds where the edge hangs highest above the floor and measures that height: nowhere can it be longer. Measuring up from the floor, mark the same height all round, a mark every ${sheet.about(100, 4)}. Take it off, chalk the marks to a smooth line and cut along it. ${after(sheet)}`,
    why: 'Cloth drops by different amounts all round: only on the person can it be levelled.',
  });
}

/** What becomes of the levelled edge. */
function after(sheet: Worksheet): string {
  const allowance = hemAllowance(sheet);
  if (sheet.hasChoice('hemEdge') && sheet.oneOf('hemEdge') === 'ruffle')
    return `The ruffle’s seam will lie ${sheet.showLength(allowance.value)} above that line.`;
  return allowance.value > 0
    ? `The finished hem will lie ${sheet.showLength(allowance.value)} above that line.`
    : 'That line is the finished edge: nothing is turned up.';
}
