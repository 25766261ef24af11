import { readFile } from 'node:fs/promises';
import { mkdir } from 'node:fs/promises';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import type { Client } from '@libsql/client';
import type { LibSQLDatabase } from 'drizzle-orm/libsql';
import { migrate } from 'drizzle-orm/libsql/migrator';

const MIGRATIONS = fileURLToPath(new URL('../../drizzle', import.meta.url));

/** Brings the tables up to date, in one transaction; a dated copy of the file is kept before anything changes. */
export async function migrateWithCopy(orm: LibSQLDatabase, client: Client, folder: string, isNew: boolean): Promise<void> {
  const journal = JSON.parse(await readFile(join(MIGRATIONS, 'meta', '_journal.json'), 'utf8')) as { entries: unknown[] };
  const applied = await appliedCount(client);
  if (applied >= journal.entries.length) return;
  if (!isNew) {
    const copies = join(folder, 'copies');
    await mkdir(copies, { recursive: true });
    const stamp = new Date().toISOString().replace(/[:.]/g, '-');
    await client.execute({ sql: 'VACUUM INTO ?', args: [join(copies, `arcus-${stamp}.db`)] });
  }
  await migrate(orm, { migrationsFolder: MIGRATIONS });
}

async function appliedCount(client: Client): Promise<number> {
  const table = await client.execute("SELECT 1 FROM sqlite_master WHERE name = '__drizzle_migrations'");
  if (table.rows.length === 0) return 0;
  const count = await client.execute('SELECT count(*) AS n FROM __drizzle_migrations');
  return Number(count.rows[0]!['n']);
}
