import { join } from 'node:path';
import { createClient } from '@libsql/client';

/** Thrown when the data folder is already served by another process. */
export class FolderInUse extends Error {
  override readonly name = 'FolderInUse';
  constructor(readonly folder: string) {
    super(`Another Arcus is already running on ${folder}. Stop it first, or set ARCUS_DATA to another folder.`);
  }
}

export interface FolderLock {
  release(): void;
}

/**
 * Holds a data folder for this process. The lock is an exclusive transaction on a small database of its own, so the operating system
 * lets go of it however the process ends.
 */
export async function lockFolder(folder: string): Promise<FolderLock> {
  const client = createClient({ url: `file:${join(folder, 'arcus.lock')}` });
  try {
    const held = await client.transaction('write');
    await held.execute('CREATE TABLE IF NOT EXISTS held (pid INTEGER)');
    return {
      release: () => {
        held.close();
        client.close();
      },
    };
  } catch (error) {
    client.close();
    if (/SQLITE_BUSY|locked/i.test(String(error))) throw new FolderInUse(folder);
    throw error;
  }
}
