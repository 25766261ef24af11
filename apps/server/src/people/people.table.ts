import { index, integer, real, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import { kept } from '../database/kept.ts';

export const people = sqliteTable('people', {
  ...kept(),
  name: text('name').notNull(),
  note: text('note').notNull().default(''),
  child: integer('child', { mode: 'boolean' }).notNull().default(false),
});

/** The ledger: one line a measurement, never changed afterwards but for being struck out. Value mm, date ISO 8601. */
export const measurements = sqliteTable(
  'measurements',
  {
    id: integer('id').primaryKey({ autoIncrement: true }),
    personId: text('person_id')
      .notNull()
      .references(() => people.id),
    measure: text('measure').notNull(),
    value: real('value').notNull(),
    takenOn: text('taken_on').notNull(),
    note: text('note').notNull().default(''),
    /** When it was struck out as a slip: it stays as history and no longer counts. */
    struckAt: text('struck_at'),
    /** Names the lot it was sent with. */
    key: text('key'),
  },
  (table) => [index('measurements_person').on(table.personId), index('measurements_key').on(table.key)],
);
