import { useCallback, useEffect, useRef, useState } from 'react';
import { wrap, type Remote } from 'comlink';
import { layRows, type Lay, type Layer, type LayRequest } from '@arcus/core';
import type { LayWorker } from './lay-worker.ts';

let remote: Remote<LayWorker> | undefined;
const engine = (): Remote<LayWorker> => (remote ??= wrap<LayWorker>(new Worker(new URL('./lay-worker.ts', import.meta.url), { type: 'module' })));

/** Lays of the last drawings, so that going back and forth costs nothing. */
const known = new Map<string, Lay>();
const MOST_KNOWN = 60;

/**
 * A layer for `planFor` that never makes the page wait: pieces lie in rows at once and closer as soon as the worker has laid them.
 * `laying` tells whether a better lay is on its way.
 */
export function useLays(): { layer: Layer; laying: boolean } {
  const [, setDone] = useState(0);
  const wanted = useRef(new Map<string, LayRequest>());
  const [laying, setLaying] = useState(false);
  const [version, setVersion] = useState(0);
  const layer = useCallback<Layer>(
    (request) => {
      const key = JSON.stringify(request);
      const lay = known.get(key);
      if (lay) return lay;
      const rows = layRows(request);
      wanted.current.set(key, request);
      return rows;
    },
    // a new layer after each finished lay, so that plans that hang on it are worked out again
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [version],
  );
  useEffect(() => {
    const timer = setInterval(() => {
      const next = [...wanted.current].pop();
      if (!next || laying) return;
      wanted.current.clear();
      setLaying(true);
      const [key, request] = next;
      engine()
        .lay(request)
        .then((lay) => {
          known.set(key, lay);
          if (known.size > MOST_KNOWN) known.delete(known.keys().next().value!);
          setVersion((n) => n + 1);
        })
        .catch(() => undefined)
        .finally(() => {
          setLaying(false);
          setDone((n) => n + 1);
        });
    }, 60);
    return () => clearInterval(timer);
  }, [laying]);
  return { layer, laying };
}
