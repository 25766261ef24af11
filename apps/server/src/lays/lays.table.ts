import { integer, real, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import type { Placement } from '@arcus/core';

/** Lays worth keeping, by what was laid on what: the shortest found of each. Lengths mm. */
export const lays = sqliteTable('lays', {
  key: text('key').primaryKey(),
  length: real('length').notNull(),
  utilisation: real('utilisation').notNull(),
  placements: text('placements', { mode: 'json' }).$type<Placement[]>().notNull(),
  /** The search for it has ended. */
  settled: integer('settled', { mode: 'boolean' }).notNull(),
  foundAt: text('found_at').notNull(),
});
