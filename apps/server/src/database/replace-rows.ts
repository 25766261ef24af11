import type { Client } from '@libsql/client';

/** Tables that say of the file what it is, and not what the person keeps. */
const OWN = new Set(['__drizzle_migrations', 'probe']);

/** Puts all rows of another database of the same data version in place of those here, in one transaction. */
export async function replaceRows(client: Client, file: string): Promise<void> {
  await client.execute({ sql: 'ATTACH DATABASE ? AS other', args: [file] });
  try {
    const found = await client.execute("SELECT name FROM other.sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite\\_%' ESCAPE '\\'");
    const tables = found.rows.map((row) => String(row['name'])).filter((name) => !OWN.has(name));
    const columns = new Map<string, string>();
    for (const name of tables) {
      const rows = (await client.execute(`SELECT name FROM pragma_table_info('${name}')`)).rows;
      columns.set(name, rows.map((row) => `"${String(row['name'])}"`).join(', '));
    }
    await client.batch(
      [
        'PRAGMA defer_foreign_keys = ON',
        ...tables.map((name) => `DELETE FROM main."${name}"`),
        ...tables.map((name) => `INSERT INTO main."${name}" (${columns.get(name)}) SELECT ${columns.get(name)} FROM other."${name}"`),
        'DELETE FROM main.sqlite_sequence',
        'INSERT INTO main.sqlite_sequence SELECT * FROM other.sqlite_sequence',
      ],
      'write',
    );
  } finally {
    await client.execute('DETACH DATABASE other');
  }
}
