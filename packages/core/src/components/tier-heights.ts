import { Unmakeable } from '../errors/unmakeable.ts';
import { Quantity } from '../quantity/quantity.ts';
import type { Worksheet } from '../sheet/worksheet.ts';

/** No tier is lower than this, mm: it would be all seam. */
export const LEAST_TIER = 20;

/** Finished heights from the top down: equal, growing by a factor, or the person's own with the rest shared. */
export function tierHeights(sheet: Worksheet, length: Quantity, count: number): Quantity[] {
  const put = (i: number, height: Quantity) => sheet.put(`tier-${i}-height`, `Tier ${i}, finished height`, 'nearest', height);
  const way = sheet.oneOf('heights');
  if (way === 'own') return ownTierHeights(sheet, length, count).map((height, i) => put(i + 1, height));
  const growth = sheet.number('growth');
  const equal = length.over(sheet.number('tiers'));
  if (way === 'equal' || Math.abs(growth.value - 1) < 1e-9) return Array.from({ length: count }, (_, i) => put(i + 1, equal));
  let power = growth;
  for (let i = 1; i < count; i++) power = power.times(growth);
  const heights = [put(1, length.times(growth.minus(1)).over(power.minus(1)))];
  for (let i = 2; i <= count; i++) heights.push(put(i, heights[i - 2]!.times(growth)));
  return heights;
}

function ownTierHeights(sheet: Worksheet, length: Quantity, count: number): Quantity[] {
  const ids = Array.from({ length: count }, (_, i) => `tierHeight${i + 1}`);
  const own = ids.filter((id) => sheet.isSet(id));
  const open = count - own.length;
  let rest = length;
  for (const id of own) rest = rest.minus(sheet.number(id));
  if (open === 0 && Math.abs(rest.value) > 0.5) {
    const last = ids[count - 1]!;
    throw new Unmakeable(
      `choices.${last}`,
      `The tiers add up to ${sheet.showLength(length.value - rest.value)}, the skirt is ${sheet.show(length)} long.`,
      sheet.number(last).value + rest.value,
    );
  }
  if (open > 0 && rest.value < open * LEAST_TIER * sheet.scale) {
    if (own.length === 0) throw new Unmakeable('choices.length', `It is too short for ${count} tiers.`, count * LEAST_TIER);
    throw new Unmakeable(
      `choices.${own[0]}`,
      'Nothing is left for the other tiers.',
      Math.max(LEAST_TIER, sheet.number(own[0]!).value + rest.value - open * LEAST_TIER),
    );
  }
  return ids.map((id) => (sheet.isSet(id) ? sheet.number(id) : rest.over(Quantity.constant(open, 'count'))));
}
