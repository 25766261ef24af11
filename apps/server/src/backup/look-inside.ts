import { stat } from 'node:fs/promises';
import type { Inside } from '@arcus/contract';
import { createClient } from '@libsql/client';
import { DATA_VERSION, dataVersionOf } from '../database/migrations.ts';

const TABLES = ['people', 'measurements', 'cloths', 'elastics', 'makes', 'logs'] as const;
const NOTHING = { people: 0, measurements: 0, cloths: 0, elastics: 0, makes: 0, logs: 0 };

/** Reads a copy without changing it. */
export async function lookInside(path: string): Promise<Inside> {
  const bytes = await stat(path).then(
    ({ size }) => size,
    () => 0,
  );
  const no = (fault: string, dataVersion = 0): Inside => ({ fault, dataVersion, bytes, rows: NOTHING, changedAt: null });
  if (bytes === 0) return no('The file is empty or not there.');
  const client = createClient({ url: `file:${path}` });
  try {
    const check = (await client.execute('PRAGMA integrity_check(1)')).rows[0]?.[0];
    if (check !== 'ok') return no(`The copy is damaged: ${String(check)}.`);
    const dataVersion = await dataVersionOf(client);
    if (dataVersion === 0) return no('This is a database, but none of Arcus.');
    if (dataVersion > DATA_VERSION)
      return no(`The copy was made by a newer Arcus (data version ${dataVersion}; this one knows up to ${DATA_VERSION}).`, dataVersion);
    const rows = { ...NOTHING };
    for (const table of TABLES) rows[table] = Number((await client.execute(`SELECT count(*) AS n FROM ${table}`)).rows[0]!['n']);
    const latest = await client.execute(
      TABLES.filter((each) => !['measurements', 'logs'].includes(each))
        .map((each) => `SELECT max(updated_at) AS at FROM ${each}`)
        .join(' UNION ALL '),
    );
    const dates = latest.rows.map((row) => row['at']).filter((at) => typeof at === 'string');
    return { dataVersion, bytes, rows, changedAt: dates.sort().pop() ?? null };
  } catch (error) {
    return no(`This is no copy of Arcus's data (${error instanceof Error ? error.message : String(error)}).`);
  } finally {
    client.close();
  }
}
