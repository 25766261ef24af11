import { HAND_NEEDLES, needleTool, ZIP_FOOT } from '../make/sewing-box.ts';
import type { ClothRole } from '../shapes/piece.ts';
import { formatCloth, LONG } from '../units/format.ts';
import { YARD } from '../units/units.ts';
import type { ShoppingItem, Worksheet } from '../sheet/worksheet.ts';

const CLOTHS: Partial<Record<ClothRole, string>> = { lining: 'Lining', contrast: 'Second cloth' };

/** Everything to have at hand: cloths by length, what the garment's parts asked for, thread as reels, the needle. */
export function shoppingList(sheet: Worksheet, buy: number, otherLays: Partial<Record<ClothRole, { buy: number }>>): ShoppingItem[] {
  const wide = (role: ClothRole) => sheet.showLength(sheet.cloths.of(role).width, 'down');
  const items: ShoppingItem[] = [{ id: 'cloth', what: `Cloth, ${wide('main')} wide`, amount: formatCloth(buy, sheet.units), length: buy }];
  for (const role of ['lining', 'contrast'] as const) {
    const lay = otherLays[role];
    if (!lay) continue;
    const knit = sheet.cloths.of(role).kind === 'knit' ? ', a knit' : '';
    items.push({
      id: role,
      what: `${sheet.clothNames[role] ?? `${CLOTHS[role]!}${knit}`}, ${wide(role)} wide`,
      amount: formatCloth(lay.buy, sheet.units),
      length: lay.buy,
    });
  }
  items.push(...sheet.shopping.map((item) => ((item.length ?? 0) < LONG ? item : { ...item, amount: formatCloth(item.length!, sheet.units) })));
  const thread = sheet.quantity('thread-length');
  const reel = sheet.figure('thread-reel');
  const reels = Math.max(1, thread.over(reel).ceil().value);
  items.push({
    id: 'thread',
    what: 'Thread',
    amount: `${reels} ${reels === 1 ? 'reel' : 'reels'} of ${sheet.units === 'cm' ? `${Math.round(reel.value / 1000)} m` : `${Math.round(reel.value / YARD)} yd`}`,
    length: thread.value,
  });
  const byHand = sheet.oneOf('machine') === 'hands';
  const needle = byHand ? HAND_NEEDLES : needleTool(sheet.cloth);
  items.push({ id: 'needle', what: needle.what, amount: '1', tool: needle.id });
  if (!byHand && sheet.joins.some(({ how }) => how === 'zip')) items.push({ id: 'zip-foot', what: ZIP_FOOT.what, amount: '1', tool: ZIP_FOOT.id });
  return items;
}
