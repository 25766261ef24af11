import { statSync } from 'node:fs';
import { createServer, type Server } from 'node:net';
import { join } from 'node:path';
import { createClient } from '@libsql/client';
import { StartupProblem } from './startup-problem.ts';

/** Thrown when the data folder is already served by another process. */
export class FolderInUse extends StartupProblem {
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
 * lets go of it however the process ends; beside it a name that no file stands for, so that deleting the file opens nothing.
 */
export async function lockFolder(folder: string): Promise<FolderLock> {
  const name = await holdName(folder);
  const client = createClient({ url: `file:${join(folder, 'arcus.lock')}` });
  const release = () => {
    client.close();
    name?.close();
  };
  try {
    const held = await client.transaction('write');
    await held.execute('CREATE TABLE IF NOT EXISTS held (pid INTEGER)');
    return {
      release: () => {
        held.close();
        release();
      },
    };
  } catch (error) {
    release();
    if (/SQLITE_BUSY|locked/i.test(String(error))) throw new FolderInUse(folder);
    throw error;
  }
}

/** A name for this very folder that only one process can hold. Linux alone has names apart from files; elsewhere the file must do. */
async function holdName(folder: string): Promise<Server | undefined> {
  if (process.platform !== 'linux') return undefined;
  const { dev, ino } = statSync(folder);
  const server = createServer();
  await new Promise<void>((held, failed) => {
    server.once('error', (error) => failed((error as { code?: string }).code === 'EADDRINUSE' ? new FolderInUse(folder) : error));
    server.listen(`\0arcus-${dev}-${ino}`, held);
  });
  server.unref();
  return server;
}
