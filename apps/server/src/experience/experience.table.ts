import { index, real, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import { cloths, elastics } from '../cupboard/cupboard.table.ts';
import { kept } from '../database/kept.ts';

/** Strips that were tried; lengths mm. */
export const swatches = sqliteTable(
  'swatches',
  {
    ...kept(),
    kind: text('kind', { enum: ['gather', 'shirring', 'stretch', 'shrinkage', 'elastic', 'crinkle'] }).notNull(),
    clothId: text('cloth_id').references(() => cloths.id),
    elasticId: text('elastic_id').references(() => elastics.id),
    way: text('way', { enum: ['along', 'across'] })
      .notNull()
      .default('across'),
    before: real('before').notNull(),
    after: real('after').notNull(),
    steamed: real('steamed'),
    takenOn: text('taken_on').notNull(),
    note: text('note').notNull().default(''),
  },
  (table) => [index('swatches_cloth').on(table.clothId)],
);

/** Figures for which the defaults are wanted whatever was learnt. */
export const declined = sqliteTable('declined', { id: text('id').primaryKey() });
