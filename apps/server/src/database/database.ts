import { Mutex } from 'async-mutex';
import { mkdir, stat } from 'node:fs/promises';
import { join } from 'node:path';
import { createClient, type Client } from '@libsql/client';
import { drizzle, type LibSQLDatabase } from 'drizzle-orm/libsql';
import { lockFolder, type FolderLock } from './folder-lock.ts';
import { migrateWithCopy } from './migrate-with-copy.ts';

export const DATABASE_FILE = 'arcus.db';

/**
 * The open database of one data folder. libSQL fails two interleaved transactions of one process with SQLITE_BUSY, so every write
 * goes through one queue (`write`); reads need none.
 */
export class Database {
  private readonly queue = new Mutex();

  private constructor(
    readonly orm: LibSQLDatabase,
    private readonly client: Client,
    private readonly lock: FolderLock,
  ) {}

  /** Opens (and where need be makes and migrates) the database in `folder`. Throws FolderInUse where another process has it. */
  static async open(folder: string): Promise<Database> {
    await mkdir(folder, { recursive: true });
    const lock = await lockFolder(folder);
    try {
      const file = join(folder, DATABASE_FILE);
      const isNew = await stat(file).then(
        () => false,
        () => true,
      );
      const client = createClient({ url: `file:${file}` });
      const orm = drizzle(client);
      await client.execute('PRAGMA journal_mode = WAL');
      await client.execute('PRAGMA busy_timeout = 5000');
      await migrateWithCopy(orm, client, folder, isNew);
      // the migrator switches them off while it works
      await client.execute('PRAGMA foreign_keys = ON');
      // an acknowledged write is on the disk
      await client.execute('PRAGMA synchronous = FULL');
      return new Database(orm, client, lock);
    } catch (error) {
      lock.release();
      throw error;
    }
  }

  /** Runs one write after the other. */
  write<T>(work: (orm: LibSQLDatabase) => Promise<T>): Promise<T> {
    return this.queue.runExclusive(() => work(this.orm));
  }

  /** Waits for writes under way, then closes. */
  async close(): Promise<void> {
    await this.queue.acquire();
    await this.client.execute('PRAGMA wal_checkpoint(TRUNCATE)').catch(() => undefined);
    this.client.close();
    this.lock.release();
  }
}
