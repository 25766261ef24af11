import { index, integer, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import type { LaidPiece, MakeSummary, Station } from '@arcus/contract';
import { cloths, elastics } from '../cupboard/cupboard.table.ts';
import { kept } from '../database/kept.ts';
import { people } from '../people/people.table.ts';

export const makes = sqliteTable(
  'makes',
  {
    ...kept(),
    name: text('name').notNull(),
    construction: text('construction').notNull(),
    personId: text('person_id')
      .notNull()
      .references(() => people.id),
    clothId: text('cloth_id').references(() => cloths.id),
    elasticId: text('elastic_id').references(() => elastics.id),
    choices: text('choices', { mode: 'json' }).$type<Record<string, number | string | boolean>>().notNull(),
    dueOn: text('due_on'),
    /** The main cloth as laid by hand; null: Arcus lays it. */
    lay: text('lay', { mode: 'json' }).$type<LaidPiece[] | null>(),
    station: text('station').$type<Station>().notNull().default('measure'),
    done: text('done', { mode: 'json' }).$type<string[]>().notNull(),
    /** The docket as the server last worked it out. */
    summary: text('summary', { mode: 'json' }).$type<MakeSummary>().notNull(),
  },
  (table) => [index('makes_person').on(table.personId)],
);

/** What came out, beside what was planned; figures by quantity id (mm, ratio, count, minutes). */
export const logs = sqliteTable(
  'logs',
  {
    id: integer('id').primaryKey({ autoIncrement: true }),
    makeId: text('make_id')
      .notNull()
      .references(() => makes.id),
    finishedOn: text('finished_on').notNull(),
    verdict: text('verdict', { enum: ['love', 'wear', 'mend', 'pass-on'] }).notNull(),
    actuals: text('actuals', { mode: 'json' }).$type<Record<string, number>>().notNull(),
    planned: text('planned', { mode: 'json' }).$type<Record<string, number>>().notNull(),
    note: text('note').notNull().default(''),
    nextTime: text('next_time').notNull().default(''),
  },
  (table) => [index('logs_make').on(table.makeId)],
);
