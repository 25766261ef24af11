// Longer than 250 lines: one queue, tried with all that can go wrong on the way.
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { ApiProblem, type request } from '../api/client.ts';
import { newId, type Fields } from './entry.ts';
import { Outbox } from './outbox.ts';
import { peopleWith } from './overlay.ts';

/** A browser's storage. */
function aStorage(): Storage {
  const kept = new Map<string, string>();
  return {
    get length() {
      return kept.size;
    },
    key: (i: number) => [...kept.keys()][i] ?? null,
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => void kept.set(key, value),
    removeItem: (key: string) => void kept.delete(key),
    clear: () => kept.clear(),
  };
}

/** A server with one make, which keeps versions as the real one does. */
class Server {
  make: Fields & { version: number } = { name: 'Slip', choices: { length: 600 }, done: [], version: 1 };
  away = false;
  readonly asked: Array<[string, string, Fields | undefined]> = [];
  during: (() => void) | undefined;
  /** Takes what it is sent, but its answer is lost on the way. */
  mute = false;

  readonly send = (async (method: string, path: string, body?: Fields) => {
    this.asked.push([method, path, body]);
    await Promise.resolve();
    this.during?.();
    if (this.away) throw new ApiProblem(0, ['The server does not answer.']);
    if (body?.['name'] === '') throw new ApiProblem(400, ['name must not be blank']);
    if (method !== 'PATCH') return undefined;
    const { version, ...set } = body!;
    if (version !== this.make.version) throw new ApiProblem(409, ['version'], { ...this.make });
    this.make = { ...this.make, ...set, version: this.make.version + 1 };
    if (this.mute) throw new ApiProblem(0, ['The server does not answer.']);
    return { ...this.make };
  }) as unknown as typeof request;
}

const PATH = '/api/makes/1';
const state = (change: Fields = {}): Fields => ({ name: 'Slip', choices: { length: 600 }, done: [], ...change });
const from = { fields: state(), version: 1 };

let server: Server;
let storage: Storage;
let outbox: Outbox;
/** As one editor of the make would: each change from where the last one left it. */
let left: Fields;
const edit = (into: Outbox, now: Fields) => {
  into.edit(PATH, 'Slip', from, left, now);
  left = now;
};
const rest = () => vi.advanceTimersByTimeAsync(5000);
beforeEach(() => {
  vi.useFakeTimers();
  left = state();
  server = new Server();
  storage = aStorage();
  outbox = new Outbox({ storage, send: server.send });
});
afterEach(() => vi.useRealTimers());

describe('what is entered', () => {
  it('is kept on the device at once, saved once it rests, and then nothing is left', async () => {
    edit(outbox, state({ choices: { length: 610 } }));
    expect(storage.length).toBe(1);
    expect(server.asked).toHaveLength(0);
    await rest();
    expect(server.make).toMatchObject({ choices: { length: 610 }, version: 2 });
    expect([storage.length, outbox.state.entries.length]).toEqual([0, 0]);
  });

  it('is no one else’s where only the answer was lost: what was changed since is saved, and nobody is asked', async () => {
    server.mute = true;
    edit(outbox, state({ choices: { length: 610 } }));
    await vi.advanceTimersByTimeAsync(1000);
    expect(server.make).toMatchObject({ choices: { length: 610 }, version: 2 });
    // through a reload, too
    outbox = new Outbox({ storage, send: server.send });
    server.mute = false;
    edit(outbox, state({ choices: { length: 620 } }));
    await rest();
    expect(server.make.choices).toEqual({ length: 620 });
    expect(outbox.state.entries).toEqual([]);
  });

  it('is taken back on the server too, where only the answer to it was lost', async () => {
    server.mute = true;
    edit(outbox, state({ choices: { length: 610 } }));
    await vi.advanceTimersByTimeAsync(1000);
    server.mute = false;
    edit(outbox, state());
    await rest();
    expect(server.make.choices).toEqual({ length: 600 });
    expect(outbox.state.entries).toEqual([]);
  });

  it('still asks where somebody else changed the same after an answer was lost', async () => {
    server.mute = true;
    edit(outbox, state({ choices: { length: 610 } }));
    await vi.advanceTimersByTimeAsync(1000);
    server.make = { ...server.make, choices: { length: 700 }, version: 3 };
    server.mute = false;
    edit(outbox, state({ choices: { length: 620 } }));
    await rest();
    expect(outbox.editOf(PATH)?.theirs).toEqual({ 'choices.length': 700 });
  });

  it('survives the page and the server being gone: another page sends it', async () => {
    server.away = true;
    edit(outbox, state({ name: 'Renamed' }));
    void outbox.call({ method: 'POST', path: '/api/people', body: { id: 'p', name: 'Alva' }, says: 'Alva' });
    await rest();
    expect(outbox.state.away).toEqual(['The server does not answer.']);
    server.away = false;
    const again = new Outbox({ storage, send: server.send });
    expect(again.state.entries).toHaveLength(2);
    again.now();
    await rest();
    expect(server.make['name']).toBe('Renamed');
    expect(server.asked[server.asked.length - 1]).toEqual(['POST', '/api/people', { id: 'p', name: 'Alva' }]);
    expect(storage.length).toBe(0);
  });

  it('goes in the order it was entered', async () => {
    server.away = true;
    for (const name of ['one', 'two', 'three']) void outbox.call({ method: 'POST', path: `/api/${name}`, says: name });
    await rest();
    server.away = false;
    server.asked.length = 0;
    await rest();
    expect(server.asked.map(([, path]) => path)).toEqual(['/api/one', '/api/two', '/api/three']);
  });

  it('while a save is under way is saved next, from there', async () => {
    edit(outbox, state({ choices: { length: 610 } }));
    let once = true;
    server.during = () => {
      if (once) edit(outbox, state({ choices: { length: 620 } }));
      once = false;
    };
    await rest();
    expect(server.make).toMatchObject({ choices: { length: 620 }, version: 3 });
    expect(outbox.state.entries).toEqual([]);
  });

  it('in two tabs goes on top of each other: neither undoes the other', async () => {
    server.away = true;
    edit(outbox, state({ choices: { length: 610 } }));
    const other = new Outbox({ storage, send: server.send });
    other.edit(PATH, 'Slip', from, state(), state({ done: ['sew:sides'] }));
    server.away = false;
    await rest();
    expect(server.make).toMatchObject({ choices: { length: 610 }, done: ['sew:sides'] });
  });

  it('and taken back before it was saved asks nothing of the server', async () => {
    edit(outbox, state({ name: 'Oops' }));
    edit(outbox, state());
    await rest();
    expect(server.asked).toEqual([]);
  });
});

describe('an old draft', () => {
  it('left on one device never undoes what was done on another: it is merged', async () => {
    server.away = true;
    edit(outbox, state({ choices: { length: 610 }, done: ['sew:sides'] }));
    await rest();
    // another device, meanwhile
    server.make = { ...server.make, name: 'Concert slip', done: ['chalk:hem'], version: 5 };
    server.away = false;
    const later = new Outbox({ storage, send: server.send });
    later.now();
    await rest();
    expect(server.make).toMatchObject({ name: 'Concert slip', choices: { length: 610 }, done: ['chalk:hem', 'sew:sides'], version: 6 });
  });

  it('that changed the very same waits for the person, and only in that', async () => {
    server.make = { ...server.make, choices: { length: 650 }, name: 'Theirs', version: 2 };
    edit(outbox, state({ choices: { length: 610 }, done: ['sew:sides'] }));
    await rest();
    const [waiting] = outbox.state.entries;
    expect(waiting).toMatchObject({ theirs: { 'choices.length': 650 } });
    expect(server.make.version).toBe(2);
    outbox.decide(waiting!.id, 'mine');
    await rest();
    expect(server.make).toMatchObject({ name: 'Theirs', choices: { length: 610 }, done: ['sew:sides'] });
  });

  it('decided for theirs keeps what else was mine', async () => {
    server.make = { ...server.make, choices: { length: 650 }, version: 2 };
    edit(outbox, state({ choices: { length: 610 }, done: ['sew:sides'] }));
    await rest();
    outbox.decide(outbox.state.entries[0]!.id, 'theirs');
    await rest();
    expect(server.make).toMatchObject({ choices: { length: 650 }, done: ['sew:sides'] });
  });
});

describe('what the server will not take', () => {
  it('is told to whoever entered it, and holds up nothing else', async () => {
    const refused = outbox.call({ method: 'POST', path: '/api/people', body: { name: '' }, says: 'Nobody' });
    const heard = expect(refused).rejects.toThrow('name must not be blank');
    edit(outbox, state({ name: 'Renamed' }));
    await rest();
    await heard;
    expect(server.make['name']).toBe('Renamed');
    expect(outbox.state.entries).toEqual([]);
  });

  it('stays in sight where whoever entered it is gone, and can be mended', async () => {
    edit(outbox, state({ name: '' }));
    await rest();
    expect(outbox.state.entries[0]).toMatchObject({ refused: true, messages: ['name must not be blank'] });
    edit(outbox, state({ name: 'Named' }));
    await rest();
    expect(server.make['name']).toBe('Named');
  });
});

it('a lay found for what is no more is no news', async () => {
  server.during = () => {
    throw new ApiProblem(404, ['There is no make with that id.']);
  };
  const put = outbox.call({ method: 'PUT', path: '/api/makes/gone/lays', body: { lays: [] }, says: 'How the pieces lie' });
  const heard = expect(put).rejects.toThrow('no make');
  await rest();
  await heard;
  expect(outbox.state.entries).toEqual([]);
});

it('what was said of one thing in Settings is not pushed out by another; what is refused is told', async () => {
  server.during = () => {
    throw new ApiProblem(400, ['weekday must not be greater than 1440']);
  };
  const put = (name: string) => outbox.call({ method: 'PUT', path: `/api/settings/${name}`, body: { of: name }, says: name });
  const heard = Promise.allSettled([put('hours'), put('box')]).then((all) => all.map(({ status }) => status));
  const waiting = outbox.state.entries.map(({ path }) => path);
  await rest();
  expect(await heard).toEqual(['rejected', 'rejected']);
  expect(waiting).toEqual(['/api/settings/hours', '/api/settings/box']);
  expect(server.asked.map(([, path]) => path)).toEqual(['/api/settings/hours', '/api/settings/box']);
});

it('a browser that keeps nothing says so, and still sends', async () => {
  const full = Object.assign(aStorage(), { setItem: () => { throw new Error('QuotaExceededError'); } }); // prettier-ignore
  const bare = new Outbox({ storage: full, send: server.send });
  server.away = true;
  edit(bare, state({ name: 'Kept in mind' }));
  await rest();
  expect(bare.state).toMatchObject({ unkept: true, entries: [{ path: PATH }] });
  server.away = false;
  await rest();
  expect(server.make['name']).toBe('Kept in mind');
});

it('what is not saved yet is shown all the same', () => {
  const read = [
    {
      id: 'p',
      name: 'Alva',
      note: '',
      child: false,
      version: 1,
      archived: false,
      body: { 'waist-girth': 700 },
      estimated: { 'waist-girth': 'a table' },
    },
  ];
  const call = (id: string, path: string, body: Fields) => ({ kind: 'call' as const, id, method: 'POST' as const, path, body, says: '' });
  const shown = peopleWith(read, [
    call('1', '/api/people', { id: 'q', name: 'Runa' }),
    call('2', '/api/people/q/measures', { entries: [{ measure: 'hip-girth', value: 960, note: 'estimate from EN 13402-3, bust 92' }] }),
    call('3', '/api/people/p/measures', { entries: [{ measure: 'waist-girth', value: 720 }] }),
  ])!;
  expect(shown.map(({ id, body, estimated }) => [id, body, estimated])).toEqual([
    ['p', { 'waist-girth': 720 }, {}],
    ['q', { 'hip-girth': 960 }, { 'hip-girth': 'EN 13402-3, bust 92' }],
  ]);
  // and once the server has it, it is there once
  expect(peopleWith([...read, { ...read[0]!, id: 'q' }], [call('1', '/api/people', { id: 'q', name: 'Runa' })])).toHaveLength(2);
});

it('ids are UUIDs of version 4, also where the browser has none to give (RFC 9562)', () => {
  for (let i = 0; i < 200; i++) expect(newId()).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/);
  expect(new Set(Array.from({ length: 500 }, newId)).size).toBe(500);
});

describe('a photograph', () => {
  const photo = new Blob(['a picture']);
  const files = () => server.asked.filter(([method]) => method === 'PUT');

  it('waits on the device while the server is away, and is sent once it is back; then nothing of it is left here', async () => {
    server.away = true;
    const put = outbox.file('/api/makes/1/photos/p', 'A photograph of Slip', photo);
    await vi.advanceTimersByTimeAsync(100);
    await put;
    const [entry] = outbox.state.entries;
    expect(entry).toMatchObject({ kind: 'file', path: '/api/makes/1/photos/p' });
    expect(await outbox.files.get(entry!.id)).toBe(photo);
    server.away = false;
    await rest();
    expect(files().at(-1)).toEqual(['PUT', '/api/makes/1/photos/p', photo]);
    expect(outbox.state.entries).toEqual([]);
    expect(await outbox.files.get(entry!.id)).toBeUndefined();
  });

  it('is refused with the reason where it is no picture, and does not stay in the queue', async () => {
    server.during = () => {
      throw new ApiProblem(400, ['photo: is no picture that can be read']);
    };
    const heard = expect(outbox.file('/api/makes/1/photos/p', 'A photograph of Slip', photo)).rejects.toThrow('no picture');
    await rest();
    await heard;
    expect(outbox.state.entries).toEqual([]);
  });

  it('that the browser has thrown away is told, and holds nothing else up', async () => {
    server.away = true;
    void outbox.file('/api/makes/1/photos/p', 'A photograph of Slip', photo);
    await rest();
    await outbox.files.del(outbox.state.entries[0]!.id);
    server.away = false;
    edit(outbox, state({ name: 'Slip, hemmed' }));
    await rest();
    expect(outbox.state.entries).toMatchObject([{ kind: 'file', refused: true, messages: ['It is no longer on this device. Add it again.'] }]);
    expect(server.make['name']).toBe('Slip, hemmed');
  });
});
