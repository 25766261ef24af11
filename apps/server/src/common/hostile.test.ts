// Longer than 250 lines: every kind of bad request against one running server.
import fc from 'fast-check';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { STATUS_CODES } from 'node:http';
import type { ApiError } from '@arcus/contract';
import { CONSTRUCTIONS } from '@arcus/core';
import { aMake } from '../testing/fixtures.ts';
import { TestServer, type Answer } from '../testing/test-server.ts';

let server: TestServer;
let ids: { person: string; cloth: string; make: string };
beforeAll(async () => {
  server = await TestServer.start();
  const { person, cloth, make } = await aMake(server);
  ids = { person: person.id, cloth: cloth.id, make: make.id };
});
afterAll(() => server.stop());

const refused = ({ status, body }: Answer<ApiError>, path: string, allowed = [400, 404, 409, 413, 422]) => {
  expect(allowed, JSON.stringify(body).slice(0, 300)).toContain(status);
  expect(body).toMatchObject({ statusCode: status, error: STATUS_CODES[status], path });
  expect(Array.isArray(body.message)).toBe(true);
  expect(body.message.length).toBeGreaterThan(0);
  for (const each of body.message) expect(typeof each === 'string' && each.length > 3).toBe(true);
};
const TOVE = { 'waist-girth': 700, 'hip-girth': 960 };
const plan = (change: object) => ({ construction: 'circle-skirt', body: TOVE, ...change });
const square = (size: number) => [
  [0, 0],
  [size, 0],
  [size, size],
  [0, size],
];
const lay = (change: object, piece: object = {}) => ({
  width: 1000,
  pieces: [{ id: 'a', outline: square(100), copies: 1, turns: [0], ...piece }],
  ...change,
});

describe('hostile plans are refused by name', () => {
  it.each<[string, number, string, unknown]>([
    ['no body', 400, 'body', { construction: 'circle-skirt' }],
    ['unknown construction', 400, 'construction', plan({ construction: 'toga' })],
    ['prototype as construction', 400, 'construction', plan({ construction: '__proto__' })],
    ['a number as text', 400, 'body.waist-girth', plan({ body: { ...TOVE, 'waist-girth': '700' } })],
    ['an unknown measure', 400, 'body.wing-span', plan({ body: { ...TOVE, 'wing-span': 700 } })],
    ['a missing measure', 400, 'body.hip-girth', plan({ body: { 'waist-girth': 700 } })],
    ['a negative measure', 400, 'body.waist-girth', plan({ body: { ...TOVE, 'waist-girth': -700 } })],
    ['a measure of nothing', 400, 'body.waist-girth', plan({ body: { ...TOVE, 'waist-girth': null } })],
    ['an array as body', 400, 'body', plan({ body: [700] })],
    ['an unknown choice', 400, 'choices.sparkle', plan({ choices: { sparkle: 1 } })],
    ['an inherited choice', 400, 'choices.toString', plan({ choices: { toString: 1 } })],
    ['a choice of the wrong kind', 400, 'choices.closure', plan({ choices: { closure: 'glue' } })],
    ['half a panel', 400, 'choices.panels', plan({ choices: { panels: 2.5 } })],
    ['a yes-no as text', 400, 'choices.lining', plan({ choices: { lining: 'true' } })],
    ['a negative length', 400, 'choices.length', plan({ choices: { length: -5 } })],
    ['an unknown field', 400, 'sparkle', plan({ sparkle: true })],
    ['an unknown cloth field', 400, 'cloth', plan({ cloth: { sparkle: true } })],
    ['cloth all selvedge', 400, 'cloth.selvedge', plan({ cloth: { width: 100, selvedge: 60 } })],
    ['shrinking to nothing', 400, 'shrinkAlong', plan({ cloth: { shrinkAlong: 1 } })],
    ['unknown units', 400, 'units', plan({ units: 'ell' })],
    ['rigid elastic', 400, 'greatestStretch', plan({ elastic: { greatestStretch: 0.5 } })],
    ['allowance eating the hole', 422, 'fraction', plan({ choices: { fraction: 4, seam: 40 } })],
  ])('%s: %i', async (_, status, field, request) => {
    const answer = await server.post<ApiError>('/api/plans/preview', request);
    refused(answer, '/api/plans/preview', [status]);
    expect(answer.body.message.join(' ')).toContain(field);
  });
});

describe('hostile lays are refused by name', () => {
  it.each<[string, number, string, unknown]>([
    ['no pieces', 400, 'pieces', { width: 1000, pieces: [] }],
    ['width as text', 400, 'width', lay({ width: '1000' })],
    ['no width', 400, 'width', lay({ width: 0 })],
    [
      'two corners',
      400,
      'outline',
      lay(
        {},
        {
          outline: [
            [0, 0],
            [1, 1],
          ],
        },
      ),
    ],
    [
      'corners of text',
      400,
      'outline',
      lay(
        {},
        {
          outline: [
            ['a', 'b'],
            [0, 1],
            [1, 1],
          ],
        },
      ),
    ],
    [
      'no area',
      422,
      'outline',
      lay(
        {},
        {
          outline: [
            [0, 0],
            [10, 0],
            [20, 0],
          ],
        },
      ),
    ],
    [
      'a figure of eight',
      422,
      'outline',
      lay(
        {},
        {
          outline: [
            [0, 0],
            [100, 100],
            [100, 0],
            [0, 100],
          ],
        },
      ),
    ],
    ['wider than the cloth', 422, 'a', lay({ width: 50 })],
    ['ten thousand copies', 400, 'copies', lay({}, { copies: 10_000 })],
    ['too many copies in all', 400, 'copies', { width: 1000, pieces: [1, 2, 3].map((id) => ({ id: `p${id}`, outline: square(10), copies: 400 })) }],
    ['half a turn of 45', 400, 'turns', lay({}, { turns: [45] })],
    ['an absurd budget', 400, 'seconds', lay({ effort: 'thorough', seconds: 1e9 })],
    ['too many pieces', 400, 'pieces', { width: 1000, pieces: Array.from({ length: 501 }, (_, i) => ({ id: `p${i}`, outline: square(10) })) }],
    [
      'too many corners',
      400,
      'outline',
      lay({}, { outline: Array.from({ length: 5001 }, (_, i) => [Math.cos(i / 800) * 100, Math.sin(i / 800) * 100]) }),
    ],
    ['an id twice', 400, 'id', { width: 1000, pieces: [1, 2].map(() => ({ id: 'a', outline: square(10) })) }],
  ])('%s: %i', async (_, status, field, request) => {
    const answer = await server.post<ApiError>('/api/lays/preview', request);
    refused(answer, '/api/lays/preview', [status]);
    expect(answer.body.message.join(' ')).toContain(field);
  });
});

describe('every endpoint', () => {
  const writes = () => [
    ['POST', '/api/people'],
    ['PATCH', `/api/people/${ids.person}`],
    ['POST', `/api/people/${ids.person}/measures`],
    ['POST', '/api/cloths'],
    ['PATCH', `/api/cloths/${ids.cloth}`],
    ['POST', '/api/elastics'],
    ['POST', '/api/makes'],
    ['PATCH', `/api/makes/${ids.make}`],
    ['POST', `/api/makes/${ids.make}/log`],
    ['POST', '/api/plans/preview'],
    ['POST', '/api/lays/preview'],
  ];

  it('refuses broken, empty and unknown bodies in the contract’s shape', async () => {
    for (const [method, path] of writes()) {
      for (const body of ['{', '[]', 'null', '"text"', '{"sparkle":1}', '{"__proto__":{"a":1}}', '{"version":1,"name":7}'])
        refused(await server.send<ApiError>(method!, path!, body), path!);
    }
  });

  it('never answers 500, whatever JSON it is sent', async () => {
    await fc.assert(
      fc.asyncProperty(fc.nat({ max: 10 }), fc.jsonValue({ maxDepth: 4 }), async (i, body) => {
        const [method, path] = writes()[i]!;
        expect((await server.send(method!, path!, JSON.stringify(body))).status).toBeLessThan(500);
      }),
      { numRuns: 150, seed: 7 },
    );
  });

  it('never answers 500 on choices of the right kind, however odd together', async () => {
    const request = fc.constantFrom(...CONSTRUCTIONS).chain((construction) => {
      const choices = construction.choices.map(({ id, kind, min = 0, max = 100, options = [] }) =>
        fc.tuple(
          fc.constant(id),
          kind === 'one-of'
            ? fc.constantFrom(...options)
            : kind === 'yes-no'
              ? fc.boolean()
              : kind === 'count'
                ? fc.integer({ min, max: Math.min(max, 60) })
                : fc.double({ min, max, noNaN: true }),
        ),
      );
      const measures = fc.record({
        waist: fc.integer({ min: 300, max: 1400 }),
        hip: fc.integer({ min: 300, max: 1600 }),
        width: fc.integer({ min: 300, max: 3000 }),
      });
      return fc.record({ construction: fc.constant(construction.id), choices: fc.array(fc.oneof(...choices), { maxLength: 5 }), measures });
    });
    await fc.assert(
      fc.asyncProperty(request, async ({ construction, choices, measures: { waist, hip, width } }) => {
        const body = { 'waist-girth': waist, 'hip-girth': hip, 'waist-to-hip': 200, 'waist-to-knee': 580 };
        const answer = await server.post<ApiError>('/api/plans/preview', {
          construction,
          body,
          choices: Object.fromEntries(choices),
          cloth: { width },
        });
        if (answer.status !== 200) refused(answer, '/api/plans/preview', [400, 422]);
      }),
      { numRuns: 120, seed: 11 },
    );
  });

  it('answers 404 in the same shape where there is nothing', async () => {
    for (const path of ['/api/nothing', '/api/makes/00000000-0000-4000-8000-000000000000', "/api/people/'%20OR%201=1", '/api/cloths/%00'])
      refused(await server.get<ApiError>(path), path, [400, 404]);
  });

  it('answers 413 to more than it can read', async () => {
    refused(
      await server.send<ApiError>('POST', '/api/lays/preview', JSON.stringify({ width: 1, pieces: 'x'.repeat(5_000_000) })),
      '/api/lays/preview',
      [413],
    );
  });

  it('takes writes from its own pages only', async () => {
    const body = JSON.stringify({ name: 'Mallory' });
    const foreign = await server.send<ApiError>('POST', '/api/people', body, { origin: 'http://elsewhere.example' });
    refused(foreign, '/api/people', [403]);
    expect((await server.send('POST', '/api/people', body, { origin: server.url })).status).toBe(201);
  });

  it('sends a strict content security policy: no inline script, no outside origin', async () => {
    const policy = (await server.get('/api/health')).headers.get('content-security-policy')!;
    expect(policy).toContain("script-src 'self'");
    expect(policy).not.toMatch(/https?:|\*|unsafe-eval/);
    expect(policy.match(/unsafe-inline/g)).toHaveLength(1);
  });

  it('describes itself at /api/docs', async () => {
    const document = (await server.get<{ paths: Record<string, unknown> }>('/api/docs-json')).body;
    expect(Object.keys(document.paths)).toEqual(
      expect.arrayContaining(['/api/plans/preview', '/api/lays/preview', '/api/constructions', '/api/makes/{id}']),
    );
  });
});
