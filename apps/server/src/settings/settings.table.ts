import { sqliteTable, text } from 'drizzle-orm/sqlite-core';
import type { SettingsView } from '@arcus/contract';

/** How the household works, one row for each thing that was said: table, hours, box. */
export const settings = sqliteTable('settings', {
  name: text('name').$type<keyof SettingsView>().primaryKey(),
  value: text('value', { mode: 'json' }).$type<SettingsView[keyof SettingsView]>().notNull(),
});
