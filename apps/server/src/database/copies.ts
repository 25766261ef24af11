import { mkdir, readdir, rm, stat } from 'node:fs/promises';
import { join } from 'node:path';
import type { Copy } from '@arcus/contract';
import type { Client } from '@libsql/client';

/** Why a copy was taken; of each kind so many are kept, the newest. */
export const KEPT_COPIES: Record<Copy['reason'], number> = { daily: 14, 'before-migration': 3, 'before-restore': 5, asked: 10 };
export type CopyReason = Copy['reason'];

const NAME = /^arcus-(\d{4}-\d\d-\d\d)T(\d\d)-(\d\d)-(\d\d)-(\d{3})Z-([a-z-]+)\.db$/;

export const copiesIn = (folder: string) => join(folder, 'copies');

/** A whole and consistent copy of the open database, also while it is written to; the oldest of its kind go. Returns its path. */
export async function takeCopy(client: Client, folder: string, reason: CopyReason): Promise<string> {
  await mkdir(copiesIn(folder), { recursive: true, mode: 0o700 });
  const path = join(copiesIn(folder), `arcus-${new Date().toISOString().replace(/[:.]/g, '-')}-${reason}.db`);
  await client.execute({ sql: 'VACUUM INTO ?', args: [path] });
  const kept = (await listCopies(folder)).filter((copy) => copy.reason === reason);
  for (const { name } of kept.slice(KEPT_COPIES[reason])) await rm(join(copiesIn(folder), name));
  return path;
}

/** The copies of a folder, the newest first. */
export async function listCopies(folder: string): Promise<Copy[]> {
  const names = await readdir(copiesIn(folder)).catch(() => []);
  const found = names.flatMap((name) => {
    const [, day, hours, minutes, seconds, ms, reason] = NAME.exec(name) ?? [];
    return reason && reason in KEPT_COPIES ? [{ name, reason: reason as CopyReason, takenAt: `${day}T${hours}:${minutes}:${seconds}.${ms}Z` }] : [];
  });
  const sized = await Promise.all(
    found.map((copy) =>
      stat(join(copiesIn(folder), copy.name)).then(
        ({ size }) => [{ ...copy, bytes: size }],
        // the oldest of a kind go while others look
        () => [],
      ),
    ),
  );
  return sized.flat().sort((a, b) => b.takenAt.localeCompare(a.takenAt));
}
