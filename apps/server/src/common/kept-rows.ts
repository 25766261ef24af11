import { randomUUID } from 'node:crypto';
import { BadInput } from '@arcus/core';
import { and, eq, sql, type SQL } from 'drizzle-orm';
import type { LibSQLDatabase } from 'drizzle-orm/libsql';
import type { SQLiteColumn, SQLiteTable } from 'drizzle-orm/sqlite-core';
import { NoSuch, StaleSave } from './problems.ts';

type KeptTable = SQLiteTable & { id: SQLiteColumn; version: SQLiteColumn; archivedAt: SQLiteColumn };

/** The columns a new row starts with; `id` where whoever makes it has chosen one. */
export function newRow(id: string = randomUUID()) {
  const now = new Date().toISOString();
  return { id: id.toLowerCase(), version: 1, createdAt: now, updatedAt: now };
}

/** Makes a row, or finds the one that was made when the same was sent before: an answer that got lost can be asked for again. */
export async function insertOnce<R>(orm: LibSQLDatabase, table: KeptTable, row: { id: string } & Record<string, unknown>): Promise<R> {
  const made = (await orm.insert(table).values(row).onConflictDoNothing().returning()) as R[];
  return made[0] ?? findKept<R>(orm, table, 'row', row.id);
}

/** The fields of a patch that were really sent. Throws BadInput on null where nothing may be taken away. */
export function sentFields<T extends object>(patch: T, nullable: ReadonlyArray<keyof T> = []): Partial<T> {
  const sent: Partial<T> = {};
  for (const [key, value] of Object.entries(patch) as Array<[keyof T & string, T[keyof T]]>) {
    if (value === undefined || key === 'version') continue;
    if (value === null && !nullable.includes(key)) throw new BadInput(key, "can't be null; leave it out to keep it as it is");
    sent[key] = value as T[keyof T & string];
  }
  return sent;
}

/** One row by id. Throws NoSuch. */
export async function findKept<R>(orm: LibSQLDatabase, table: KeptTable, what: string, id: string): Promise<R> {
  const rows = (await orm.select().from(table).where(eq(table.id, id))) as R[];
  if (!rows[0]) throw new NoSuch(what, id);
  return rows[0];
}

/**
 * Saves over exactly the version the writer has seen, in one statement. Throws NoSuch, or StaleSave with the stored row in the shape
 * `view` gives it.
 */
export async function saveKept<R extends { version: number }>(
  orm: LibSQLDatabase,
  table: KeptTable,
  what: string,
  { id, version, set, view = (row) => row }: { id: string; version: number; set: Record<string, unknown>; view?: (row: R) => { version: number } },
): Promise<R> {
  const raised: Record<string, unknown | SQL> = { ...set, version: sql`${table.version} + 1`, updatedAt: new Date().toISOString() };
  const rows = (await orm
    .update(table)
    .set(raised)
    .where(and(eq(table.id, id), eq(table.version, version)))
    .returning()) as R[];
  if (rows[0]) return rows[0];
  throw new StaleSave(view(await findKept<R>(orm, table, what, id)));
}

/** Puts a row away or takes it out again; neither loses anything. Throws NoSuch. */
export async function archiveKept(orm: LibSQLDatabase, table: KeptTable, what: string, id: string, away: boolean): Promise<void> {
  const archivedAt = away ? new Date().toISOString() : null;
  const rows = await orm
    .update(table)
    .set({ archivedAt, version: sql`${table.version} + 1` } as Record<string, unknown>)
    .where(eq(table.id, id))
    .returning();
  if (rows.length === 0) throw new NoSuch(what, id);
}
