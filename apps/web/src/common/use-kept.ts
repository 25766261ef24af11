import { useCallback, useEffect, useState } from 'react';

/** State that stays on this device until it is let go: what is typed into a form survives leaving it. */
export function useKept<T>(key: string, fresh: T): [T, (next: T | ((now: T) => T)) => void, () => void] {
  const [value, setValue] = useState<T>(() => read(key) ?? fresh);
  useEffect(() => {
    try {
      if (JSON.stringify(value) === JSON.stringify(fresh)) localStorage.removeItem(key);
      else localStorage.setItem(key, JSON.stringify(value));
    } catch {
      // where nothing is kept, it lives as long as the page
    }
    // `fresh` is written anew at every render
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key, value]);
  const letGo = useCallback(() => setValue(fresh), []); // eslint-disable-line react-hooks/exhaustive-deps
  return [value, setValue, letGo];
}

function read<T>(key: string): T | undefined {
  try {
    const kept = localStorage.getItem(key);
    return kept === null ? undefined : (JSON.parse(kept) as T);
  } catch {
    return undefined;
  }
}
