import { request as send } from 'node:http';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { ApiError } from '@arcus/contract';
import { TestServer } from '../testing/test-server.ts';
import { Passphrase, SESSION } from './passphrase.ts';

let server: TestServer;
beforeAll(async () => {
  server = await TestServer.start({ hosts: ['sewing.harbour'], passphrase: await Passphrase.of('tide and thimble'), token: 'the-token' });
});
afterAll(() => server.stop());

/** fetch sets its own Host: this one does not. */
function called(host: string, path: string, headers: Record<string, string> = {}): Promise<{ status: number; text: string }> {
  return new Promise((done, failed) => {
    send(`${server.url}${path}`, { headers: { host, ...headers } }, (answer) => {
      let text = '';
      answer.on('data', (part: Buffer) => (text += String(part)));
      answer.on('end', () => done({ status: answer.statusCode!, text }));
    })
      .on('error', failed)
      .end();
  });
}

describe('a page that makes its own name lead here', () => {
  it('is told 421 and nothing else, whatever it asks for', async () => {
    for (const path of ['/api/people', '/api/health', '/', '/api/docs-json']) {
      const { status, text } = await called('elsewhere.example', path);
      expect(status).toBe(421);
      expect(JSON.parse(text)).toMatchObject({ statusCode: 421, error: 'Misdirected Request', path });
    }
  });
  it('gets in under a name that was listed, and under loopback names', async () => {
    for (const host of ['sewing.harbour:4870', 'localhost', '127.0.0.1:1']) expect((await called(host, '/api/health')).status).toBe(200);
  });
});

describe('where others can reach it', () => {
  const signIn = (passphrase: string) => server.post<ApiError>('/api/session', { passphrase });
  const cookieOf = (answer: { headers: Headers }) => answer.headers.get('set-cookie') ?? '';

  it('nothing is told before one has signed in, but that all is well', async () => {
    expect((await server.get('/api/health')).status).toBe(200);
    expect((await server.get('/api/session')).body).toEqual({ needed: true, signedIn: false });
    for (const path of ['/api/people', '/api/makes', '/api/export', '/api/backups', '/API/people', '/api//people', '/api/nothing'])
      expect([401, 404], path).toContain((await server.get(path)).status);
    expect((await server.get<ApiError>('/api/people')).body).toMatchObject({ statusCode: 401, path: '/api/people' });
    expect((await server.post('/api/people', { name: 'Mallory' })).status).toBe(401);
  });

  it('the passphrase opens it with a cookie no script can read and no other page can send', async () => {
    const answer = await signIn('tide and thimble');
    expect(answer.status).toBe(204);
    expect(cookieOf(answer)).toMatch(/^arcus_session=[\w.-]+;.*HttpOnly;.*SameSite=Strict/);
    const cookie = cookieOf(answer).split(';')[0]!;
    expect((await server.send('GET', '/api/people', undefined, { cookie })).status).toBe(200);
    expect((await server.send('GET', '/api/people', undefined, { cookie: cookie.slice(0, -2) + 'xx' })).status).toBe(401);
    expect((await server.send('GET', '/api/people', undefined, { cookie: 'arcus_session=99999999999999.x' })).status).toBe(401);
  });

  it('the command line of whoever may read the folder is let in by its token', async () => {
    expect((await server.send('GET', '/api/backups', undefined, { 'x-arcus-token': 'the-token' })).status).toBe(200);
    expect((await server.send('GET', '/api/backups', undefined, { 'x-arcus-token': 'another' })).status).toBe(401);
  });

  it('guessing is slow: after a few wrong ones even the right one waits', async () => {
    const statuses: number[] = [];
    for (let i = 0; i < 7; i++) statuses.push((await signIn(`guess number ${i}`)).status);
    expect(statuses.slice(0, 5)).toEqual([401, 401, 401, 401, 401]);
    expect(statuses.slice(5)).toEqual([429, 429]);
    const late = await signIn('tide and thimble');
    expect(late.status).toBe(429);
    expect(Number(late.headers.get('retry-after'))).toBeGreaterThan(0);
  });
});

describe('a session', () => {
  it('ends, and is worth nothing under another passphrase', async () => {
    const [one, two] = [await Passphrase.of('a passphrase'), await Passphrase.of('a passphrase')];
    const session = one.newSession(1000);
    expect(one.holds(session, 1000 + SESSION - 1)).toBe(true);
    expect(one.holds(session, 1000 + SESSION + 1)).toBe(false);
    expect(two.holds(session, 1001)).toBe(false);
    expect(await two.matches('a passphrase')).toBe(true);
    expect(await two.matches('A passphrase')).toBe(false);
  });
  it('and its passphrase can be kept, but not read', async () => {
    const passphrase = await Passphrase.of('tide and thimble');
    passphrase.keep(server.folder);
    const kept = Passphrase.kept(server.folder)!;
    expect(kept.holds(passphrase.newSession())).toBe(true);
    expect(JSON.stringify(kept)).not.toContain('thimble');
  });
});

describe('answers of the API', () => {
  it('are stored nowhere on the way', async () => {
    for (const path of ['/api/health', '/api/session', '/api/nothing'])
      expect((await server.get(path)).headers.get('cache-control')).toBe('no-store');
  });
  it('are in the contract’s shape wherever nothing is, never a page', async () => {
    for (const path of ['/api', '/api/', '/api/nothing', '/API/nothing', '/api/people/x/y/z', '/api/%E0%A4%A', '/nothing.js', '/%'] as const) {
      const answer = await server.send<ApiError>('GET', path, undefined, { 'x-arcus-token': 'the-token' });
      expect([400, 404], path).toContain(answer.status);
      expect(answer.headers.get('content-type')).toContain('json');
      expect(answer.body.statusCode).toBe(answer.status);
    }
  });
});
