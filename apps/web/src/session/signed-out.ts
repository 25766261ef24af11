import { useSyncExternalStore } from 'react';

/** Whether the server has asked for the passphrase. */
let out = false;
const listeners = new Set<() => void>();

export function setSignedOut(now: boolean): void {
  if (now === out) return;
  out = now;
  for (const tell of listeners) tell();
}

export const useSignedOut = (): boolean =>
  useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => out,
  );
