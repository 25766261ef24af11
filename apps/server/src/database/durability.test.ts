import { execFileSync, spawn, type ChildProcess } from 'node:child_process';
import { existsSync, mkdirSync, mkdtempSync, readdirSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { createClient } from '@libsql/client';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { scenario } from '@arcus/demo';
import { aMake } from '../testing/fixtures.ts';
import { TestServer } from '../testing/test-server.ts';
import { Database, DATABASE_FILE } from './database.ts';
import { FolderInUse } from './folder-lock.ts';

const MAIN = fileURLToPath(new URL('../../dist/main.js', import.meta.url));
const ROUNDS = 10;

const folder = mkdtempSync(join(tmpdir(), 'arcus-kill-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

/** Starts the built server and waits until it says it is ready. */
function start(data: string, port: number): Promise<ChildProcess> {
  const server = spawn(process.execPath, [MAIN], {
    env: { ...process.env, ARCUS_DATA: data, PORT: String(port) },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  return new Promise((ready, failed) => {
    server.stdout.on('data', (said: Buffer) => String(said).includes('ready') && ready(server));
    server.on('exit', (code) => failed(new Error(`the server ended with ${code}`)));
  });
}

const gone = (server: ChildProcess) => new Promise<number | null>((done) => server.on('exit', (code) => done(code)));

describe('a server killed in the middle of writes', () => {
  beforeAll(() => {
    // the unit tests can run before anything was built
    if (!existsSync(MAIN))
      execFileSync('npx', ['--no-install', 'tsc', '-b', 'packages/core', 'packages/contract', 'demo', 'apps/server'], { stdio: 'inherit' });
  }, 120_000);

  it(`has every acknowledged write and an intact file, ${ROUNDS} times over`, async () => {
    const acknowledged: string[] = [];
    for (let round = 0; round < ROUNDS; round++) {
      const port = 15_870 + Math.floor(Math.random() * 20_000);
      const server = await start(folder, port);
      let living = true;
      const writer = async (n: number) => {
        for (let i = 0; living; i++) {
          const answer = await fetch(`http://127.0.0.1:${port}/api/people`, {
            method: 'POST',
            headers: { 'content-type': 'application/json' },
            body: JSON.stringify({ name: `Singer ${round}.${n}.${i}` }),
          })
            .then((response) => (response.status === 201 ? (response.json() as Promise<{ id: string }>) : undefined))
            .catch(() => undefined);
          if (answer) acknowledged.push(answer.id);
        }
      };
      const writers = [0, 1, 2].map(writer);
      await new Promise((later) => setTimeout(later, 60 + 25 * round));
      const end = gone(server);
      server.kill('SIGKILL');
      living = false;
      await Promise.all([...writers, end]);
    }
    expect(acknowledged.length).toBeGreaterThan(ROUNDS);
    const client = createClient({ url: `file:${join(folder, DATABASE_FILE)}` });
    expect((await client.execute('PRAGMA integrity_check')).rows[0]!['integrity_check']).toBe('ok');
    const kept = new Set((await client.execute('SELECT id FROM people')).rows.map((row) => row['id']));
    expect(acknowledged.filter((id) => !kept.has(id))).toEqual([]);
    client.close();
  }, 120_000);

  it('ends cleanly on Ctrl-C', async () => {
    const server = await start(folder, 15_800);
    const end = gone(server);
    server.kill('SIGINT');
    expect([0, null]).toContain(await end);
    // nothing is left to be written into the file
    const wal = join(folder, `${DATABASE_FILE}-wal`);
    expect(existsSync(wal) ? statSync(wal).size : 0).toBe(0);
  });
});

it('a demo killed while it is put in place is there whole or not at all', async () => {
  for (const wait of [250, 450, 600, 800, 1000, 1300]) {
    const data = mkdtempSync(join(tmpdir(), 'arcus-demo-'));
    const server = spawn(process.execPath, [MAIN, '--demo'], { env: { ...process.env, ARCUS_DATA: data, PORT: '0' }, stdio: 'ignore' });
    await new Promise((later) => setTimeout(later, wait));
    const end = gone(server);
    server.kill('SIGKILL');
    await end;
    const database = await Database.open(data);
    const [people, makes] = await Promise.all(
      ['people', 'makes'].map(async (table) => Number((await database.orm.run(`SELECT count(*) FROM ${table}`)).rows[0]![0])),
    );
    expect([`0 0`, `${scenario.people.length} ${scenario.makes.length}`]).toContain(`${people} ${makes}`);
    await database.close();
    rmSync(data, { recursive: true, force: true });
  }
}, 60_000);

it('a server told to end while it lays does so within three seconds', async () => {
  const port = 15_801;
  const server = await start(folder, port);
  const gore = { id: 'gore', outline: [[0, 0], [300, 0], [200, 800], [100, 800]], copies: 12, turns: [0, 180] }; // prettier-ignore
  const asked = Array.from({ length: 20 }, (_, i) =>
    fetch(`http://127.0.0.1:${port}/api/lays/preview`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ width: 1300 + i, pieces: [gore], effort: 'thorough', seconds: 60 }),
    }).catch(() => undefined),
  );
  await new Promise((later) => setTimeout(later, 400));
  const end = gone(server);
  const from = performance.now();
  server.kill('SIGTERM');
  await end;
  expect(performance.now() - from).toBeLessThan(3000);
  await Promise.all(asked);
});

describe('a data folder', () => {
  it('is served by one process at a time; a second start says so', async () => {
    const data = join(folder, 'shared');
    const first = await Database.open(data);
    await expect(Database.open(data)).rejects.toThrow(FolderInUse);
    await expect(Database.open(data)).rejects.toThrow('already running');
    await first.close();
    await (await Database.open(data)).close();
  });

  it('keeps a dated copy before a migration changes it', async () => {
    const data = join(folder, 'older');
    mkdirSync(data);
    const old = createClient({ url: `file:${join(data, DATABASE_FILE)}` });
    await old.execute('CREATE TABLE mine (what TEXT)');
    await old.execute("INSERT INTO mine VALUES ('a note')");
    old.close();
    await (await Database.open(data)).close();
    const [copy] = readdirSync(join(data, 'copies'));
    expect(copy).toMatch(/^arcus-\d{4}-\d\d-\d\dT.*\.db$/);
    const kept = createClient({ url: `file:${join(data, 'copies', copy!)}` });
    expect((await kept.execute('SELECT what FROM mine')).rows[0]!['what']).toBe('a note');
    kept.close();
  });

  it('holds no make of a person who is not there: foreign keys are on, through many writes', async () => {
    const server = await TestServer.start();
    const { make } = await aMake(server);
    const { orm } = server.app.get(Database);
    await expect(
      orm.run(`INSERT INTO logs (make_id, finished_on, verdict, actuals, planned) VALUES ('nobody', '2027-01-01', 'love', '{}', '{}')`),
    ).rejects.toThrow();
    await expect(
      orm.run(`INSERT INTO logs (make_id, finished_on, verdict, actuals, planned) VALUES ('${make.id}', '2027-01-01', 'love', '{}', '{}')`),
    ).resolves.toBeDefined();
    await server.stop();
  });
});
