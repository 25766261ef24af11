import { afterAll, beforeAll, expect, it } from 'vitest';
import type { ApiError, MeasureView, PersonView } from '@arcus/contract';
import { TestServer } from '../testing/test-server.ts';

let server: TestServer;
beforeAll(async () => void (server = await TestServer.start()));
afterAll(() => server.stop());

const person = async () => (await server.post<PersonView>('/api/people', { name: 'Gro' })).body;
const measure = (id: string, ...entries: Array<[string, number, string]>) =>
  server.post<PersonView & ApiError>(`/api/people/${id}/measures`, {
    entries: entries.map(([m, value, takenOn]) => ({ measure: m, value, takenOn })),
  });

it('keeps every measurement ever taken; the newest by date counts, whatever the order of entry', async () => {
  const { id } = await person();
  await measure(id, ['waist-girth', 720, '2027-03-01']);
  const { body } = await measure(id, ['waist-girth', 700, '2026-03-01']);
  expect(body.body['waist-girth']).toBe(720);
  const ledger = (await server.get<MeasureView[]>(`/api/people/${id}/measures`)).body;
  expect(ledger.map(({ value }) => value)).toEqual([700, 720]);
});

it('takes all of a sheet or none of it', async () => {
  const { id } = await person();
  const { status, body } = await measure(id, ['waist-girth', 700, '2027-01-01'], ['wing-span', 900, '2027-01-01']);
  expect(status).toBe(400);
  expect(body.message[0]).toContain('entries.1.measure');
  expect((await server.get<MeasureView[]>(`/api/people/${id}/measures`)).body).toEqual([]);
});

it('knows no February 30th', async () => {
  const { id } = await person();
  expect((await measure(id, ['waist-girth', 700, '2027-02-30'])).status).toBe(400);
});

it('a slip that was struck out stays as history and no longer counts; it can count again', async () => {
  const { id } = await person();
  await measure(id, ['waist-girth', 700, '2027-01-01']);
  await measure(id, ['waist-girth', 7200, '2027-02-01']).then(({ status }) => expect(status).toBe(400));
  await measure(id, ['waist-girth', 270, '2027-02-01']);
  const ledger = async () => (await server.get<MeasureView[]>(`/api/people/${id}/measures`)).body;
  const now = async () => (await server.get<PersonView>(`/api/people/${id}`)).body.body['waist-girth'];
  const slip = (await ledger()).find(({ value }) => value === 270)!;
  expect(await now()).toBe(270);
  expect((await server.send('DELETE', `/api/people/${id}/measures/${slip.id}`)).status).toBe(204);
  expect(await now()).toBe(700);
  expect((await ledger()).map(({ value, struck }) => [value, struck])).toEqual([
    [700, false],
    [270, true],
  ]);
  expect((await server.post(`/api/people/${id}/measures/${slip.id}/restore`, {})).status).toBe(204);
  expect(await now()).toBe(270);
});

it('what puts a slip of the same day right strikes it out, and nothing of another day, measure or person', async () => {
  const [mine, other] = [await person(), await person()];
  for (const { id } of [mine, other]) {
    await measure(id, ['hip-girth', 940, '2026-02-01']);
    await measure(id, ['hip-girth', 69, '2027-02-01']);
    await measure(id, ['waist-girth', 700, '2027-02-01']);
  }
  const right = { measure: 'hip-girth', value: 960, takenOn: '2027-02-01', putsRight: true };
  const { body } = await server.post<PersonView>(`/api/people/${mine.id}/measures`, { entries: [right] });
  expect(body.body).toMatchObject({ 'hip-girth': 960, 'waist-girth': 700 });
  const struck = async (id: string) =>
    (await server.get<MeasureView[]>(`/api/people/${id}/measures`)).body.filter((line) => line.struck).map(({ value }) => value);
  expect(await struck(mine.id)).toEqual([69]);
  expect(await struck(other.id)).toEqual([]);
  const [line] = (await server.get<MeasureView[]>(`/api/people/${mine.id}/measures`)).body;
  expect((await server.send('DELETE', `/api/people/${other.id}/measures/${line!.id}`)).status).toBe(404);
});
