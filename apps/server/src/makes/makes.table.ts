import { index, integer, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import type { LaidPiece, MakeBasis, MakeSummary, Station } from '@arcus/contract';
import type { WorkTimes } from '@arcus/core';
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
    /** Cloths for parts of it by what they are for; ids of cloths. */
    otherCloths: text('other_cloths', { mode: 'json' }).$type<Record<string, string>>().notNull().default({}),
    choices: text('choices', { mode: 'json' }).$type<Record<string, number | string | boolean>>().notNull(),
    dueOn: text('due_on'),
    /** The main cloth as laid by hand; null: Arcus lays it. */
    lay: text('lay', { mode: 'json' }).$type<LaidPiece[] | null>(),
    station: text('station').$type<Station>().notNull().default('measure'),
    done: text('done', { mode: 'json' }).$type<string[]>().notNull(),
    /** The figures ticked marks had when they were ticked, mm. */
    chalked: text('chalked', { mode: 'json' }).$type<Record<string, number[]>>().notNull().default({}),
    /** Clocks, rows and waits by id; see MakeUpdate. */
    tally: text('tally', { mode: 'json' }).$type<Record<string, number[]>>().notNull().default({}),
    /** The body, cloth and elastic it was last looked at with. */
    basis: text('basis', { mode: 'json' }).$type<MakeBasis>(),
    /** The docket as last worked out: shown only until it is worked out again, which it is whenever what it hangs on has changed. */
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
    /** How long each kind of work took by the clocks; none in entries from before they were kept. */
    times: text('times', { mode: 'json' }).$type<WorkTimes>(),
    note: text('note').notNull().default(''),
    nextTime: text('next_time').notNull().default(''),
    /** When it was taken out again; it stays, and can be put back. */
    struckAt: text('struck_at'),
    /** Names the entry, where whoever sent it did. */
    key: text('key'),
  },
  (table) => [index('logs_make').on(table.makeId), index('logs_key').on(table.key)],
);
