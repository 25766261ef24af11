import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { ApiError, ClothView, ElasticView, MakeView } from '@arcus/contract';
import { USUAL_STRETCH } from '@arcus/core';
import { aMake } from '../testing/fixtures.ts';
import { TestServer } from '../testing/test-server.ts';

let server: TestServer;
beforeAll(async () => void (server = await TestServer.start()));
afterAll(() => server.stop());

const linen = { name: 'Rope linen', width: 1450, kind: 'woven' };

describe('a cloth', () => {
  it('keeps every figure it is given, in millimetres and shares, and fills in the usual ones', async () => {
    const figures = {
      ...linen,
      weight: 'heavy',
      shrinkAlong: 0.05,
      print: 'up',
      repeat: 240,
      oneWay: true,
      lengthOnHand: 2300,
      pricePerMetre: 12.4,
      colour: '#aa8866',
    };
    const { status, body } = await server.post<ClothView>('/api/cloths', figures);
    expect(status).toBe(201);
    expect(body).toMatchObject(figures);
    expect(body.selvedge).toBe(10);
    expect(body.version).toBe(1);
    expect((await server.get<ClothView>(`/api/cloths/${body.id}`)).body).toEqual(body);
  });

  it('has only what may be unknown taken away again', async () => {
    const { body: cloth } = await server.post<ClothView>('/api/cloths', { ...linen, lengthOnHand: 2000 });
    const emptied = await server.patch<ClothView>(`/api/cloths/${cloth.id}`, { version: 1, lengthOnHand: null });
    expect(emptied.body.lengthOnHand).toBeNull();
    const refused = await server.patch<ApiError>(`/api/cloths/${cloth.id}`, { version: 2, width: null });
    expect(refused.status).toBe(400);
    expect(refused.body.message[0]).toContain('width');
  });

  it.each([
    ['selvedge', { ...linen, width: 100, selvedge: 50 }],
    ['width', { ...linen, width: '1450' }],
    ['kind', { ...linen, kind: 'felt' }],
    ['name', { ...linen, name: '   ' }],
    ['colour', { ...linen, colour: 'red' }],
    ['repeat', { ...linen, repeat: -1 }],
    ['shrinkAlong', { ...linen, shrinkAlong: 5 }],
  ])('is refused by the name of what is wrong with it: %s', async (field, body) => {
    const answer = await server.post<ApiError>('/api/cloths', body);
    expect(answer.status).toBe(400);
    expect(answer.body.message.join(' ')).toContain(field);
  });

  it('that gets shorter in the cupboard stops the make it is for, once that is saved again', async () => {
    const { make, cloth } = await aMake(server);
    await server.patch(`/api/cloths/${cloth.id}`, { version: cloth.version, lengthOnHand: 400 });
    const { body } = await server.patch<MakeView>(`/api/makes/${make.id}`, { version: make.version, choices: make.choices });
    expect(body.summary.verdict).toBe('stop');
    expect(body.summary.says).toContain('too little cloth');
  });

  it('put away is still there for the make it was cut for', async () => {
    const { make, cloth } = await aMake(server);
    await server.send('DELETE', `/api/cloths/${cloth.id}`);
    expect((await server.get<ClothView[]>('/api/cloths')).body.map(({ id }) => id)).not.toContain(cloth.id);
    expect((await server.get<ClothView>(`/api/cloths/${cloth.id}`)).body.archived).toBe(true);
    expect((await server.patch<MakeView>(`/api/makes/${make.id}`, { version: make.version, name: 'Still here' })).status).toBe(200);
  });
});

describe('an elastic', () => {
  it.each(Object.entries(USUAL_STRETCH))('%s stretches as its kind usually does until it was tested', async (kind, stretch) => {
    const { body } = await server.post<ElasticView>('/api/elastics', { name: 'From the drawer', width: 20, kind });
    expect(body.greatestStretch).toBe(stretch);
    const tested = await server.patch<ElasticView>(`/api/elastics/${body.id}`, { version: 1, greatestStretch: 1.7 });
    expect(tested.body.greatestStretch).toBe(1.7);
  });
});

describe('a lay arranged by hand', () => {
  const lay = [
    { piece: 'skirt', copy: 0, turn: 0, x: 723.5, y: 760, locked: true },
    { piece: 'skirt', copy: 1, turn: 0, x: 723.5, y: 1600 },
  ];

  it('is kept with the make, and what is bought follows from it', async () => {
    const { make } = await aMake(server);
    const before = make.summary.figures['cloth-length']!;
    const { status, body } = await server.patch<MakeView>(`/api/makes/${make.id}`, { version: make.version, lay });
    expect(status).toBe(200);
    expect(body.lay).toEqual(lay);
    expect(body.summary.figures['cloth-length']!).toBeGreaterThan(before);
    const back = await server.patch<MakeView>(`/api/makes/${make.id}`, { version: body.version, lay: null });
    expect(back.body.lay).toBeNull();
    expect(back.body.summary.figures['cloth-length']).toBeCloseTo(before, 6);
  });

  it('that no longer fits the pieces is kept but not believed', async () => {
    const { make } = await aMake(server);
    const onTop = lay.map((each) => ({ ...each, y: 760 }));
    const { body } = await server.patch<MakeView>(`/api/makes/${make.id}`, { version: make.version, lay: onTop });
    expect(body.lay).toEqual(onTop);
    expect(body.summary.figures['cloth-length']).toBeCloseTo(make.summary.figures['cloth-length']!, 6);
  });

  it.each([
    ['turn', [{ ...lay[0], turn: 45 }]],
    ['copy', [{ ...lay[0], copy: -1 }]],
    ['x', [{ ...lay[0], x: '7' }]],
    ['sparkle', [{ ...lay[0], sparkle: true }]],
  ])('is refused by name: %s', async (field, wrong) => {
    const { make } = await aMake(server);
    const answer = await server.patch<ApiError>(`/api/makes/${make.id}`, { version: make.version, lay: wrong });
    expect(answer.status).toBe(400);
    expect(answer.body.message.join(' ')).toContain(field);
  });
});
