// Longer than 250 lines: one story of copies, migrations and full disks, in the order they happen.
import { execFile } from 'node:child_process';
import { closeSync, copyFileSync, mkdirSync, mkdtempSync, openSync, readdirSync, rmSync, statSync, truncateSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { createClient } from '@libsql/client';
import { scenario } from '@arcus/demo';
import { afterAll, describe, expect, it } from 'vitest';
import { lookInside } from '../backup/look-inside.ts';
import { isEmpty, seedWhole } from '../seed.ts';
import { createApp } from '../create-app.ts';
import { PeopleService } from '../people/people.service.ts';
import { startOptions } from '../start-options.ts';
import { aMake } from '../testing/fixtures.ts';
import { TestServer } from '../testing/test-server.ts';
import { KEPT_COPIES, listCopies } from './copies.ts';
import { Database, DATABASE_FILE } from './database.ts';
import { FolderInUse } from './folder-lock.ts';
import { DATA_VERSION } from './migrations.ts';
import { FutureDatabase, startupProblem, StartupProblem } from './startup-problem.ts';

const root = mkdtempSync(join(tmpdir(), 'arcus-keeping-'));
afterAll(() => rmSync(root, { recursive: true, force: true }));
let made = 0;
const newFolder = () => join(root, `f${made++}`);

/** A folder that was used and closed. */
async function used(): Promise<string> {
  const folder = newFolder();
  await (await Database.open(folder)).close();
  return folder;
}

const problemOf = (folder: string): Promise<StartupProblem> =>
  Database.open(folder).then(
    () => Promise.reject(new Error('it opened')),
    (error: StartupProblem) => error,
  );

/** Runs the built server until it ends; what it said. */
function startAndFail(env: Record<string, string>): Promise<{ code: number; said: string }> {
  const main = fileURLToPath(new URL('../../dist/main.js', import.meta.url));
  return new Promise((done) => {
    execFile(process.execPath, [main], { env: { PATH: process.env['PATH'], ...env }, timeout: 20_000 }, (error, _out, said) =>
      done({ code: Number(error?.code ?? 0), said }),
    );
  });
}

describe('a data folder that can’t be opened says in one sentence what is wrong and what to do', () => {
  it.each<[string, (folder: string) => void, RegExp]>([
    [
      'damaged',
      (folder) => writeFileSync(join(folder, DATABASE_FILE), 'not a database at all, but long enough to look like one'.repeat(40)),
      /is damaged.*restore FILE.*copies/,
    ],
    ['emptied', (folder) => truncateSync(join(folder, DATABASE_FILE), 0), /is empty \(0 bytes\).*restore FILE/],
    ['gone', (folder) => rmSync(join(folder, DATABASE_FILE)), /is gone.*restore FILE/],
    [
      'cut off in the middle',
      (folder) => truncateSync(join(folder, DATABASE_FILE), Math.floor(statSync(join(folder, DATABASE_FILE)).size / 2)),
      /is damaged.*restore FILE/,
    ],
  ])('%s', async (_name, spoil, says) => {
    const folder = await used();
    spoil(folder);
    const problem = await problemOf(folder);
    expect(problem).toBeInstanceOf(StartupProblem);
    expect(problem.message).toMatch(says);
    expect(problem.message.split('\n')).toHaveLength(1);
  });

  it('one that is a file, or lies in one', async () => {
    const file = newFolder();
    writeFileSync(file, 'x');
    for (const folder of [file, join(file, 'below')]) expect((await problemOf(folder)).message).toMatch(/Name a folder, or set ARCUS_DATA/);
  });

  it.each([
    ['EACCES', /may not be read and written by this user/],
    ['EROFS', /can only be read/],
    ['ENOSPC', /full disk/],
    ['SQLITE_READONLY', /may not be opened and written by this user/],
    ['SQLITE_CANTOPEN', /may not be opened and written by this user/],
    ['SQLITE_FULL', /full disk/],
    ['SQLITE_NOTADB', /is damaged.*restore FILE/],
    ['EWHATEVER', /can't be opened.*restore FILE/],
  ])('what the disk refuses (%s) is put into words', (code, says) => {
    const { message } = startupProblem(Object.assign(new Error('no'), { code }), '/harbour/data');
    expect(message).toMatch(says);
    expect(message).toContain('/harbour/data');
    expect(message).toContain('ARCUS_DATA');
  });

  it('one of the future, naming both versions', async () => {
    const folder = await used();
    const client = createClient({ url: `file:${join(folder, DATABASE_FILE)}` });
    await client.execute("INSERT INTO __drizzle_migrations (hash, created_at) VALUES ('later', 9999999999999)");
    client.close();
    const problem = await problemOf(folder);
    expect(problem).toBeInstanceOf(FutureDatabase);
    expect(problem.message).toContain(`data version ${DATA_VERSION + 1}; this one knows up to ${DATA_VERSION}`);
  });

  it.each([
    [{ PORT: 'tea' }, 'PORT must be a whole number'],
    [{ PORT: '70000' }, 'PORT must be a whole number'],
    [{ PORT: '-1' }, 'PORT must be a whole number'],
    [{ ARCUS_DATA: '' }, 'ARCUS_DATA is empty'],
    [{ ARCUS_DATA: '/dev/null/x' }, 'Name a folder'],
    [{ HOST: '0.0.0.0' }, 'ARCUS_PASSPHRASE'],
    [{ HOST: '0.0.0.0', ARCUS_PASSPHRASE: 'short' }, 'at least 8 letters'],
    [{ HOST: '203.0.113.7', ARCUS_PASSPHRASE: 'long enough' }, 'no address of this machine'],
  ])('the server says so and ends: %j', async (env, says) => {
    const { code, said } = await startAndFail({ ARCUS_DATA: newFolder(), PORT: '0', ...env } as Record<string, string>);
    expect(code).toBe(1);
    expect(said).toContain(says);
    expect(said).not.toMatch(/\n\s+at /);
  });

  it('tells the true address', () => {
    expect(startOptions({}).addresses).toEqual(['http://127.0.0.1:4870']);
    expect(startOptions({ HOST: '192.0.2.5', PORT: '80' }).addresses).toEqual(['http://192.0.2.5:80']);
    expect(startOptions({ HOST: '::1' }).addresses).toEqual(['http://[::1]:4870']);
  });
});

describe('a data folder', () => {
  it('is held by one process, also when the file of its lock is deleted', async () => {
    const folder = newFolder();
    const first = await Database.open(folder);
    rmSync(join(folder, 'arcus.lock'));
    await expect(Database.open(folder)).rejects.toThrow(FolderInUse);
    await first.close();
    await (await Database.open(folder)).close();
  });

  it('is for its owner’s eyes only', async () => {
    const server = await TestServer.start();
    await aMake(server);
    expect(statSync(server.folder).mode & 0o777).toBe(0o700);
    for (const name of readdirSync(server.folder).filter((each) => /\.db|lock/.test(each)))
      expect(statSync(join(server.folder, name)).mode & 0o077, name).toBe(0);
    await server.stop();
  });

  it('keeps a stated number of copies and no more', async () => {
    const folder = newFolder();
    const database = await Database.open(folder);
    for (let i = 0; i < KEPT_COPIES['before-migration'] + 2; i++) {
      await database.copy('before-migration');
      await new Promise((later) => setTimeout(later, 3));
    }
    await database.copy('asked');
    const copies = await listCopies(folder);
    expect(copies.filter(({ reason }) => reason === 'before-migration')).toHaveLength(KEPT_COPIES['before-migration']);
    expect(copies.filter(({ reason }) => reason === 'asked')).toHaveLength(1);
    await database.close();
  });

  it('is copied once a day, and not while there is nothing in it', async () => {
    const folder = newFolder();
    const daily = async () => (await listCopies(folder)).filter(({ reason }) => reason === 'daily').length;
    const counts: number[] = [];
    for (let start = 0; start < 3; start++) {
      const app = await createApp({ data: folder, quiet: true });
      await new Promise((later) => setTimeout(later, 300));
      counts.push(await daily());
      if (start === 0) await app.get(PeopleService).create({ name: 'Alva' });
      await app.close();
    }
    expect(counts).toEqual([0, 1, 1]);
  });

  it('whose disk is full says so in words, loses nothing, and heals by itself', async () => {
    const server = await TestServer.start();
    const { person } = await aMake(server);
    const database = server.app.get(Database);
    const pages = Number((await database.orm.run('PRAGMA page_count')).rows[0]![0]);
    await database.orm.run(`PRAGMA max_page_count = ${pages}`);
    let refused: { status: number; body: { message: string[] } } | undefined;
    for (let i = 0; i < 300 && !refused; i++) {
      const answer = await server.post<{ message: string[] }>('/api/people', { name: `Singer ${i}`, note: 'x'.repeat(3900) });
      if (answer.status !== 201) refused = answer;
    }
    expect(refused!.status).toBe(507);
    expect(refused!.body.message.join()).toMatch(/disk is full.*safe/i);
    expect((await server.get(`/api/people/${person.id}`)).status).toBe(200);
    await new Promise((later) => setTimeout(later, 1100));
    await database.orm.run('PRAGMA max_page_count = 1073741823');
    expect((await server.post('/api/people', { name: 'Alva' })).status).toBe(201);
    await server.stop();
  });
});

describe('a copy', () => {
  it('of a running server put back gives the very same data: the export is the same to the byte', async () => {
    const server = await TestServer.start();
    expect(await isEmpty(server.app)).toBe(true);
    await seedWhole(server.app, scenario);
    const exported = async () => (await fetch(`${server.url}/api/export`)).text();
    const before = await exported();
    expect(before.length).toBeGreaterThan(4000);
    const taken = (await server.post<{ name: string; rows: { people: number } }>('/api/backups', {})).body;
    expect(taken.rows.people).toBe(scenario.people.length);
    await aMake(server);
    await server.post('/api/people', { name: 'Somebody else' });
    expect(await exported()).not.toBe(before);
    const put = await server.post<{ before: string }>('/api/backups/restore', { name: taken.name });
    expect(put.status).toBe(200);
    expect(await exported()).toBe(before);
    // what was there is not gone
    const inside = (await server.get<{ rows: { people: number } }>(`/api/backups/${put.body.before}/look`)).body;
    expect(inside.rows.people).toBe(scenario.people.length + 2);
    // and lists follow at once
    expect((await server.get<unknown[]>('/api/makes')).body).toHaveLength(scenario.makes.length);
    await server.stop();
  });

  it('that is sent is looked into first, and refused where it is no whole copy', async () => {
    const server = await TestServer.start();
    const send = async (bytes: Uint8Array) =>
      (
        await fetch(`${server.url}/api/backups/look`, {
          method: 'POST',
          headers: { 'content-type': 'application/octet-stream' },
          body: new Blob([bytes as BlobPart]),
        })
      ).json() as Promise<{ token: string; fault?: string }>;
    const { person } = await aMake(server);
    const { name } = (await server.post<{ name: string }>('/api/backups', {})).body;
    const copy = new Uint8Array(await (await fetch(`${server.url}/api/backups/${name}`)).arrayBuffer());
    const good = await send(copy);
    expect(good.fault).toBeUndefined();
    await server.patch(`/api/people/${person.id}`, { version: person.version, name: 'Renamed' });
    expect((await server.post('/api/backups/restore', { token: good.token })).status).toBe(200);
    expect((await server.get(`/api/people/${person.id}`)).body['name']).toBe(person.name);
    for (const bad of [copy.slice(0, copy.length / 2), new TextEncoder().encode('a shopping list'), new Uint8Array()]) {
      const { token, fault } = await send(bad);
      expect(fault).toBeTypeOf('string');
      expect((await server.post('/api/backups/restore', { token })).status).toBe(422);
      expect((await server.get(`/api/people/${person.id}`)).status).toBe(200);
    }
    expect((await server.post('/api/backups/restore', { name: '../arcus.db' })).status).toBe(404);
    await server.stop();
  });

  it('can be taken and put back from the command line, with the server running or not', async () => {
    const cli = fileURLToPath(new URL('../../dist/backup/cli.js', import.meta.url));
    const run = (folder: string, ...args: string[]) =>
      new Promise<{ code: number; said: string }>((done) => {
        execFile(process.execPath, [cli, ...args], { env: { PATH: process.env['PATH'], ARCUS_DATA: folder } }, (error, out, said) =>
          done({ code: Number(error?.code ?? 0), said: out + said }),
        );
      });
    const server = await TestServer.start();
    const { person } = await aMake(server);
    const file = join(root, 'kept.db');
    expect(await run(server.folder, 'backup', file)).toMatchObject({ code: 0 });
    expect((await lookInside(file)).rows.people).toBe(1);
    expect((await run(server.folder, 'backup', file)).said).toContain('is there already');
    await server.app.close();
    truncateSync(join(server.folder, DATABASE_FILE), 0);
    const back = await run(server.folder, 'restore', file);
    expect(back, back.said).toMatchObject({ code: 0 });
    const again = await Database.open(server.folder);
    expect((await again.orm.run('SELECT id FROM people')).rows[0]!['id']).toBe(person.id);
    await again.close();
    expect((await run(server.folder, 'restore', fileURLToPath(import.meta.url))).said).toContain("can't be put back");
  });

  it('of the bare file alone would lose what is not yet in it: that is why there is a command', async () => {
    const server = await TestServer.start();
    await aMake(server);
    const [bare, whole] = [join(root, 'bare.db'), join(root, 'whole.db')];
    copyFileSync(join(server.folder, DATABASE_FILE), bare);
    await server.app.get(Database).orm.run(`VACUUM INTO '${whole}'`);
    expect((await lookInside(bare)).rows.people).toBe(0);
    expect((await lookInside(whole)).rows.people).toBe(1);
    await server.stop();
  });
});

it('a folder without a database in it yet is simply new', async () => {
  const folder = newFolder();
  mkdirSync(folder);
  closeSync(openSync(join(folder, DATABASE_FILE), 'w'));
  await (await Database.open(folder)).close();
});
