import { useState } from 'react';

const KEEP = 'arcus.box';

/** The tools at hand, by id, as they are kept on this device. */
export function sewingBox(): ReadonlySet<string> {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(KEEP) ?? '[]');
    return new Set(Array.isArray(kept) ? kept.filter((each) => typeof each === 'string') : []);
  } catch {
    return new Set();
  }
}

export function useSewingBox(): [box: ReadonlySet<string>, put: (id: string, there: boolean) => void] {
  const [box, show] = useState(sewingBox);
  return [
    box,
    (id, there) => {
      const next = new Set([...box].filter((each) => each !== id));
      if (there) next.add(id);
      localStorage.setItem(KEEP, JSON.stringify([...next]));
      show(next);
    },
  ];
}
