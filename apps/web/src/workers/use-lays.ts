import { useCallback, useEffect, useRef, useState } from 'react';
import { layRows, type Lay, type Layer, type LayRequest } from '@arcus/core';
import { Engine } from './engine.ts';

/** How long a lay is looked for at most, and how long without a gain, seconds. */
const SECONDS = 8;
const IDLE = 1.5;
/** A choice that is being dragged is laid once it rests, ms. */
const REST = 140;
/** Better lays are shown no more often than this, ms. */
const SHOWN = 160;

/** Lays found so far, so that going back and forth costs nothing. */
const known = new Map<string, { lay: Lay; settled: boolean }>();
const MOST_KNOWN = 80;
const engine = new Engine();

function remember(key: string, lay: Lay, settled: boolean): void {
  known.delete(key);
  known.set(key, { lay, settled });
  if (known.size > MOST_KNOWN) known.delete(known.keys().next().value!);
}

/**
 * A layer for `planFor` that never makes the page wait: pieces lie in rows at once and closer while the worker looks on; a search for
 * pieces that are no longer wanted is stopped. `begin` comes before each plan; `laying` tells whether better lays may still come.
 */
export function useLays(): { begin(): void; layer: Layer; laying: boolean } {
  const wanted = useRef(new Map<string, LayRequest>());
  const running = useRef<string>(undefined);
  const [laying, setLaying] = useState(false);
  const [version, setVersion] = useState(0);
  const begin = useCallback(() => wanted.current.clear(), []);
  const layer = useCallback<Layer>(
    (request) => {
      const key = JSON.stringify(request);
      const found = known.get(key);
      if (!found?.settled) wanted.current.set(key, request);
      return found?.lay ?? layRows(request);
    },
    // a new layer after each better lay, so that plans that hang on it are worked out again
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [version],
  );
  useEffect(() => {
    let shown = 0;
    let since = Date.now();
    let last = '';
    const look = () => {
      const keys = [...wanted.current.keys()].join('\n');
      if (keys !== last) [last, since] = [keys, Date.now()];
      if (running.current !== undefined) {
        if (wanted.current.has(running.current)) return;
        engine.stop();
        running.current = undefined;
      }
      const next = [...wanted.current].find(([key]) => !known.get(key)?.settled);
      if (!next) return setLaying(false);
      if (Date.now() - since < REST) return;
      const [key, request] = next;
      running.current = key;
      setLaying(true);
      const show = (lay: Lay, settled: boolean) => {
        if (running.current !== key) return;
        remember(key, lay, settled);
        if (settled) running.current = undefined;
        if (!settled && Date.now() - shown < SHOWN) return;
        shown = Date.now();
        setVersion((n) => n + 1);
      };
      engine
        .lay({ ...request, effort: 'thorough', seconds: SECONDS, idle: IDLE }, (lay) => show(lay, false))
        .then((lay) => show(lay, true))
        .catch(() => {
          if (running.current === key) running.current = undefined;
          wanted.current.delete(key);
        });
    };
    const timer = setInterval(look, 50);
    return () => clearInterval(timer);
  }, []);
  useEffect(
    () => () => {
      engine.stop();
      running.current = undefined;
    },
    [],
  );
  return { begin, layer, laying };
}
