import { blob, index, integer, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import { makes } from '../makes/makes.table.ts';

/** Photographs of what came out, as they are kept: upright, no larger than a screen shows, without where and when they were taken. JPEG. */
export const photos = sqliteTable(
  'photos',
  {
    id: text('id').primaryKey(),
    makeId: text('make_id')
      .notNull()
      .references(() => makes.id),
    width: integer('width').notNull(),
    height: integer('height').notNull(),
    image: blob('image', { mode: 'buffer' }).notNull(),
    thumb: blob('thumb', { mode: 'buffer' }).notNull(),
    createdAt: text('created_at').notNull(),
    /** When it was taken out; it stays, and can be put back. */
    struckAt: text('struck_at'),
  },
  (table) => [index('photos_make').on(table.makeId)],
);
