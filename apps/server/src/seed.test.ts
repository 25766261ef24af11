import { scenario } from '@arcus/demo';
import { constructionById, measureById } from '@arcus/core';
import type { ClothView, LogView, MakeView, MeasureView, PersonView } from '@arcus/contract';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { isEmpty, seed } from './seed.ts';
import { TestServer } from './testing/test-server.ts';

let server: TestServer;
let makes: MakeView[];
beforeAll(async () => {
  server = await TestServer.start();
  expect(await isEmpty(server.app)).toBe(true);
  await seed(server.app, scenario);
  makes = (await server.get<MakeView[]>('/api/makes')).body;
});
afterAll(() => server.stop());

describe('the demo', () => {
  it('knows four to six people, one of them a child, with measures taken on several days', async () => {
    const people = (await server.get<PersonView[]>('/api/people')).body;
    expect(people.length).toBeGreaterThanOrEqual(4);
    expect(people.length).toBeLessThanOrEqual(6);
    expect(people.filter(({ child }) => child)).toHaveLength(1);
    for (const { id, body } of people) {
      for (const measure of Object.keys(body)) expect(measureById(measure), measure).toBeDefined();
      const ledger = (await server.get<MeasureView[]>(`/api/people/${id}/measures`)).body;
      expect(ledger.every(({ takenOn }) => takenOn <= new Date().toISOString().slice(0, 10))).toBe(true);
    }
    expect(await isEmpty(server.app)).toBe(false);
  });

  it('has a cupboard that shows what cloth can be: knit and woven, sheer, one-way, printed, unwashed', async () => {
    const cloths = (await server.get<ClothView[]>('/api/cloths')).body;
    expect(cloths.length).toBeGreaterThanOrEqual(8);
    for (const trait of [
      (cloth: ClothView) => cloth.kind === 'knit',
      (cloth: ClothView) => cloth.sheer,
      (cloth: ClothView) => cloth.oneWay,
      (cloth: ClothView) => cloth.print !== 'none' && cloth.repeat > 0,
      (cloth: ClothView) => !cloth.prewashed,
      (cloth: ClothView) => cloth.lengthOnHand === null,
    ])
      expect(cloths.some(trait)).toBe(true);
  });

  it('has makes at every turn of the way, all of which can be made, and one finished with its log', async () => {
    expect(new Set(makes.map(({ station }) => station)).size).toBeGreaterThanOrEqual(5);
    expect(new Set(makes.map(({ construction }) => construction)).size).toBeGreaterThanOrEqual(4);
    for (const { name, summary, construction } of makes) {
      expect(constructionById(construction), name).toBeDefined();
      expect(summary.verdict, `${name}: ${summary.says}`).not.toBe('unmakeable');
      expect(summary.verdict, `${name}: ${summary.says}`).not.toBe('stop');
    }
    const finished = makes.filter(({ finishedOn }) => finishedOn !== null);
    expect(finished).toHaveLength(1);
    const [log] = (await server.get<LogView[]>(`/api/makes/${finished[0]!.id}/log`)).body;
    for (const id of Object.keys(log!.actuals)) expect(log!.planned[id], id).toBeGreaterThan(0);
  });

  it('names nobody twice and keeps its dates ahead of it', () => {
    const names = [...scenario.people.map(({ name }) => name), ...scenario.cloths.map(({ name }) => name)];
    expect(new Set(names).size).toBe(names.length);
    for (const { name, dueInDays } of scenario.makes) if (dueInDays !== undefined) expect(dueInDays, name).toBeGreaterThan(0);
  });
});
