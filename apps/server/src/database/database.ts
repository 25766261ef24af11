import { Mutex } from 'async-mutex';
import { chmod, mkdir, readdir, stat, statfs, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { createClient, type Client } from '@libsql/client';
import { drizzle, type LibSQLDatabase } from 'drizzle-orm/libsql';
import { takeCopy, type CopyReason } from './copies.ts';
import { lockFolder, type FolderLock } from './folder-lock.ts';
import { migrateWithCopy } from './migrations.ts';
import { replaceRows } from './replace-rows.ts';
import { damaged, startupProblem } from './startup-problem.ts';

export const DATABASE_FILE = 'arcus.db';
/** Stands in a folder once it has had a database, so that one that is gone is not taken for one that never was. */
const MARK = 'arcus-folder.txt';
/** Less free space than this and nothing more is written, bytes. */
const LEAST_SPACE = 4_000_000;

/**
 * The open database of one data folder. libSQL fails two interleaved transactions of one process with SQLITE_BUSY, so every write
 * goes through one queue (`write`); reads need none.
 */
export class Database {
  private readonly queue = new Mutex();
  private readonly listeners: Array<() => void> = [];

  private constructor(
    readonly folder: string,
    readonly orm: LibSQLDatabase,
    private readonly client: Client,
    private readonly lock: FolderLock,
  ) {}

  /** Opens (and where need be makes and migrates) the database in `folder`. Throws StartupProblem with what is wrong and what to do. */
  static async open(folder: string): Promise<Database> {
    let lock: FolderLock | undefined;
    let client: Client | undefined;
    try {
      await mkdir(folder, { recursive: true, mode: 0o700 });
      await chmod(folder, 0o700);
      lock = await lockFolder(folder);
      const file = join(folder, DATABASE_FILE);
      const isNew = await looksNew(folder, file);
      client = createClient({ url: `file:${file}` });
      const orm = drizzle(client);
      await client.execute('PRAGMA journal_mode = WAL');
      await client.execute('PRAGMA busy_timeout = 5000');
      const check = (await client.execute('PRAGMA quick_check(1)')).rows[0]?.[0];
      if (check !== 'ok') throw damaged(folder, `is damaged (${String(check)})`);
      await migrateWithCopy(orm, client, folder, isNew);
      // the migrator switches them off while it works
      await client.execute('PRAGMA foreign_keys = ON');
      // an acknowledged write is on the disk
      await client.execute('PRAGMA synchronous = FULL');
      await writeFile(
        join(folder, MARK),
        'The data of Arcus: arcus.db, and copies of it in copies/. Back it up with "npm run backup"; copying the file alone loses what is not yet in it.\n',
      );
      for (const name of await readdir(folder)) if (/^arcus[.-]/.test(name)) await chmod(join(folder, name), 0o600);
      return new Database(folder, orm, client, lock);
    } catch (error) {
      client?.close();
      lock?.release();
      throw startupProblem(error, folder);
    }
  }

  /** Runs one write after the other. */
  write<T>(work: (orm: LibSQLDatabase) => Promise<T>): Promise<T> {
    return this.queue.runExclusive(() => work(this.orm));
  }

  /** A whole copy of what is kept now, in the folder's copies. Returns its path. */
  copy(reason: CopyReason): Promise<string> {
    return this.queue.runExclusive(() => takeCopy(this.client, this.folder, reason));
  }

  /** Puts the rows of another database of the same data version in place of all that is here, in one transaction: whole or not at all. */
  async replaceWith(file: string): Promise<void> {
    await this.queue.runExclusive(() => replaceRows(this.client, file));
    for (const tell of this.listeners) tell();
  }

  /** Hears when everything was replaced: what is remembered of the old rows is wrong from then on. */
  onReplaced(listener: () => void): void {
    this.listeners.push(listener);
  }

  /** Why nothing can be kept just now, in words; undefined where all is well. Writes a line to find out. */
  async fault(): Promise<string | undefined> {
    try {
      const { bavail, bsize } = await statfs(this.folder);
      if (bavail * bsize < LEAST_SPACE) return 'The disk is full: free some space. What was saved before is safe.';
      await this.write(() => this.client.execute('CREATE TABLE IF NOT EXISTS probe (id INTEGER PRIMARY KEY, at TEXT)'));
      await this.write(() => this.client.execute({ sql: 'INSERT OR REPLACE INTO probe VALUES (1, ?)', args: [new Date().toISOString()] }));
      return undefined;
    } catch (error) {
      return `Nothing can be written to the database (${error instanceof Error ? error.message : String(error)}).`;
    }
  }

  /** Waits for writes under way, then closes. */
  async close(): Promise<void> {
    await this.queue.acquire();
    await this.client.execute('PRAGMA wal_checkpoint(TRUNCATE)').catch(() => undefined);
    this.client.close();
    this.lock.release();
  }
}

/** Whether no database has ever been here. Throws StartupProblem where there was one and it is gone or empty. */
async function looksNew(folder: string, file: string): Promise<boolean> {
  const sizeOf = (path: string) =>
    stat(path).then(
      ({ size }) => size,
      () => undefined,
    );
  const [size, mark, log] = await Promise.all([sizeOf(file), sizeOf(join(folder, MARK)), sizeOf(`${file}-wal`)]);
  if (size !== undefined && size > 0) return false;
  if (mark !== undefined) throw damaged(folder, size === undefined ? 'is gone' : 'is empty (0 bytes)');
  if (size === 0 && log) return false;
  return true;
}
