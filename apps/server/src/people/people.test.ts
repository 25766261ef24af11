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
