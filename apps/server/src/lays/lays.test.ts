import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Lay } from '@arcus/core';
import { TestServer } from '../testing/test-server.ts';

let server: TestServer;
beforeAll(async () => void (server = await TestServer.start()));
afterAll(() => server.stop());

const gore = {
  id: 'gore',
  outline: [
    [0, 0],
    [300, 0],
    [200, 800],
    [100, 800],
  ],
  copies: 8,
  turns: [0, 180],
};

describe('POST /api/lays/preview', () => {
  it('lays the contract’s own gores: every copy once, head to tail', async () => {
    const { status, body } = await server.post<Lay>('/api/lays/preview', { width: 1400, pieces: [gore], effort: 'thorough', seconds: 1 });
    expect(status).toBe(200);
    expect(body.placements.map(({ copy }) => copy).sort()).toEqual([0, 1, 2, 3, 4, 5, 6, 7]);
    // geometry: head to tail they take their mean width of 200 mm each: two rows of at most six
    expect(body.length).toBeLessThanOrEqual(1600);
    expect(body.utilisation).toBeCloseTo((8 * 160_000) / (1400 * body.length), 6);
  });

  it('takes an outline whichever way round it runs', async () => {
    const clockwise = { ...gore, outline: [...gore.outline].reverse() };
    const lengths = await Promise.all(
      [gore, clockwise].map(async (piece) => (await server.post<Lay>('/api/lays/preview', { width: 1400, pieces: [piece] })).body.length),
    );
    expect(lengths[0]).toBeCloseTo(lengths[1]!, 6);
  });

  it('cuts from the back of the cloth only where the piece says that it may', async () => {
    const leaning = (id: string, by: number) => ({ id, outline: [[0, 0], [200, 0], [200 + by, 400], [by, 400]], turns: [0] }); // prettier-ignore
    const pieces = [leaning('left', -100), leaning('right', 100)];
    const lengths = await Promise.all(
      [pieces, pieces.map((piece) => ({ ...piece, mirror: true }))].map(
        async (each) => (await server.post<Lay>('/api/lays/preview', { width: 500, pieces: each })).body.length,
      ),
    );
    expect(lengths[0]).toBeGreaterThan(401);
    expect(lengths[1]).toBeCloseTo(400, 3);
    const bad = await server.post<{ message: string[] }>('/api/lays/preview', { width: 500, pieces: [{ ...pieces[0], mirror: 'yes' }] });
    expect(bad.status).toBe(400);
    expect(bad.body.message.join()).toContain('mirror');
  });

  it('goes on answering while it lays', async () => {
    const slow = server.post<Lay>('/api/lays/preview', { width: 1400, pieces: [gore], effort: 'thorough', seconds: 2 });
    await new Promise((later) => setTimeout(later, 300));
    const from = Date.now();
    expect((await server.get('/api/health')).status).toBe(200);
    expect(Date.now() - from).toBeLessThan(700);
    expect((await slow).status).toBe(200);
  });
});
