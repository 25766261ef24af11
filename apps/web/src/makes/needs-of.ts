import type { ClothView, MakeView } from '@arcus/contract';
import { offBolt, PLAIN_WOVEN, type ClothRole, type MakeNeeds, type Plan } from '@arcus/core';
import type { Sketched } from './use-sketches.ts';

/** A make that is not cut yet, with what it takes. */
export interface Needs extends MakeNeeds {
  make: MakeView;
  plan: Plan;
}

/** By what a cloth's item on the shopping list goes, by what it is for. */
const CLOTHS = { main: 'cloth', lining: 'lining', contrast: 'contrast' } as const;
const ROLES = Object.keys(CLOTHS) as Array<keyof typeof CLOTHS & ClothRole>;

export const isCut = ({ done }: MakeView) => done.includes('sew:cut') || done.includes('station:sew');
/** Where a make counts what cutting took of its cloth, mm. */
export const USED = 'used:main';
/** What an item of a make is ticked by once it was bought. */
export const boughtTick = (item: string) => `bought:${item}`;
/** What a make is ticked by that is cut together with the others of a cloth. */
export const togetherTick = (clothId: string) => `together:${clothId}`;

/** What each make that is not finished takes, of cloth and beside it; by itself only of those that are not cut yet. */
export function needsOf(sketches: readonly Sketched[], cloths: readonly ClothView[], isOver: (make: MakeView) => boolean = isCut): Needs[] {
  return sketches.flatMap(({ make, plan }): Needs[] => {
    if (!plan || make.finishedOn || isOver(make)) return [];
    const { figures } = make.summary;
    const { done, clothId, otherCloths, elasticId, id, name } = make;
    const wanted = ROLES.flatMap((role) => {
      const item = plan.shopping.find((each) => each.id === CLOTHS[role]);
      const buy = figures[`${CLOTHS[role]}-to-buy`];
      if (!item || !buy) return [];
      const from = role === 'main' ? clothId : (otherCloths[role] ?? null);
      const cloth = cloths.find((each) => each.id === from) ?? PLAIN_WOVEN;
      const takes = role === 'main' ? offBolt((figures['cloth-length'] ?? buy) + Number(make.choices['reserve'] ?? 0), cloth) : buy;
      return [{ role, clothId: from, what: item.what, takes, buy, together: from !== null && done.includes(togetherTick(from)) }];
    });
    const items = plan.shopping.filter((item) => !Object.values<string>(CLOTHS).includes(item.id));
    const bought = new Set(done.filter((tick) => tick.startsWith('bought:')).map((tick) => tick.slice('bought:'.length)));
    return [{ make, plan, id, name, cloths: wanted, settled: make.summary.settled === true, elasticId, items, bought }];
  });
}

/** The same without the tools that lie in the sewing box. */
export const beyondTheBox = (needs: readonly Needs[], tools: readonly string[]): Needs[] =>
  needs.map((each) => ({ ...each, items: each.items.filter(({ tool }) => !tool || !tools.includes(tool)) }));
