import type { Worksheet } from '../sheet/worksheet.ts';
import { distribute } from '../quantity/distribute.ts';
import type { Quantity } from '../quantity/quantity.ts';
import { STEP } from '../units/units.ts';

/**
 * What rounding a figure that is chalked many times does to the whole, and how to chalk it so that the total stays true.
 * `times`: how often it is chalked.
 */
export function spreadHint(sheet: Worksheet, part: Quantity, times: number, where: string): string | undefined {
  const { low, high, lows, highs, ifAllUp } = distribute(part.value * times, times, STEP[sheet.units]);
  if (highs === 0 || lows === 0 || times < 4) return undefined;
  return `${highs} times ${sheet.showLength(high)}, ${lows} times ${sheet.showLength(low)}; all rounded up would add ${sheet.showLength(ifAllUp)} at the ${where}`;
}
