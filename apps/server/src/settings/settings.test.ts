import type { ApiError, SettingsView } from '@arcus/contract';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { TestServer } from '../testing/test-server.ts';

let server: TestServer;
beforeAll(async () => void (server = await TestServer.start()));
afterAll(() => server.stop());

const read = async () => (await server.get<SettingsView>('/api/settings')).body;

it('what is said takes the place of what was there, and nothing else changes; the export has it too', async () => {
  const before = await read();
  expect(before.table.machine).toBe('zigzag');
  const box = { tools: ['needle-hand'], threads: [{ name: 'Navy', left: 180_000 }] };
  expect((await server.send('PUT', '/api/settings/box', box)).status).toBe(200);
  expect(await read()).toEqual({ ...before, box });
  await server.send('PUT', '/api/settings/table', { machine: 'hands', finish: 'pinking', pace: 'practised' });
  await server.send('PUT', '/api/settings/hours', { weekday: 0, weekend: 240 });
  expect(await read()).toEqual({ table: { machine: 'hands', finish: 'pinking', pace: 'practised' }, hours: { weekday: 0, weekend: 240 }, box });
  const kept = (await server.get<{ settings: Array<{ name: string }> }>('/api/export')).body.settings;
  expect(kept.map(({ name }) => name)).toEqual(['box', 'hours', 'table']);
});

it.each([
  ['machine', 'table', { machine: 'loom', finish: 'zigzag', pace: 'beginner' }],
  ['pace', 'table', { machine: 'hands', finish: 'zigzag' }],
  ['weekday', 'hours', { weekday: -5, weekend: 60 }],
  ['weekend', 'hours', { weekday: 5, weekend: '60' }],
  ['threads.0.left', 'box', { tools: [], threads: [{ name: 'Navy', left: -1 }] }],
  ['tools', 'box', { tools: [3], threads: [] }],
  ['lamp', 'hours', { weekday: 5, weekend: 60, lamp: true }],
])('what can’t be is refused, naming %s, and nothing is changed', async (field, name, value) => {
  const before = await read();
  const refused = await server.send<ApiError>('PUT', `/api/settings/${name}`, value);
  expect(refused.status).toBe(400);
  expect(refused.body.message.join(' ')).toContain(field);
  expect(await read()).toEqual(before);
});
