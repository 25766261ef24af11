import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import type { Client } from '@libsql/client';
import type { LibSQLDatabase } from 'drizzle-orm/libsql';
import { migrate } from 'drizzle-orm/libsql/migrator';
import { takeCopy } from './copies.ts';
import { FutureDatabase } from './startup-problem.ts';

const MIGRATIONS = fileURLToPath(new URL('../../drizzle', import.meta.url));

/** Data versions count the migrations a database has been through. */
export const DATA_VERSION = (JSON.parse(readFileSync(join(MIGRATIONS, 'meta', '_journal.json'), 'utf8')) as { entries: unknown[] }).entries.length;

export async function dataVersionOf(client: Client): Promise<number> {
  const table = await client.execute("SELECT 1 FROM sqlite_master WHERE name = '__drizzle_migrations'");
  if (table.rows.length === 0) return 0;
  const count = await client.execute('SELECT count(*) AS n FROM __drizzle_migrations');
  return Number(count.rows[0]!['n']);
}

/** Brings the tables up to date, in one transaction; a dated copy is kept in `folder` before anything changes. Throws FutureDatabase. */
export async function migrateWithCopy(orm: LibSQLDatabase, client: Client, folder: string, isNew: boolean): Promise<void> {
  const version = await dataVersionOf(client);
  if (version > DATA_VERSION) throw new FutureDatabase(folder, version, DATA_VERSION);
  if (version === DATA_VERSION) return;
  if (!isNew) await takeCopy(client, folder, 'before-migration');
  await migrate(orm, { migrationsFolder: MIGRATIONS });
}

/** The same for a file that is no data folder's own: nothing is copied. */
export const migrateFile = (orm: LibSQLDatabase) => migrate(orm, { migrationsFolder: MIGRATIONS });
