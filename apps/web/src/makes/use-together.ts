import { useMemo } from 'react';
import type { ClothView } from '@arcus/contract';
import { BadInput, layKey, offBolt, togetherRequest, type Lay, type LayRequest, type MakeNeeds, type Sharer } from '@arcus/core';
import { useStudy } from '../workers/use-study.ts';
import type { Needs } from './needs-of.ts';

/** Lays of several makes on one cloth, by what was laid: the search does a fixed amount of work, so all pages are shown the same. */
const known = new Map<string, Lay>();

/** Makes of one cloth on one table: what is asked for, and how they lie once it is known. */
export interface Together {
  cloth: ClothView;
  sharers: Sharer[];
  lay?: Lay;
  /** What comes off the bolt for all of them, mm: as they lie together, or one behind the other where that is less. Not known yet: none. */
  takes?: number;
  /** What it would be each by itself, mm. */
  alone: number;
}

/** The cloths that several makes share, with those makes laid together; `shared` tells which of a cloth's makes are. */
export function useTogether(
  needs: readonly Needs[],
  cloths: readonly ClothView[],
  shared: (of: Needs['cloths'][number]) => boolean,
): Map<string, Together> {
  const groups = useMemo(() => cloths.flatMap((cloth) => groupOf(needs, cloth, shared)), [needs, cloths, shared]);
  const missing = groups.filter(({ key }) => !known.has(key));
  useStudy(missing.length === 0 ? undefined : missing.map(({ key }) => key).join(), async (worker) => {
    const lays = await worker.together(missing.map(({ request }) => request));
    missing.forEach(({ key }, i) => known.set(key, lays[i]!));
    return lays;
  });
  return useMemo(
    () =>
      new Map(
        groups.map(({ cloth, sharers, key, reserve, alone }) => {
          const lay = known.get(key);
          const takes = lay && Math.min(alone, offBolt(lay.length + reserve, cloth));
          return [cloth.id, { cloth, sharers, alone, ...(lay ? { lay, takes } : {}) }];
        }),
      ),
    // what was missing is known once the study has found it
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [groups, missing.length],
  );
}

/** As the core's list of what is missing takes it. */
export const takenTogether = (together: ReadonlyMap<string, Together>) =>
  new Map([...together].flatMap(([id, { takes }]) => (takes === undefined ? [] : [[id, takes] as const])));

/** Whether a make takes its cloth together with others. */
export const cutTogether = (of: MakeNeeds['cloths'][number]): boolean => of.together === true;

function groupOf(needs: readonly Needs[], cloth: ClothView, shared: (of: Needs['cloths'][number]) => boolean) {
  const parts = needs.flatMap((each) => each.cloths.filter((of) => of.clothId === cloth.id && shared(of)).map((of) => ({ of: each, ...of })));
  if (new Set(parts.map(({ of }) => of.id)).size < 2) return [];
  const sharers = parts.map(({ of, role }): Sharer => ({ id: of.id, name: of.name, plan: of.plan, role }));
  const request = tried(sharers);
  if (!request) return [];
  const reserve = Math.max(...parts.map(({ of }) => Number(of.make.choices['reserve'] ?? 0)));
  return [{ cloth, sharers, request, key: layKey(request), reserve, alone: parts.reduce((sum, { takes }) => sum + takes, 0) }];
}

function tried(sharers: readonly Sharer[]): LayRequest | undefined {
  try {
    return togetherRequest(sharers);
  } catch (error) {
    if (error instanceof BadInput) return undefined;
    throw error;
  }
}
