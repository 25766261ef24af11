import type { Cloth } from '../cloth/cloth.ts';
import { roundToStep } from '../quantity/rounding.ts';
import type { ClothRole } from '../shapes/piece.ts';
import type { ShoppingItem } from '../sheet/worksheet.ts';
import { SHOP_STEP } from '../units/shop-step.ts';
import type { Units } from '../units/units.ts';

/** What one make still takes that is not cut yet. */
export interface MakeNeeds {
  id: string;
  name: string;
  /**
   * Its cloths: which of the shelf (none: any), how much comes off the bolt and how much is bought where there is none, mm; whether it is cut
   * together with the others of that cloth.
   */
  cloths: Array<{ role: ClothRole; clothId: string | null; what: string; takes: number; buy: number; together?: boolean }>;
  /** Whether its lays are settled: one that is not may still get shorter, never longer. */
  settled: boolean;
  /** Its elastic on the shelf, where it has one. */
  elasticId: string | null;
  /** Everything else it takes. */
  items: readonly ShoppingItem[];
  /** Ids of items that were bought already. */
  bought: ReadonlySet<string>;
}

/** What lies on a shelf; a length of none means it is to be bought. mm. */
export interface OnShelf {
  id: string;
  name: string;
  lengthOnHand: number | null;
  /** What a metre costs, where that is known. */
  pricePerMetre?: number | null;
}

export interface ToBuyRow {
  /** Names the row: the item of a make, or the cloth of the shelf. */
  id: string;
  what: string;
  /** How much: words, or a length (mm) where it is sold by length. */
  amount?: string;
  length?: number;
  /** What is needed of something sold by the reel, mm. */
  needed?: number;
  /** The length may still get shorter: a lay it comes from is not settled. */
  atMost?: boolean;
  makes: Array<{ id: string; name: string }>;
  /** What it costs, as far as a price is known. */
  cost?: number;
  /** The item of its makes that is ticked when it was bought. */
  item?: string;
  /** A cloth of the shelf that all its makes together need more of than there is, mm. */
  short?: { clothId: string; needs: number; has: number };
}

/** A length of cloth as it comes off the bolt, before the wash has taken its share, mm. */
export function offBolt(length: number, { prewashed, shrinkAlong }: Pick<Cloth, 'prewashed' | 'shrinkAlong'>): number {
  return prewashed ? length : length / (1 - shrinkAlong);
}

/** How much of each cloth comes off the bolt for those of its makes that are cut together, mm, by the cloth's id; left out while nobody knows. */
export type TakenTogether = ReadonlyMap<string, number>;

/** What several makes take of one cloth, mm: each by itself, but those that are cut together as they lie together. `atMost`: it may get less. */
export function takenOf(clothId: string, makes: readonly MakeNeeds[], together: TakenTogether = new Map()): { takes: number; atMost: boolean } {
  const uses = makes.flatMap((make) => make.cloths.filter((each) => each.clothId === clothId));
  const sum = (of: typeof uses) => of.reduce((total, { takes }) => total + takes, 0);
  const shared = uses.filter((each) => each.together);
  const settled = makes.every((make) => make.settled || !make.cloths.some((each) => each.clothId === clothId));
  if (shared.length < 2) return { takes: sum(uses), atMost: !settled };
  const both = together.get(clothId);
  return { takes: sum(uses.filter((each) => !each.together)) + (both ?? sum(shared)), atMost: !settled || both === undefined };
}

/**
 * Everything several makes take that is not there: of each cloth what all of them together need beyond what lies on the shelf, then what
 * each needs beside cloth. Whatever was bought, or lies there in length enough, is left out; what is missing is rounded up to what shops cut.
 */
export function toBuy(
  makes: readonly MakeNeeds[],
  cloths: readonly OnShelf[],
  elastics: readonly OnShelf[],
  units: Units,
  together?: TakenTogether,
): ToBuyRow[] {
  const rows: ToBuyRow[] = [];
  for (const { id, name, lengthOnHand, pricePerMetre } of cloths) {
    const users = makes.filter((make) => make.cloths.some((each) => each.clothId === id));
    const { takes: needs, atMost: less } = takenOf(id, makes, together);
    const has = lengthOnHand ?? 0;
    if (users.length === 0 || needs <= has + 1e-6) continue;
    const length = roundToStep(needs - has, SHOP_STEP[units], 'up');
    rows.push({
      id: `cloth:${id}`,
      what: name,
      length,
      ...(pricePerMetre ? { cost: (length / 1000) * pricePerMetre } : {}),
      makes: users.map(named),
      ...(less ? { atMost: true } : {}),
      short: { clothId: id, needs, has },
    });
  }
  for (const make of makes)
    for (const { role, clothId, what, buy } of make.cloths)
      if (clothId === null && !make.bought.has(role))
        rows.push({ id: `${make.id}:${role}`, what, length: buy, makes: [named(make)], ...atMost([make]), item: role });
  return [...rows, ...notions(makes, elastics)];
}

const atMost = (makes: readonly MakeNeeds[]) => (makes.every(({ settled }) => settled) ? {} : { atMost: true });

const named = ({ id, name }: MakeNeeds) => ({ id, name });

/** Elastic, zips, thread, needles, interfacing; a tool for several makes is bought once. */
function notions(makes: readonly MakeNeeds[], elastics: readonly OnShelf[]): ToBuyRow[] {
  const left = new Map(elastics.map(({ id, lengthOnHand }) => [id, lengthOnHand ?? 0]));
  const rows: ToBuyRow[] = [];
  for (const make of makes)
    for (const item of make.items) {
      if (make.bought.has(item.id)) continue;
      const there = item.id.startsWith('elastic') && make.elasticId ? (left.get(make.elasticId) ?? 0) : 0;
      if (item.length !== undefined && there >= item.length) {
        left.set(make.elasticId!, there - item.length);
        continue;
      }
      const same = item.tool ? rows.find((row) => row.what === item.what) : undefined;
      if (same) same.makes.push(named(make));
      else
        rows.push({
          id: `${make.id}:${item.id}`,
          what: item.what,
          amount: item.amount,
          ...(item.length === undefined ? {} : { needed: item.length }),
          makes: [named(make)],
          item: item.id,
        });
    }
  return rows;
}
