import { createStore, del, get, set } from 'idb-keyval';
import type { WaitingFiles } from './outbox-state.ts';

/** Files in mind only: gone with the page. */
export function filesInMind(): WaitingFiles {
  const kept = new Map<string, Blob>();
  return {
    get: (id) => Promise.resolve(kept.get(id)),
    set: (id, file) => Promise.resolve(void kept.set(id, file)),
    del: (id) => Promise.resolve(void kept.delete(id)),
  };
}

/** Files in the browser's own database; where it has none, or no room, they are kept in mind for as long as the page is open. */
export function filesOnDevice(): WaitingFiles {
  const mind = filesInMind();
  const store = createStore('arcus', 'files');
  return {
    get: async (id) => (await mind.get(id)) ?? (await get<Blob>(id, store).catch(() => undefined)),
    set: (id, file) => set(id, file, store).catch(() => mind.set(id, file)),
    del: async (id) => {
      await mind.del(id);
      await del(id, store).catch(() => undefined);
    },
  };
}
