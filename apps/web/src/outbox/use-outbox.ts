import { useCallback, useRef, useSyncExternalStore } from 'react';
import { mutate } from 'swr';
import type { OutboxState } from './outbox-state.ts';
import { Outbox } from './outbox.ts';
import type { Edit, Entry } from './entry.ts';
import { filesOnDevice } from './waiting-files.ts';

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
  files: filesOnDevice(),
  // only one tab sends; where the browser has no locks (plain http in the house) sending twice does no harm
  alone: (work) => (navigator.locks ? navigator.locks.request('arcus-outbox', work) : work()) as ReturnType<typeof work>,
});

outbox.onSaved = async (entry: Entry, answer) => {
  const one = /^\/api\/makes\/[0-9a-f-]{36}/.exec(entry.path)?.[0];
  const answered = one !== undefined && typeof answer === 'object' && answer !== null && 'lays' in answer;
  if (answered) await mutate(one, answer, { revalidate: false });
  await refresh(one ? '/api/makes' : '/api/', answered ? one : undefined);
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

/** The entries about one list or thing and what is below it; the same array while these are the same, so that nothing else is drawn anew. */
export function useEntries(below: string, kind?: Entry['kind']): readonly Entry[] {
  const last = useRef<readonly Entry[]>([]);
  const select = useCallback(() => {
    const now = outbox.state.entries.filter((entry) => entry.path.startsWith(below) && (kind === undefined || entry.kind === kind));
    if (now.length !== last.current.length || now.some((entry, i) => entry !== last.current[i])) last.current = now;
    return last.current;
  }, [below, kind]);
  return useSyncExternalStore(outbox.subscribe, select);
}

/** The edit of one thing that waits for the person: refused, or changed by both. What merely waits to be sent is no matter here. */
export function useStuckEdit(path: string): Edit | undefined {
  const select = useCallback(() => {
    const edit = outbox.editOf(path);
    return edit && (edit.refused || edit.theirs) ? edit : undefined;
  }, [path]);
  return useSyncExternalStore(outbox.subscribe, select);
}
