import type { ApiError, ExperienceView, LogView, MakeDetail, SwatchView } from '@arcus/contract';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { TestServer } from '../testing/test-server.ts';

let server: TestServer;
beforeAll(async () => void (server = await TestServer.start()));
afterAll(() => server.stop());

type Made = { id: string };
const cloth = async () => (await server.post<Made>('/api/cloths', { name: 'Poplin', width: 1500, kind: 'woven', prewashed: true })).body.id;
const person = async () => {
  const { id } = (await server.post<Made>('/api/people', { name: 'Tove' })).body;
  const entries = [
    { measure: 'bust-girth', value: 920, takenOn: '2027-01-01' },
    { measure: 'hip-girth', value: 960, takenOn: '2027-01-01' },
  ];
  await server.post(`/api/people/${id}/measures`, { entries });
  return id;
};
const make = async (personId: string, clothId: string, name: string) =>
  (await server.post<MakeDetail>('/api/makes', { name, construction: 'shirred-dress', personId, clothId })).body;
const read = async (id: string) => (await server.get<MakeDetail>(`/api/makes/${id}`)).body.summary.figures;

it('a second dress of the same cloth is planned with what the first one showed, until the default is wanted again', async () => {
  const [personId, clothId] = [await person(), await cloth()];
  const [first, second] = [await make(personId, clothId, 'First'), await make(personId, clothId, 'Second')];
  const before = await read(second.id);
  const actual = before['shirr-relaxed']! * 1.1;
  await server.post(`/api/makes/${first.id}/log`, { finishedOn: '2027-03-01', verdict: 'wear', actuals: { 'shirr-relaxed': actual } });
  expect((await read(second.id))['shirr-relaxed']! / actual).toBeCloseTo(1, 2);
  expect((await read(first.id))['shirr-relaxed'], 'its own plan stays as it was').toBeCloseTo(before['shirr-relaxed']!, 6);
  expect((await server.send('PUT', '/api/experience/declined', { ids: ['takeUp'] })).status).toBe(204);
  expect((await read(second.id))['shirr-relaxed']).toBeCloseTo(before['shirr-relaxed']!, 6);
  await server.send('PUT', '/api/experience/declined', { ids: [] });
  // an entry that is taken out teaches nothing
  const [entry] = (await server.get<Array<{ id: number }>>(`/api/makes/${first.id}/log`)).body;
  await server.send('DELETE', `/api/makes/${first.id}/log/${entry!.id}`);
  expect((await read(second.id))['shirr-relaxed']).toBeCloseTo(before['shirr-relaxed']!, 6);
});

it('keeps swatches, puts them away and takes them out again; sent twice they are kept once', async () => {
  const clothId = await cloth();
  const swatch = {
    id: '6f0c1f0e-3d9f-4e0e-9f64-0d7f1f7c1a11',
    kind: 'shirring',
    clothId,
    before: 300,
    after: 160,
    steamed: 150,
    takenOn: '2027-02-02',
  };
  for (let i = 0; i < 2; i++) expect((await server.post<SwatchView>('/api/experience/swatches', swatch)).status).toBe(201);
  const all = async () => (await server.get<ExperienceView>('/api/experience')).body.swatches.filter((each) => each.clothId === clothId);
  expect(await all()).toMatchObject([{ before: 300, after: 160, steamed: 150, way: 'across' }]);
  expect((await server.send('DELETE', `/api/experience/swatches/${swatch.id}`)).status).toBe(204);
  expect(await all()).toEqual([]);
  expect((await server.post(`/api/experience/swatches/${swatch.id}/restore`, {})).status).toBe(204);
  expect(await all()).toHaveLength(1);
  expect((await server.send('DELETE', '/api/experience/swatches/6f0c1f0e-3d9f-4e0e-9f64-0d7f1f7c1a12')).status).toBe(404);
});

it('a strip of a cloth counts in every plan of it at once, and the make says what changed under it; put away, the record counts again', async () => {
  const [personId, clothId] = [await person(), await cloth()];
  await server.patch(`/api/cloths/${clothId}`, { version: 1, prewashed: false, shrinkAlong: 0.02 });
  const { id } = await make(personId, clothId, 'Unwashed');
  const before = await read(id);
  const strip = { kind: 'shrinkage', clothId, way: 'along', before: 500, after: 450, takenOn: '2027-02-02' };
  const { body: kept } = await server.post<SwatchView>('/api/experience/swatches', strip);
  const after = await read(id);
  expect(after['cloth-length']).toBeCloseTo(before['cloth-length']!, 6);
  // 10 % instead of 2 %: so much more comes off the bolt, up to what shops cut (10 cm)
  expect(after['cloth-to-buy']! - before['cloth-to-buy']!).toBeGreaterThan(before['cloth-length']! * (1 / 0.9 - 1 / 0.98) - 100);
  expect((await server.get<MakeDetail>(`/api/makes/${id}`)).body.basis!.cloth).toMatchObject({ shrinkAlong: 0.02 });
  expect((await server.get<Array<{ id: string; shrinkAlong: number }>>('/api/cloths')).body.find((each) => each.id === clothId)!.shrinkAlong).toBe(
    0.02,
  );
  await server.send('PUT', '/api/experience/declined', { ids: [`shrinkAlong ${clothId}`] });
  expect((await read(id))['cloth-to-buy']).toBe(before['cloth-to-buy']);
  await server.send('PUT', '/api/experience/declined', { ids: [] });
  await server.send('DELETE', `/api/experience/swatches/${kept.id}`);
  expect((await read(id))['cloth-to-buy']).toBe(before['cloth-to-buy']);
});

it('clocks of one make teach the next their own kind of work; what no clock ran for goes by what is left of the whole', async () => {
  const [personId, clothId] = [await person(), await cloth()];
  const [first, second] = [await make(personId, clothId, 'Clocked'), await make(personId, clothId, 'After it')];
  const minutes = async () => (await read(second.id))['sewing-minutes']!;
  const whole = await minutes();
  const version = (await server.get<MakeDetail>(`/api/makes/${first.id}`)).body.version;
  const preview = { construction: 'shirred-dress', body: { 'bust-girth': 920, 'hip-girth': 960 } };
  const { steps } = (await server.post<{ steps: Array<{ id: string; minutes: number }> }>('/api/plans/preview', preview)).body;
  const cut = steps.find(({ id }) => id === 'cut')!.minutes;
  await server.patch(`/api/makes/${first.id}`, { version, tally: { 'time:cut': [3 * cut * 60_000, 0] } });
  const log = { finishedOn: '2027-03-01', verdict: 'wear', actuals: { 'sewing-minutes': whole + 2 * cut } };
  const { body } = await server.post<LogView>(`/api/makes/${first.id}/log`, log);
  expect(body.times!.usual).toBeCloseTo(whole, 6);
  expect(body.times!.works).toEqual([{ work: 'cut', usual: expect.closeTo(cut, 6) as number, real: expect.closeTo(3 * cut, 6) as number }]);
  expect(await minutes()).toBeCloseTo(whole + 2 * cut, 6);
  await server.send('PUT', '/api/experience/declined', { ids: ['time-cut'] });
  expect(await minutes()).toBeCloseTo(whole, 6);
  await server.send('PUT', '/api/experience/declined', { ids: [] });
  await server.send('DELETE', `/api/makes/${first.id}/log/${body.id}`);
  expect(await minutes()).toBeCloseTo(whole, 6);
});

it.each([
  ['after', { kind: 'shirring', before: 300, after: 310 }],
  ['after', { kind: 'stretch', before: 100, after: 90 }],
  ['steamed', { kind: 'shirring', before: 300, after: 160, steamed: 170 }],
  ['elasticId', { kind: 'elastic', before: 100, after: 150 }],
  ['before', { kind: 'shirring', before: -3, after: 100 }],
  ['kind', { kind: 'luck', before: 100, after: 100 }],
])('a swatch that can’t be is refused, naming %s', async (field, swatch) => {
  const refused = await server.post<ApiError>('/api/experience/swatches', { clothId: await cloth(), takenOn: '2027-02-02', ...swatch });
  expect(refused.status).toBe(400);
  expect(refused.body.message.join(' ')).toContain(field);
});
