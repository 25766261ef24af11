import { Injectable } from '@nestjs/common';
import type { Lay } from '@arcus/core';
import { asc, inArray } from 'drizzle-orm';
import { Database } from '../database/database.ts';
import { lays } from './lays.table.ts';

export interface StoredLay extends Lay {
  settled: boolean;
}

/** Lays kept at most; the oldest go first. A lay is found again when it is wanted again. */
const MOST = 2000;

/** The lays found for makes, by what was laid: the one lay that is shown, bought for, summarised and logged. Held in memory, kept on disk. */
@Injectable()
export class LayStore {
  private known: Promise<Map<string, StoredLay>> | undefined;

  constructor(private readonly database: Database) {
    database.onReplaced(() => (this.known = undefined));
  }

  /** Those of the keys that are known. */
  async of(keys: readonly string[]): Promise<Map<string, StoredLay>> {
    const known = await this.all();
    return new Map(keys.flatMap((key) => (known.has(key) ? [[key, known.get(key)!] as const] : [])));
  }

  /** Keeps lays that are shorter than what is known, or settle it. Tells whether anything changed. */
  async keep(found: ReadonlyArray<{ key: string; lay: StoredLay }>): Promise<boolean> {
    const known = await this.all();
    const better = found.filter(({ key, lay }) => {
      const now = known.get(key);
      return !now || lay.length < now.length - 1e-6 || (lay.settled && !now.settled && lay.length < now.length + 1e-6);
    });
    if (better.length === 0) return false;
    const foundAt = new Date().toISOString();
    const past = [...known.keys()].slice(0, Math.max(0, known.size + better.length - MOST));
    await this.database.write(async (orm) => {
      for (const { key, lay } of better) {
        const { length, utilisation, placements, settled } = lay;
        const row = { length, utilisation, placements, settled, foundAt };
        await orm
          .insert(lays)
          .values({ key, ...row })
          .onConflictDoUpdate({ target: lays.key, set: row });
      }
      if (past.length > 0) await orm.delete(lays).where(inArray(lays.key, past));
    });
    for (const key of past) known.delete(key);
    for (const { key, lay } of better) known.set(key, lay);
    return true;
  }

  private all(): Promise<Map<string, StoredLay>> {
    this.known ??= this.database.orm
      .select()
      .from(lays)
      .orderBy(asc(lays.foundAt))
      .then((rows) => new Map(rows.map(({ key, foundAt: _found, ...lay }) => [key, lay])));
    return this.known;
  }
}
