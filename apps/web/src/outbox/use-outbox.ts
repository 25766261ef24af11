import { useSyncExternalStore } from 'react';
import { mutate } from 'swr';
import { Outbox, type OutboxState } from './outbox.ts';
import type { Entry } from './entry.ts';

/** Tabs tell each other what was saved. */
let channel: BroadcastChannel | undefined;

function safeStorage(): Storage {
  try {
    localStorage.setItem('arcus.try', '1');
    localStorage.removeItem('arcus.try');
    return localStorage;
  } catch {
    const none = { length: 0, key: () => null, getItem: () => null, removeItem: () => undefined, clear: () => undefined };
    return { ...none, setItem: () => { throw new Error('nothing is kept here'); } } as Storage; // prettier-ignore
  }
}

export const outbox = new Outbox({
  storage: safeStorage(),
  // only one tab sends; where the browser has no locks (plain http in the house) sending twice does no harm
  alone: (work) => (navigator.locks ? navigator.locks.request('arcus-outbox', work) : work()) as ReturnType<typeof work>,
});

outbox.onSaved = async (entry: Entry, answer) => {
  const one = /^\/api\/makes\/[0-9a-f-]{36}/.exec(entry.path)?.[0];
  if (one && typeof answer === 'object' && answer !== null && 'lays' in answer) await mutate(one, answer, { revalidate: false });
  await refresh(one ? '/api/makes' : '/api/', one);
  channel?.postMessage({ saved: entry.path });
};

/** Reads again what may hang on what was saved: dockets and lists on nearly everything. `but` is known already. */
async function refresh(below = '/api/', but?: string): Promise<void> {
  await mutate((key) => typeof key === 'string' && key.startsWith(below) && key !== but);
}

export function startOutbox(): void {
  channel = new BroadcastChannel('arcus');
  channel.addEventListener('message', () => void refresh());
  outbox.start();
}

export const useOutbox = (): OutboxState => useSyncExternalStore(outbox.subscribe, outbox.current);
