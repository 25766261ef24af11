import { createReadStream } from 'node:fs';
import { copyFile, mkdir, rename, rm, stat } from 'node:fs/promises';
import { join, resolve } from 'node:path';
import { Readable } from 'node:stream';
import type { Inside } from '@arcus/contract';
import { createClient } from '@libsql/client';
import { copiesIn } from '../database/copies.ts';
import { Database, DATABASE_FILE } from '../database/database.ts';
import { FolderInUse, lockFolder } from '../database/folder-lock.ts';
import { lookInside } from './look-inside.ts';
import { runningServer } from './running-server.ts';

/** npm run backup [FILE] and npm run restore FILE: on the data folder of ARCUS_DATA, whether it is being served or not. */
const [what, file] = process.argv.slice(2);
const folder = resolve(process.env['ARCUS_DATA'] || './data');
const stamp = () => new Date().toISOString().replace(/[:.]/g, '-');

class Refused extends Error {}

const told = ({ rows: { people, measurements, cloths, elastics, makes, logs }, changedAt }: Inside) =>
  `${people} people with ${measurements} measures, ${cloths} cloths, ${elastics} elastics, ${makes} makes, ${logs} log entries` +
  (changedAt ? `; last changed ${changedAt}` : '');

async function backup(to: string): Promise<void> {
  if (
    await stat(join(folder, DATABASE_FILE)).then(
      () => false,
      () => true,
    )
  )
    throw new Refused(`There is no database in ${folder}. Set ARCUS_DATA to the folder that has it.`);
  if (
    await stat(to).then(
      () => true,
      () => false,
    )
  )
    throw new Refused(`${to} is there already. Name another file.`);
  const client = createClient({ url: `file:${join(folder, DATABASE_FILE)}` });
  await client.execute('PRAGMA busy_timeout = 10000');
  await client.execute({ sql: 'VACUUM INTO ?', args: [to] });
  client.close();
  const inside = await lookInside(to);
  if (inside.fault) throw new Refused(`The copy did not come out whole: ${inside.fault}`);
  console.log(`Kept in ${to}: ${told(inside)}.`);
}

async function restore(from: string): Promise<void> {
  const inside = await lookInside(from);
  if (inside.fault) throw new Refused(`${from} can't be put back: ${inside.fault}`);
  console.log(`In ${from}: ${told(inside)}.`);
  const before = await restoreAlone(from).catch((error: unknown) => {
    if (error instanceof FolderInUse) return restoreThroughServer(from);
    throw error;
  });
  console.log(before === undefined ? 'Put back.' : `Put back. What was there before is in ${before}.`);
}

/** Nobody serves the folder: the file itself is put in place, and what was there is moved to the copies. */
async function restoreAlone(from: string): Promise<string | undefined> {
  await mkdir(copiesIn(folder), { recursive: true, mode: 0o700 });
  const lock = await lockFolder(folder);
  try {
    const [file, aside] = [join(folder, DATABASE_FILE), join(copiesIn(folder), `arcus-${stamp()}-before-restore.db`)];
    const fresh = join(folder, `.restoring.db`);
    await rm(fresh, { force: true });
    await copyFile(from, fresh);
    const there = await stat(file).then(
      ({ size }) => size > 0,
      () => false,
    );
    if (there) {
      for (const end of ['', '-wal', '-shm']) await rename(file + end, aside + end).catch(() => undefined);
    }
    await rename(fresh, file);
    for (const end of ['-wal', '-shm']) await rm(file + end, { force: true });
    return there ? aside : undefined;
  } finally {
    lock.release();
  }
}

async function restoreThroughServer(from: string): Promise<string> {
  const server = runningServer(folder);
  if (!server) throw new Refused(`An Arcus is running on ${folder}, but does not say where. Stop it and try again.`);
  const send = async (path: string, init: object): Promise<Record<string, string>> => {
    const answer = await fetch(`${server.url}/api/backups/${path}`, { method: 'POST', ...init });
    const body = (await answer.json()) as Record<string, string>;
    if (!answer.ok) throw new Refused(String(body['message'] ?? answer.status));
    return body;
  };
  const headers = { 'x-arcus-token': server.token };
  const { token } = await send('look', {
    headers: { ...headers, 'content-type': 'application/octet-stream' },
    body: Readable.toWeb(createReadStream(from)),
    duplex: 'half',
  });
  const { before } = await send('restore', { headers: { ...headers, 'content-type': 'application/json' }, body: JSON.stringify({ token }) });
  return join(copiesIn(folder), before!);
}

try {
  if (what === 'backup') await backup(resolve(file ?? `arcus-${stamp()}.db`));
  else if (what === 'restore' && file) await restore(resolve(file));
  else throw new Refused('Say which file to put back: npm run restore FILE');
  // opening it once brings an older copy up to date and shows that it can be served
  if (what === 'restore' && !runningServer(folder)) await (await Database.open(folder)).close();
} catch (error) {
  console.error(error instanceof Error ? error.message : String(error));
  process.exit(1);
}
