import { useEffect, useState } from 'react';
import type { Remote } from 'comlink';
import { studyEngine } from './engine.ts';
import type { StudyWorker } from './study-worker.ts';

export interface Study<T> {
  data?: T;
  /** It is being worked out, or worked out again. */
  busy: boolean;
  failed?: string;
}

/** Rest after the last change before a study is begun, ms. */
const REST = 350;

/**
 * Something worked out in a worker of its own, again whenever `key` changes; an unfinished one is stopped. No key: nothing to work out.
 */
export function useStudy<T>(key: string | undefined, ask: (worker: Remote<StudyWorker>) => Promise<T>): Study<T> {
  const [study, setStudy] = useState<Study<T> & { of?: string }>({ busy: false });
  useEffect(() => {
    if (key === undefined) return;
    const engine = studyEngine();
    setStudy((now) => ({ ...now, busy: true }));
    const timer = setTimeout(() => {
      ask(engine.ask)
        .then((data) => setStudy({ data, busy: false, of: key }))
        .catch((error: unknown) => setStudy({ busy: false, failed: String(error), of: key }))
        .finally(() => engine.stop());
    }, REST);
    return () => {
      clearTimeout(timer);
      engine.stop();
    };
    // `ask` is made anew at each render; the key says when it asks for something else
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key]);
  return key === undefined ? { busy: false } : study;
}
