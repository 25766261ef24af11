import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createClient } from '@libsql/client';
import { root } from '../prepare.mjs';
import { callsOf, dice, extremePlan } from './odd.mjs';

/** Nothing takes longer than this unless it asked for more, ms; with room for a machine that does other things too. */
const LONGEST = 2000 + 1500;
const ODD_AT_ONCE = 3;

/** The built server on a folder; resolves once it is ready. */
function serve(data) {
  const port = 20_000 + Math.floor(Math.random() * 30_000);
  const child = spawn(process.execPath, [join(root, 'apps/server/dist/main.js')], {
    env: { ...process.env, PORT: String(port), ARCUS_DATA: data },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  const ended = new Promise((done) => child.on('exit', done));
  return new Promise((ready, failed) => {
    child.stdout.on('data', (said) => String(said).includes('ready') && ready({ url: `http://127.0.0.1:${port}`, child, ended }));
    child.stderr.on('data', (said) => failed(new Error(String(said))));
    ended.then((code) => failed(new Error(`the server ended with ${code}`)));
  });
}

async function ask(url, method, path, body) {
  const from = performance.now();
  try {
    const answer = await fetch(url + path, {
      method,
      headers: body === undefined ? {} : { 'content-type': 'application/json' },
      body: body === undefined ? undefined : JSON.stringify(body),
    });
    const text = await answer.text();
    return { status: answer.status, text, took: performance.now() - from };
  } catch {
    return { status: 0, text: '', took: performance.now() - from };
  }
}

/** Half the seconds for kills under writes, half for odd requests and stale writes; a full disk at the end. */
export async function soak(seconds) {
  const data = mkdtempSync(join(tmpdir(), 'arcus-soak-'));
  const faults = [];
  const rows = [];
  try {
    rows.push(...(await kills(data, seconds / 2, faults)));
    rows.push(...(await odd(data, seconds / 2, faults)));
    rows.push(...(await fullDisk(data, faults)));
  } finally {
    rmSync(data, { recursive: true, force: true });
  }
  return { rows, faults };
}

async function kills(data, seconds, faults) {
  const acknowledged = [];
  const until = performance.now() + seconds * 1000;
  let count = 0;
  while (performance.now() < until || count === 0) {
    const { url, child, ended } = await serve(data);
    let living = true;
    const writers = Array.from({ length: 8 }, async (_, n) => {
      for (let i = 0; living; i++) {
        const { status, text } = await ask(url, 'POST', '/api/people', { name: `Singer ${count}.${n}.${i}` });
        if (status === 201) acknowledged.push(JSON.parse(text).id);
      }
    });
    await new Promise((later) => setTimeout(later, 50 + 300 * Math.random()));
    child.kill('SIGKILL');
    living = false;
    await Promise.all([...writers, ended]);
    count++;
  }
  const client = createClient({ url: `file:${join(data, 'arcus.db')}` });
  const whole = (await client.execute('PRAGMA integrity_check')).rows[0][0];
  const kept = new Set((await client.execute('SELECT id FROM people')).rows.map((row) => row.id));
  client.close();
  const lost = acknowledged.filter((id) => !kept.has(id)).length;
  if (whole !== 'ok') faults.push(`the database is not whole after ${count} kills: ${whole}`);
  if (lost > 0) faults.push(`${lost} acknowledged writes are lost`);
  return [
    ['hard kills under eight writers', count],
    ['acknowledged writes', acknowledged.length],
    ['of them lost', lost],
  ];
}

async function odd(data, seconds, faults) {
  const { url, child, ended } = await serve(data);
  const [docs, constructions, person] = await Promise.all([
    ask(url, 'GET', '/api/docs-json').then(({ text }) => JSON.parse(text)),
    ask(url, 'GET', '/api/constructions').then(({ text }) => JSON.parse(text)),
    ask(url, 'POST', '/api/people', { name: 'Tove' }).then(({ text }) => JSON.parse(text)),
  ]);
  const make = JSON.parse((await ask(url, 'POST', '/api/makes', { name: 'Slip', construction: 'circle-skirt', personId: person.id })).text);
  // no restoring and no long lays: those ask for what they get
  const calls = callsOf(docs, [person.id, make.id, 'x', '00000000-0000-4000-8000-000000000000']).filter(
    ({ name }) => !/restore$|backups\/look|lays\/preview/.test(name),
  );
  const statuses = new Map();
  let [slowest, slowestHealth, stale, won] = [0, 0, 0, 0];
  const until = performance.now() + seconds * 1000;
  const judge = ({ status, text, took }, name) => {
    statuses.set(status, (statuses.get(status) ?? 0) + 1);
    slowest = Math.max(slowest, took);
    if (status >= 500 && status !== 503) faults.push(`${status} to ${name}: ${text.slice(0, 200)}`);
    if (status === 0) faults.push(`no answer to ${name}`);
    if (took > LONGEST) faults.push(`${Math.round(took)} ms for ${name}`);
  };
  const strange = Array.from({ length: ODD_AT_ONCE }, async (_, n) => {
    const random = dice(n + 1);
    while (performance.now() < until) {
      if (random() < 0.5) {
        const plan = extremePlan(constructions, random);
        judge(await ask(url, 'POST', '/api/plans/preview', plan), JSON.stringify(plan));
      } else {
        const { method, path, body } = calls[Math.floor(random() * calls.length)].make(random);
        judge(await ask(url, method, path, body), `${method} ${path} ${JSON.stringify(body)?.slice(0, 200)}`);
      }
    }
  });
  const race = (async () => {
    while (performance.now() < until) {
      const { version, archived } = JSON.parse((await ask(url, 'GET', `/api/makes/${make.id}`)).text);
      const answers = await Promise.all([1, 2, 3].map((n) => ask(url, 'PATCH', `/api/makes/${make.id}`, { version, name: `Slip ${n}` })));
      const taken = answers.filter(({ status }) => status === 200).length;
      if (taken > 1) faults.push(`${taken} writers saved over version ${version}`);
      won += taken;
      stale += answers.filter(({ status }) => status === 409).length;
      if (archived === undefined) break;
    }
  })();
  const health = (async () => {
    while (performance.now() < until) {
      const { status, took } = await ask(url, 'GET', '/api/health');
      if (status !== 200) faults.push(`health answered ${status}`);
      slowestHealth = Math.max(slowestHealth, took);
      await new Promise((later) => setTimeout(later, 50));
    }
  })();
  await Promise.all([...strange, race, health]);
  const from = performance.now();
  child.kill('SIGTERM');
  await ended;
  return [
    ['odd requests', [...statuses.values()].reduce((sum, each) => sum + each, 0)],
    [
      'by status',
      [...statuses]
        .sort()
        .map(([status, n]) => `${status}: ${n}`)
        .join(', '),
    ],
    ['slowest of them, ms', Math.round(slowest)],
    ['slowest health meanwhile, ms', Math.round(slowestHealth)],
    ['parallel writes of one version: taken, told stale', `${won}, ${stale}`],
    ['end after SIGTERM, ms', Math.round(performance.now() - from)],
  ];
}

/** A disk that is full: stood in for by a database that may grow no further, as only root can fill one. */
async function fullDisk(data, faults) {
  const { createApp } = await import(join(root, 'apps/server/dist/create-app.js'));
  const { Database } = await import(join(root, 'apps/server/dist/database/database.js'));
  const app = await createApp({ data, quiet: true });
  await app.listen(0, '127.0.0.1');
  const url = `http://127.0.0.1:${app.getHttpServer().address().port}`;
  const { orm } = app.get(Database);
  const pages = Number((await orm.run('PRAGMA page_count')).rows[0][0]);
  await orm.run(`PRAGMA max_page_count = ${pages}`);
  let [taken, refused] = [0, 0];
  for (let i = 0; i < 400 && refused < 20; i++) {
    const { status } = await ask(url, 'POST', '/api/people', { name: `Late ${i}`, note: 'x'.repeat(3900) });
    if (status === 201) taken++;
    else if (status === 507) refused++;
    else faults.push(`${status} on a full disk`);
  }
  if (refused === 0) faults.push('a full disk was never told');
  await orm.run('PRAGMA max_page_count = 1073741823');
  const healed = (await ask(url, 'POST', '/api/people', { name: 'Again' })).status === 201;
  if (!healed) faults.push('a disk with space again is not written to');
  await app.close();
  return [
    ['on a full disk: taken, then told 507', `${taken}, ${refused}`],
    ['healed by itself', healed ? 'yes' : 'no'],
  ];
}
