import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { layKey, layPieces, layRequestOf, planFor } from '@arcus/core';
import type { ApiError, LogView, MakeDetail, MakeView, MeasureView, PersonView } from '@arcus/contract';
import { Database } from '../database/database.ts';
import { aMake } from '../testing/fixtures.ts';
import { TestServer } from '../testing/test-server.ts';

let server: TestServer;
beforeAll(async () => void (server = await TestServer.start()));
afterAll(() => server.stop());

const listed = async (id: string) => (await server.get<MakeView[]>('/api/makes')).body.find((make) => make.id === id)!;
const toBuy = (make: MakeView) => make.summary.figures['cloth-to-buy']!;

describe('what is to be bought follows what it hangs on, at once', () => {
  it('a cloth that turns out narrower, a waist measured again, a wash', async () => {
    const { person, cloth, make } = await aMake(server);
    const first = toBuy(await listed(make.id));
    const radius = (await listed(make.id)).summary.figures['waist-radius']!;
    const narrow = await server.patch<{ version: number }>(`/api/cloths/${cloth.id}`, { version: cloth.version, width: 1100 });
    const second = toBuy(await listed(make.id));
    expect(second).toBeGreaterThan(first);
    await server.post(`/api/people/${person.id}/measures`, { entries: [{ measure: 'waist-girth', value: 760, takenOn: '2027-03-01' }] });
    expect((await listed(make.id)).summary.figures['waist-radius']!).toBeCloseTo(radius + 60 / (2 * Math.PI), 6);
    const third = toBuy(await listed(make.id));
    await server.patch(`/api/cloths/${cloth.id}`, { version: narrow.body.version, shrinkAlong: 0.2, prewashed: false });
    expect(toBuy(await listed(make.id))).toBeGreaterThan(third * 1.1);
    // one value, one place
    expect((await server.get<MakeDetail>(`/api/makes/${make.id}`)).body.summary.figures).toEqual((await listed(make.id)).summary.figures);
  });

  it('and the make knows what it was last looked at with, until that is seen', async () => {
    const { person, cloth, make } = await aMake(server);
    await server.patch(`/api/cloths/${cloth.id}`, { version: cloth.version, width: 1300 });
    await server.post(`/api/people/${person.id}/measures`, { entries: [{ measure: 'waist-girth', value: 720, takenOn: '2027-03-01' }] });
    const now = (await server.get<MakeDetail>(`/api/makes/${make.id}`)).body;
    expect(now.basis).toMatchObject({ body: { 'waist-girth': 700 }, cloth: { width: 1500 } });
    const renamed = (await server.patch<MakeDetail>(`/api/makes/${make.id}`, { version: now.version, name: 'Another name' })).body;
    expect(renamed.basis).toMatchObject({ body: { 'waist-girth': 700 } });
    const seen = (await server.post<MakeDetail>(`/api/makes/${make.id}/seen`, {})).body;
    expect(seen.basis).toMatchObject({ body: { 'waist-girth': 720 }, cloth: { width: 1300 } });
  });
});

describe('one lay', () => {
  it('found closer by whoever searched is what is bought for, listed and logged; a worse or foreign one is passed over', async () => {
    const person = (await server.post<PersonView>('/api/people', { name: 'Ylva' })).body;
    const body = { 'waist-girth': 700, 'hip-girth': 960, 'waist-to-hip': 200, 'waist-to-knee': 580 };
    await server.post(`/api/people/${person.id}/measures`, {
      entries: Object.entries(body).map(([measure, value]) => ({ measure, value, takenOn: '2027-02-01' })),
    });
    const make = (await server.post<MakeDetail>('/api/makes', { name: 'Gores', construction: 'gored-skirt', personId: person.id })).body;
    const quick = make.summary.figures['cloth-length']!;
    expect(make.summary.settled).toBe(false);
    const asked = layRequestOf(planFor({ construction: 'gored-skirt', body, choices: make.choices }));
    // a lay that can be cut and is longer: the rows one above the other
    const { placements } = layPieces({ ...asked, effort: 'thorough', seconds: 3 });
    const longer = placements.map((each) => ({ ...each, y: each.y + 4000 }));
    const put = (lays: object[], key = layKey(asked)) =>
      server.send<MakeDetail>('PUT', `/api/makes/${make.id}/lays`, { lays: lays.map((each) => ({ ...each, key })) });
    expect((await put([{ placements, settled: true }], layKey({ ...asked, width: asked.width + 50 }))).body.summary.settled).toBe(false);
    expect((await put([{ placements: longer, settled: true }])).body.summary.figures['cloth-length']).toBeCloseTo(quick, 6);
    expect(
      (await put([{ placements: placements.map((each) => ({ ...each, x: 0 })), settled: true }])).body.summary.figures['cloth-length'],
    ).toBeCloseTo(quick, 6);
    const closer = (await put([{ placements, settled: true }])).body;
    expect(closer.summary.figures['cloth-length']!).toBeLessThanOrEqual(quick + 1e-6);
    expect(closer.lays[0]).toMatchObject({ settled: true, placements });
    expect(closer.summary.settled).toBe(true);
    expect((await listed(make.id)).summary.figures).toEqual(closer.summary.figures);
    const preview = (await server.post<{ lay: { length: number } }>('/api/plans/preview', { construction: 'gored-skirt', body })).body;
    expect(preview.lay.length).toBeCloseTo(closer.summary.figures['cloth-length']!, 6);
    const log = (await server.post<LogView>(`/api/makes/${make.id}/log`, { finishedOn: '2027-03-03', verdict: 'wear', actuals: {} })).body;
    expect(log.planned['cloth-to-buy']).toBe(closer.summary.figures['cloth-to-buy']);
  });
});

describe('sent twice, kept once: an answer that got lost can be asked for again', () => {
  it('people, cloths, elastics, makes, measures and log entries', async () => {
    const { person, make } = await aMake(server);
    const twice = async (path: string, body: object) =>
      [await server.post<{ id: string }>(path, body), await server.post<{ id: string }>(path, body)] as const;
    for (const [path, body] of [
      ['/api/people', { name: 'Once' }],
      ['/api/cloths', { name: 'Once', width: 1400, kind: 'woven' }],
      ['/api/elastics', { name: 'Once', width: 20, kind: 'braided' }],
      ['/api/makes', { name: 'Once', construction: 'circle-skirt', personId: person.id }],
    ] as const) {
      const id = randomUUID();
      const [one, two] = await twice(path, { ...body, id });
      expect([one.status, two.status, one.body.id, two.body.id]).toEqual([201, 201, id, id]);
      expect((await server.get<Array<{ id: string }>>(path)).body.filter((each) => each.id === id)).toHaveLength(1);
    }
    await twice(`/api/people/${person.id}/measures`, { key: randomUUID(), entries: [{ measure: 'neck-girth', value: 350, takenOn: '2027-02-02' }] });
    const ledger = (await server.get<MeasureView[]>(`/api/people/${person.id}/measures`)).body;
    expect(ledger.filter(({ measure }) => measure === 'neck-girth')).toHaveLength(1);
    await twice(`/api/makes/${make.id}/log`, { key: randomUUID(), finishedOn: '2027-02-02', verdict: 'love', actuals: {} });
    expect((await server.get<LogView[]>(`/api/makes/${make.id}/log`)).body).toHaveLength(1);
  });
});

describe('what can’t be is refused by name', () => {
  it.each<[string, string, object]>([
    ['choices.sparkle', 'POST /api/makes', { choices: { sparkle: [{ a: 1 }], length: { x: 1 } } }],
    ['choices.length', 'POST /api/makes', { choices: { length: { x: 1 } } }],
    ['name', 'POST /api/makes', { name: '' }],
    ['name', 'POST /api/makes', { name: 'Sk\u0000irt' }],
    ['name', 'POST /api/people', { name: '\u0007' }],
    ['name', 'POST /api/people', { name: 'two\nlines' }],
    ['name', 'POST /api/people', { name: '\u200b\u200b' }],
    ['note', 'POST /api/people', { name: 'Alva', note: null }],
    ['child', 'POST /api/people', { name: 'Alva', child: null }],
    ['width', 'POST /api/cloths', { name: 'Cotton', kind: 'woven' }],
    ['kind', 'POST /api/cloths', { name: 'Cotton', width: 1400 }],
    ['note', 'POST /api/cloths', { name: 'Cotton', width: 1400, kind: 'woven', note: null }],
    ['width', 'POST /api/elastics', { name: 'Soft', kind: 'braided' }],
    ['kind', 'POST /api/elastics', { name: 'Soft', width: 20 }],
    ['id', 'POST /api/people', { name: 'Alva', id: 'one' }],
    [
      'actuals',
      'POST /api/makes/ID/log',
      { finishedOn: '2027-01-01', verdict: 'love', actuals: Object.fromEntries(Array.from({ length: 300 }, (_, i) => [`a${i}`, 1])) },
    ],
    ['chalked', 'PATCH /api/makes/ID', { version: 1, chalked: { 'chalk:skirt:hem': ['7'] } }],
    ['tally', 'PATCH /api/makes/ID', { version: 1, tally: { 'time:sides': ['soon', 0] } }],
    ['tally', 'PATCH /api/makes/ID', { version: 1, tally: { 'rows:shirring': Array.from({ length: 200 }, () => 1) } }],
    ['thinner than a thread', 'POST /api/lays/preview', { width: 1000, pieces: [{ id: 'hair', outline: [[0, 0], [900, 0], [900, 0.01], [0, 0.01]], copies: 2 }] }], // prettier-ignore
  ])('%s: %s %j', async (field, call, body) => {
    const { person, make } = await aMake(server);
    const [method, path] = call.replace('ID', make.id).split(' ') as [string, string];
    const whole = path === '/api/makes' ? { name: 'Slip', construction: 'circle-skirt', personId: person.id, ...body } : body;
    const { status, body: said } = await server.send<ApiError>(method, path, whole);
    expect([400, 422], JSON.stringify(said)).toContain(status);
    expect(said.message.join()).toContain(field);
  });

  it('a stale save is told before anything is worked out', async () => {
    const { make } = await aMake(server);
    await server.patch(`/api/makes/${make.id}`, { version: make.version, name: 'Newer' });
    const from = performance.now();
    const stale = await server.patch<ApiError & { current: MakeView }>(`/api/makes/${make.id}`, {
      version: make.version,
      choices: { length: 610 },
    });
    expect(stale.status).toBe(409);
    expect(stale.body.current.name).toBe('Newer');
    expect(performance.now() - from).toBeLessThan(1500);
  });

  it('a make that became so all the same opens, says what is wrong and can be renamed and mended', async () => {
    const { make } = await aMake(server);
    await server.app.get(Database).orm.run(`UPDATE makes SET choices = '{"sparkle":[{"a":1}],"length":{"x":1}}' WHERE id = '${make.id}'`);
    const opened = await server.get<MakeDetail>(`/api/makes/${make.id}`);
    expect(opened.status).toBe(200);
    expect(opened.body.summary.verdict).toBe('unmakeable');
    expect(opened.body.summary.says).toContain('choices.sparkle');
    expect((await server.get('/api/makes')).status).toBe(200);
    const renamed = await server.patch<MakeDetail>(`/api/makes/${make.id}`, { version: opened.body.version, name: 'Mended soon' });
    expect(renamed.status).toBe(200);
    const mended = await server.patch<MakeDetail>(`/api/makes/${make.id}`, { version: renamed.body.version, choices: { length: 600 } });
    expect(mended.body.summary.verdict).not.toBe('unmakeable');
  });
});
