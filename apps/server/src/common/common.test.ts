import { HttpException, type ArgumentsHost } from '@nestjs/common';
import { BadInput, Unmakeable } from '@arcus/core';
import { describe, expect, it, vi } from 'vitest';
import { ErrorFilter } from './error-filter.ts';
import { sentFields } from './kept-rows.ts';
import { knownHosts } from '../access/known-hosts.ts';
import { sameOrigin } from '../access/same-origin.ts';
import { TooBusy } from '../engine/too-busy.ts';
import { assertReasonable } from './body-limits.ts';
import { NoSuch, StaleSave } from './problems.ts';

/** What the filter answers to an error. */
function answerTo(error: unknown, headersSent = false) {
  const sent: { status?: number; body?: Record<string, unknown>; retryAfter?: string } = {};
  const response = {
    headersSent,
    setHeader: (_name: string, value: string) => void (sent.retryAfter = value),
    status: (status: number) => {
      sent.status = status;
      return { json: (body: Record<string, unknown>) => void (sent.body = body) };
    },
  };
  const host = { switchToHttp: () => ({ getRequest: () => ({ originalUrl: '/api/here?x=1' }), getResponse: () => response }) };
  new ErrorFilter().catch(error, host as unknown as ArgumentsHost);
  return sent;
}

describe('errors leave in one shape', () => {
  it.each<[string, unknown, number, string]>([
    ['a bad field', new BadInput('cloth.width', 'must be a number'), 400, 'cloth.width: must be a number'],
    [
      'what can’t be made, with the nearest',
      new Unmakeable('choices.tiers', 'No tiers make no skirt.', 2),
      422,
      'choices.tiers: No tiers make no skirt. The nearest that can be made: 2.',
    ],
    ['what isn’t there', new NoSuch('cloth', 'x'), 404, 'There is no cloth with the id x.'],
    ['a body that is no JSON', Object.assign(new SyntaxError('Unexpected token'), { status: 400 }), 400, 'body: Unexpected token'],
    ['a body that is too large', { type: 'entity.too.large', status: 413 }, 413, 'body: is too large; send less at once'],
  ])('%s', (_, error, status, message) => {
    const { body } = answerTo(error);
    expect(body).toMatchObject({ statusCode: status, message: [message], path: '/api/here?x=1' });
    expect(typeof body!['error']).toBe('string');
  });

  it('hands over the newer state with a stale save, and with nothing else', () => {
    const current = { id: 'm', version: 4 };
    expect(answerTo(new StaleSave(current)).body).toMatchObject({ statusCode: 409, current });
    expect(answerTo(new BadInput('a', 'b')).body).not.toHaveProperty('current');
  });

  it('tells the person nothing of our own failures but that their data is safe', () => {
    const log = vi.spyOn(process.stderr, 'write').mockReturnValue(true);
    const { status, body } = answerTo(new Error('secret of the house'));
    log.mockRestore();
    expect(status).toBe(500);
    expect(JSON.stringify(body)).not.toContain('secret');
  });

  it('names the field first, also where each of several values is meant', () => {
    const { body } = answerTo(
      new HttpException({ message: ['box.each value in tools must be a string', 'each value in ids must be a string'] }, 400),
    );
    expect(body!['message']).toEqual(['box.tools: each must be a string', 'ids: each must be a string']);
  });

  it('lists every message of a refused form', () => {
    const { body } = answerTo(new HttpException({ message: ['width must be a number', 'kind must be one of woven, knit'] }, 400));
    expect(body!['message']).toHaveLength(2);
  });

  it('says when to ask again where too much is asked at once', () =>
    expect(answerTo(new TooBusy(2))).toMatchObject({ status: 503, retryAfter: '2', body: { statusCode: 503 } }));

  it.each([
    [507, new Error('Failed query', { cause: Object.assign(new Error('SQLITE_FULL: database or disk is full'), { code: 'SQLITE_FULL' }) })],
    [507, Object.assign(new Error('no space left on device'), { code: 'ENOSPC' })],
    [503, Object.assign(new Error('attempt to write a readonly database'), { code: 'SQLITE_READONLY' })],
    [400, new URIError('URI malformed')],
  ])('%i is what the disk or the address can’t do, in words', (status, error) => {
    const { body } = answerTo(error);
    expect(body!['statusCode']).toBe(status);
    expect(String(body!['message'])).not.toContain('SQLITE');
  });

  it('adds nothing to an answer that is already under way', () => expect(answerTo(new Error('late'), true)).toEqual({}));
});

describe('writes', () => {
  const passes = (method: string, headers: Record<string, string>) => {
    const next = vi.fn();
    sameOrigin({ method, headers } as never, {} as never, next);
    return next.mock.calls[0]![0] === undefined;
  };
  it.each<[boolean, string, Record<string, string>]>([
    [true, 'POST', { host: '127.0.0.1:4870' }],
    [true, 'POST', { host: '127.0.0.1:4870', origin: 'http://127.0.0.1:4870' }],
    [false, 'POST', { host: '127.0.0.1:4870', origin: 'http://elsewhere.example' }],
    [false, 'PATCH', { host: '127.0.0.1:4870', origin: 'http://127.0.0.1:4871' }],
    [false, 'DELETE', { host: '127.0.0.1:4870', origin: 'null' }],
    [false, 'POST', { host: '127.0.0.1:4870', origin: 'https://127.0.0.1:4870' }],
    [false, 'POST', { host: '127.0.0.1:4870', 'sec-fetch-site': 'cross-site' }],
    [false, 'POST', { host: '127.0.0.1:4870', 'sec-fetch-site': 'same-site' }],
    [true, 'POST', { host: '127.0.0.1:4870', 'sec-fetch-site': 'same-origin', origin: 'http://127.0.0.1:4870' }],
    [true, 'PATCH', { host: '127.0.0.1:4870', 'sec-fetch-site': 'none' }],
    [true, 'GET', { host: '127.0.0.1:4870', origin: 'http://elsewhere.example' }],
  ])('%s: %s %j', (expected, method, headers) => expect(passes(method, headers)).toBe(expected));
});

describe('the name a server is called by', () => {
  const passes = (host: string | undefined, names: string[] = []) => {
    const next = vi.fn();
    knownHosts(names)({ headers: { host } } as never, {} as never, next);
    return next.mock.calls[0]![0] === undefined;
  };
  it.each(['localhost:4870', '127.0.0.1:4870', '127.9.8.7', '[::1]:4870', 'LOCALHOST', 'localhost.:4870'])('%s is loopback', (host) =>
    expect(passes(host)).toBe(true),
  );
  it.each([
    undefined,
    '',
    'harbour.example:4870',
    '192.168.1.5:4870',
    'localhost.harbour.example',
    '127.0.0.1.harbour.example',
    'localhost@harbour',
    'localhost:99x',
  ])('%s is not', (host) => expect(passes(host)).toBe(false));
  it('may be another one that was listed', () => {
    expect(passes('Sewing.local:4870', ['sewing.local'])).toBe(true);
    expect(passes('elsewhere.local', ['sewing.local'])).toBe(false);
  });
});

describe('a body', () => {
  it.each<[string, unknown]>([
    ['pieces', { pieces: Array.from({ length: 5001 }, () => ({})) }],
    ['actuals', { actuals: Object.fromEntries(Array.from({ length: 501 }, (_, i) => [`a${i}`, 1])) }],
    ['choices.__proto__', JSON.parse('{"choices":{"__proto__":{"a":1}}}')],
    ['nested', JSON.parse('{"a":'.repeat(2000) + '1' + '}'.repeat(2000))],
  ])('is looked at before anything is made of it: %s', (field, body) => {
    expect(() => assertReasonable(body)).toThrow(BadInput);
    expect(() => assertReasonable(body)).toThrow(new RegExp(field));
  });
  it('of everyday size passes', () => expect(() => assertReasonable({ pieces: [{ outline: [[0, 0], [1, 1], [2, 0]] }], body: { a: null } })).not.toThrow()); // prettier-ignore
});

describe('a patch', () => {
  it('is what was sent: nothing left out counts, and null only where it may', () => {
    expect(sentFields({ name: 'A', note: undefined, version: 3 })).toEqual({ name: 'A' });
    expect(sentFields<{ dueOn: string | null }>({ dueOn: null }, ['dueOn'])).toEqual({ dueOn: null });
    expect(() => sentFields<{ name: string | null }>({ name: null })).toThrow(BadInput);
  });
});
