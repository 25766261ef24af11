import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { ApiError, LogView, MakeDetail, MakeView } from '@arcus/contract';
import { aMake } from '../testing/fixtures.ts';
import { TestServer } from '../testing/test-server.ts';

let server: TestServer;
beforeAll(async () => void (server = await TestServer.start()));
afterAll(() => server.stop());

describe('a make', () => {
  it('is worked out by the server itself when it is saved', async () => {
    const { make } = await aMake(server);
    expect(make.summary.figures['waist-radius']).toBeCloseTo(700 / (2 * Math.PI), 9);
    const { body } = await server.patch<MakeView>(`/api/makes/${make.id}`, { version: make.version, choices: { length: 600, fraction: 0.5 } });
    expect(body.summary.figures['waist-radius']).toBeCloseTo(700 / Math.PI, 9);
    expect(body.version).toBe(make.version + 1);
  });

  it('refuses a stale save with 409, hands over the newer state and keeps it', async () => {
    const { make } = await aMake(server);
    const first = await server.patch<MakeView>(`/api/makes/${make.id}`, { version: make.version, name: 'Slip for May' });
    expect(first.status).toBe(200);
    const late = await server.patch<ApiError & { current: MakeView }>(`/api/makes/${make.id}`, { version: make.version, name: 'Slip for June' });
    expect(late.status).toBe(409);
    expect(late.body.current.name).toBe('Slip for May');
    expect(late.body.path).toBe(`/api/makes/${make.id}`);
    expect((await server.get<MakeView>(`/api/makes/${make.id}`)).body.name).toBe('Slip for May');
  });

  it('lets exactly one of many saves of the same version through', async () => {
    const { make } = await aMake(server);
    const saves = await Promise.all(
      Array.from({ length: 12 }, (_, i) => server.patch<MakeView>(`/api/makes/${make.id}`, { version: make.version, name: `Save ${i}` })),
    );
    expect(saves.filter(({ status }) => status === 200)).toHaveLength(1);
    expect(saves.filter(({ status }) => status === 409)).toHaveLength(11);
  });

  it('keeps a wish that can’t be made and says so, instead of losing it', async () => {
    const { make } = await aMake(server);
    const { status, body } = await server.patch<MakeView>(`/api/makes/${make.id}`, {
      version: make.version,
      choices: { fraction: 4, seam: 40, length: 20 },
    });
    expect(status).toBe(200);
    expect(body.choices['fraction']).toBe(4);
    expect(body.summary.verdict).toBe('unmakeable');
  });

  it('cuts a part from a cloth of its own, and refuses what is no part or no cloth by name', async () => {
    const { make } = await aMake(server);
    const { id } = (await server.post<{ id: string }>('/api/cloths', { name: 'Narrow lining', width: 1400, kind: 'woven' })).body;
    const lined = await server.patch<MakeDetail>(`/api/makes/${make.id}`, { version: make.version, choices: { ...make.choices, lining: true } });
    const own = await server.patch<MakeDetail>(`/api/makes/${make.id}`, { version: lined.body.version, otherCloths: { lining: id } });
    expect(own.status).toBe(200);
    expect(own.body.otherCloths).toEqual({ lining: id });
    const keys = ({ lays }: MakeDetail) => lays.map(({ key }) => key);
    expect(keys(own.body).filter((key) => !keys(lined.body).includes(key))).toHaveLength(1);
    const refused = async (otherCloths: Record<string, unknown>) =>
      (await server.patch<ApiError>(`/api/makes/${make.id}`, { version: own.body.version, otherCloths })).body;
    expect(await refused({ sail: id })).toMatchObject({ statusCode: 400, message: [expect.stringContaining('otherCloths.sail')] });
    expect(await refused({ lining: make.id })).toMatchObject({ statusCode: 400, message: [expect.stringContaining('otherCloths.lining')] });
    expect(await refused({ lining: 3 })).toMatchObject({ statusCode: 400 });
  });

  it('of a person not yet measured says which measure is missing', async () => {
    const person = (await server.post<{ id: string }>('/api/people', { name: 'Ode' })).body;
    const { body } = await server.post<MakeView>('/api/makes', { name: 'Later', construction: 'circle-skirt', personId: person.id });
    expect(body.summary.verdict).toBe('unmakeable');
    expect(body.summary.says).toContain('waist-girth');
  });

  it('writes down what came out beside what was planned', async () => {
    const { make } = await aMake(server);
    const { status, body } = await server.post<LogView>(`/api/makes/${make.id}/log`, {
      finishedOn: '2027-04-30',
      verdict: 'love',
      actuals: { 'hem-sweep': 4460 },
      note: 'Swings.',
    });
    expect(status).toBe(201);
    // geometry: waist 700 and 2 pi x 600 round the hem
    expect(body.planned['hem-sweep']).toBeCloseTo(700 + 2 * Math.PI * 600, 6);
    expect((await server.get<LogView[]>(`/api/makes/${make.id}/log`)).body).toHaveLength(1);
    expect((await server.get<MakeView>(`/api/makes/${make.id}`)).body.finishedOn).toBe('2027-04-30');
  });

  it('an entry taken out of the log no longer finishes the make, and can be put back', async () => {
    const { make } = await aMake(server);
    const entry = { finishedOn: '2027-04-30', verdict: 'mend', actuals: {} };
    const { body } = await server.post<LogView>(`/api/makes/${make.id}/log`, entry);
    const finishedOn = async () => (await server.get<MakeView>(`/api/makes/${make.id}`)).body.finishedOn;
    const listed = async () => (await server.get<MakeView[]>('/api/makes')).body.find(({ id }) => id === make.id)!.finishedOn;
    expect((await server.send('DELETE', `/api/makes/${make.id}/log/${body.id}`)).status).toBe(204);
    expect([await finishedOn(), await listed()]).toEqual([null, null]);
    expect((await server.get<LogView[]>(`/api/makes/${make.id}/log`)).body.map(({ struck }) => struck)).toEqual([true]);
    expect((await server.post(`/api/makes/${make.id}/log/${body.id}/restore`, {})).status).toBe(204);
    expect([await finishedOn(), await listed()]).toEqual(['2027-04-30', '2027-04-30']);
    expect((await server.send('DELETE', `/api/makes/${make.id}/log/999999`)).status).toBe(404);
  });

  it('keeps what was counted at the table: clocks, rows, waits', async () => {
    const { make } = await aMake(server);
    expect(make.tally).toEqual({});
    const tally = { 'time:sides': [720_000, 0], 'rows:shirring': [12, 6, 11], 'wait:hang': [1_806_940_800_000, 24] };
    const { body } = await server.patch<MakeView>(`/api/makes/${make.id}`, { version: make.version, tally });
    expect(body.tally).toEqual(tally);
    expect(body.summary.figures, 'counting changes no figure').toEqual(make.summary.figures);
    expect((await server.get<MakeView>(`/api/makes/${make.id}`)).body.tally).toEqual(tally);
  });

  it('put away is hidden, not gone', async () => {
    const { make } = await aMake(server);
    expect((await server.send('DELETE', `/api/makes/${make.id}`)).status).toBe(204);
    expect((await server.get<MakeView[]>('/api/makes')).body.map(({ id }) => id)).not.toContain(make.id);
    await server.post(`/api/makes/${make.id}/restore`, {});
    expect((await server.get<MakeView[]>('/api/makes')).body.map(({ id }) => id)).toContain(make.id);
  });
});
