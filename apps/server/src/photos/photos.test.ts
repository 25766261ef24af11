import type { ApiError, MakeView, PhotoView } from '@arcus/contract';
import sharp from 'sharp';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { TestServer } from '../testing/test-server.ts';

let server: TestServer;
beforeAll(async () => void (server = await TestServer.start()));
afterAll(() => server.stop());

const make = async () => {
  const { id: personId } = (await server.post<{ id: string }>('/api/people', { name: 'Tove' })).body;
  return (await server.post<MakeView>('/api/makes', { name: 'Worn', construction: 'circle-skirt', personId })).body.id;
};
/** 40 x 20 pixels, taken sideways, with a place written into it. */
const fromCamera = () =>
  sharp({ create: { width: 40, height: 20, channels: 3, background: '#b96a5a' } })
    .withExif({ IFD0: { Orientation: '6', Copyright: 'somebody' }, IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '60/1 23/1 0/1' } })
    .withMetadata({ orientation: 6 })
    .jpeg()
    .toBuffer();
const send = async (id: string, bytes: Buffer) => {
  const answer = await fetch(`${server.url}/api/makes/${id}/photos`, {
    method: 'POST',
    headers: { 'content-type': 'application/octet-stream' },
    body: new Uint8Array(bytes),
  });
  return { status: answer.status, body: (await answer.json()) as PhotoView & ApiError };
};
const bytesOf = async (path: string) => Buffer.from(await (await fetch(`${server.url}${path}`)).arrayBuffer());

it('keeps a photograph upright and without what the camera wrote into it', async () => {
  const id = await make();
  const camera = await fromCamera();
  expect((await sharp(camera).metadata()).exif, 'there is something to strip').toBeDefined();
  const { status, body } = await send(id, camera);
  expect(status).toBe(201);
  // turned by a quarter: upright it is 20 wide and 40 high
  expect(body).toMatchObject({ width: 20, height: 40 });
  const kept = await bytesOf(`/api/photos/${body.id}`);
  const meta = await sharp(kept).metadata();
  expect(meta).toMatchObject({ format: 'jpeg', width: 20, height: 40 });
  expect([meta.exif, meta.xmp, meta.iptc, meta.orientation]).toEqual([undefined, undefined, undefined, undefined]);
  expect(kept.includes('somebody')).toBe(false);
  expect(await sharp(await bytesOf(`/api/photos/${body.id}/thumb`)).metadata()).toMatchObject({ width: 320, height: 320 });
});

it('sent twice under one id, as after an answer that got lost, it is kept once', async () => {
  const id = await make();
  const path = `/api/makes/${id}/photos/0b0f7c1e-5a55-4c37-9a3e-6f1d2f3a4b5c`;
  const bytes = new Uint8Array(await fromCamera());
  const put = async () => {
    const answer = await fetch(`${server.url}${path}`, { method: 'PUT', headers: { 'content-type': 'application/octet-stream' }, body: bytes });
    return [answer.status, await answer.json()] as const;
  };
  const first = await put();
  expect(first[0]).toBe(200);
  expect(await put()).toEqual(first);
  expect((await server.get<PhotoView[]>(`/api/makes/${id}/photos`)).body).toEqual([first[1]]);
});

it('scales what is larger than a screen, takes one out and puts it back', async () => {
  const id = await make();
  const large = await sharp({ create: { width: 4000, height: 3000, channels: 3, background: '#123456' } })
    .png()
    .toBuffer();
  const { body } = await send(id, large);
  expect(body).toMatchObject({ width: 1600, height: 1200 });
  const listed = async () => (await server.get<PhotoView[]>(`/api/makes/${id}/photos`)).body.length;
  expect(await listed()).toBe(1);
  expect((await server.send('DELETE', `/api/photos/${body.id}`)).status).toBe(204);
  expect(await listed()).toBe(0);
  expect((await server.post(`/api/photos/${body.id}/restore`, {})).status).toBe(204);
  expect(await listed()).toBe(1);
});

it.each([
  ['a text', () => Promise.resolve(Buffer.from('no picture at all')), 400, 'is no picture'],
  ['a damaged picture', async () => (await fromCamera()).subarray(0, 200), 400, 'is no picture'],
  ['nothing', () => Promise.resolve(Buffer.alloc(0)), 400, 'is empty'],
  ['a drawing', () => Promise.resolve(Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"/>')), 400, 'kind that can'],
  ['too much', () => Promise.resolve(Buffer.alloc(21 * 1024 * 1024, 1)), 413, 'larger than 20 MB'],
])('%s is refused with the reason', async (_, bytes, status, reason) => {
  const refused = await send(await make(), await bytes());
  expect(refused.status).toBe(status);
  expect(refused.body.message.join(' ')).toContain(reason);
});

it('a make or a photograph that isn’t there is a 404', async () => {
  const nobody = '00000000-0000-4000-8000-000000000000';
  expect((await send(nobody, await fromCamera())).status).toBe(404);
  expect((await fetch(`${server.url}/api/photos/${nobody}`)).status).toBe(404);
});
