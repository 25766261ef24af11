import { afterEach, describe, expect, it, vi } from 'vitest';
import { ApiProblem, request } from './client.ts';

const answering = (answer: () => Response | Promise<Response>) =>
  vi.stubGlobal(
    'fetch',
    vi.fn(async () => answer()),
  );
const problemOf = (asked: Promise<unknown>) =>
  asked.then(
    () => expect.unreachable('it came back as an answer'),
    (problem: unknown) => problem as ApiProblem,
  );
afterEach(() => vi.unstubAllGlobals());

describe('an answer', () => {
  it('that breaks off on its way is none: it can be asked for again', async () => {
    answering(() => new Response('[{"id":"1","na', { status: 200 }));
    expect(await problemOf(request('GET', '/api/cloths'))).toMatchObject({ status: 0 });
    // a refusal nobody can read the reason of is no refusal either
    answering(() => new Response('{"message":["vers', { status: 409 }));
    expect(await problemOf(request('PATCH', '/api/makes/1', {}))).toMatchObject({ status: 0 });
  });

  it('that never comes says that what was entered is kept', async () => {
    answering(() => Promise.reject(new TypeError('Failed to fetch')));
    const { status, messages } = await problemOf(request('PATCH', '/api/makes/1', { name: 'Slip' }));
    expect(status).toBe(0);
    expect(messages.join()).toContain('kept on this device');
  });

  it('that refuses names the field, and hands on what is stored', async () => {
    answering(() => Response.json({ message: ['dueOn must be a date'], current: { version: 3 } }, { status: 409 }));
    expect(await problemOf(request('PATCH', '/api/makes/1', {}))).toMatchObject({
      status: 409,
      messages: ['dueOn must be a date'],
      current: { version: 3 },
    });
  });

  it('without words still says what came', async () => {
    answering(() => new Response('<html>', { status: 502 }));
    expect((await problemOf(request('GET', '/api/makes'))).messages[0]).toContain('502');
  });

  it('with nothing in it is all right where nothing was asked for', async () => {
    answering(() => new Response(null, { status: 204 }));
    expect(await request('DELETE', '/api/makes/1')).toBeUndefined();
  });
});
