import { integer, text } from 'drizzle-orm/sqlite-core';

/** Columns of everything a person keeps: an id, a version that every save raises, and a date when it was put away. */
export const kept = () => ({
  id: text('id').primaryKey(),
  version: integer('version').notNull().default(1),
  archivedAt: text('archived_at'),
  createdAt: text('created_at').notNull(),
  updatedAt: text('updated_at').notNull(),
});
