/** What is yet to be saved. Everything a page writes goes through here, in order, and stays on the device until the server has it. */
interface Waiting {
  /** Orders the queue: the time it was entered, then a counter. */
  id: string;
  /** What it is, for the person: "Waist of Maren". */
  says: string;
  /** Why it is not saved yet, in words. */
  messages?: string[];
  /** The server will not take it as it is: it waits for the person. */
  refused?: boolean;
}

/** A write that stands on its own; sent twice it does no harm, as it names what it makes. */
export interface Call extends Waiting {
  kind: 'call';
  method: 'POST' | 'PUT' | 'DELETE';
  path: string;
  body?: Record<string, unknown>;
}

export type Fields = Record<string, unknown>;

/** Fields of a kept thing as they are wanted, with the state they were changed from, so that what others changed since is merged and not undone. */
export interface Edit extends Waiting {
  kind: 'edit';
  path: string;
  /** The stored state this began from, and its version. */
  base: Fields;
  version: number;
  mine: Fields;
  /** What was sent without the answer coming back, oldest first: the server may have taken any of it, so that finding it stored is no news. */
  sent?: Fields[];
  /** Both changed these, differently: the stored values, by field ("choices.length"). The person decides. */
  theirs?: Fields;
}

/** A file that is put under a path of its own; its bytes wait beside the queue, under the entry's id. Sent twice it is kept once. */
export interface FileEntry extends Waiting {
  kind: 'file';
  path: string;
}

export type Entry = Call | Edit | FileEntry;

const PREFIX = 'arcus.outbox.';
let counted = 0;

export const newEntryId = (at = Date.now()) => `${String(at).padStart(14, '0')}-${String(counted++).padStart(5, '0')}-${newId().slice(0, 6)}`;

/** A random id (UUID, version 4). Pages reached over plain http in the house have no randomUUID. */
export function newId(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16));
  bytes[6] = (bytes[6]! & 0x0f) | 0x40;
  bytes[8] = (bytes[8]! & 0x3f) | 0x80;
  const hex = [...bytes].map((byte) => byte.toString(16).padStart(2, '0')).join('');
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-${hex.slice(12, 16)}-${hex.slice(16, 20)}-${hex.slice(20)}`;
}

/** All entries kept on this device, oldest first; what can't be read is left alone. */
export function keptEntries(storage: Storage): Entry[] {
  const found: Entry[] = [];
  for (let i = 0; i < storage.length; i++) {
    const key = storage.key(i)!;
    if (!key.startsWith(PREFIX)) continue;
    try {
      found.push(JSON.parse(storage.getItem(key)!) as Entry);
    } catch {
      // half a line is of no use, but not ours to throw away
    }
  }
  return found.sort((a, b) => (a.id < b.id ? -1 : 1));
}

export const keep = (storage: Storage, entry: Entry) => storage.setItem(PREFIX + entry.id, JSON.stringify(entry));
export const letGo = (storage: Storage, id: string) => storage.removeItem(PREFIX + id);
export const isOutboxKey = (key: string | null) => key === null || key.startsWith(PREFIX);
