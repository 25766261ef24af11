import { Unmakeable } from '../errors/unmakeable.ts';
import { Quantity } from '../quantity/quantity.ts';
import type { Worksheet } from '../sheet/worksheet.ts';

/** No tier is lower than this, mm: it would be all seam. */
export const LEAST_TIER = 20;
/** Nor higher, mm. */
export const HIGHEST_TIER = 1200;
/** Length of all tiers together, mm. */
export const SHORTEST = 60;
export const LONGEST = 1500;

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
  const least = open * LEAST_TIER * sheet.scale;
  const rest = own.reduce((left, id) => left.minus(sheet.number(id)), length);
  const off = open === 0 ? rest.value : Math.min(0, rest.value - least);
  if (Math.abs(off) > (open === 0 ? 0.5 : 1e-9)) throw unlike(sheet, length, own, off, open === 0);
  return ids.map((id) => (sheet.isSet(id) ? sheet.number(id) : rest.over(Quantity.constant(open, 'count'))));
}

/** The refusal of heights that don't add up: the tier that can make up for it, else the length that would do. */
function unlike(sheet: Worksheet, length: Quantity, own: readonly string[], off: number, all: boolean): Unmakeable {
  const says = all
    ? `The tiers add up to ${sheet.showLength(length.value - off)}, the skirt is ${sheet.show(length)} long.`
    : own.length === 0
      ? 'It is too short for so many tiers.'
      : 'Nothing is left for the other tiers.';
  const mended = (id: string) => (sheet.number(id).value + off) / sheet.scale;
  const able = own.find((id) => mended(id) >= LEAST_TIER && mended(id) <= HIGHEST_TIER);
  if (able) return new Unmakeable(`choices.${able}`, says, mended(able));
  const wanted = Math.ceil((length.value - off) / sheet.scale);
  if (wanted >= SHORTEST && wanted <= LONGEST) return new Unmakeable('choices.length', says, wanted);
  // no one figure makes up for it: the one that can do most goes first
  const most = own.reduce((a, b) => (Math.sign(off) * (sheet.number(b).value - sheet.number(a).value) < 0 ? b : a));
  return new Unmakeable(`choices.${most}`, says, off < 0 ? LEAST_TIER : HIGHEST_TIER);
}
