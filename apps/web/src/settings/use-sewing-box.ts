import { useState } from 'react';

const KEEP = 'arcus.box';
/** What an older version kept, and what is no box at all, is an empty one. */
const EMPTY: SewingBox = { tools: new Set(), threads: [] };

/** A reel that was begun, or a whole one. */
export interface Thread {
  /** Its colour, in the person's words. */
  name: string;
  /** What is left on it, mm. */
  left: number;
}

/** What is at hand, as it is kept on this device: tools by id, and thread. */
export interface SewingBox {
  tools: ReadonlySet<string>;
  threads: readonly Thread[];
}

const isThread = (each: unknown): each is Thread =>
  typeof each === 'object' && each !== null && typeof (each as Thread).name === 'string' && Number.isFinite((each as Thread).left);

export function sewingBox(): SewingBox {
  try {
    const kept = JSON.parse(localStorage.getItem(KEEP) ?? 'null') as Partial<Record<'tools' | 'threads', unknown>> | null;
    const { tools, threads } = kept ?? {};
    return {
      tools: new Set(Array.isArray(tools) ? tools.filter((each) => typeof each === 'string') : []),
      threads: Array.isArray(threads) ? threads.filter(isThread) : [],
    };
  } catch {
    return EMPTY;
  }
}

/** The reels that are long enough for a make, mm. */
export const threadsFor = ({ threads }: SewingBox, length: number): Thread[] => threads.filter(({ left }) => left >= length);

export function useSewingBox(): [box: SewingBox, change: (box: Partial<SewingBox>) => void] {
  const [box, show] = useState(sewingBox);
  return [
    box,
    (change) => {
      const next = { ...box, ...change };
      localStorage.setItem(KEEP, JSON.stringify({ tools: [...next.tools], threads: next.threads }));
      show(next);
    },
  ];
}
