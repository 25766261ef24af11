import { useCallback, useEffect, useRef, useState } from 'react';
import type { KeptLay } from '@arcus/contract';
import { laidByHand, layKey, layRows, type Lay, type Layer, type LayRequest } from '@arcus/core';
import { LayEngine } from './engine.ts';

/** How long a lay is looked for at most, and how long without a gain, seconds. */
const SECONDS = 8;
const IDLE = 1.5;
/** A choice that is being dragged is laid once it rests, ms. */
const REST = 140;
/** Better lays are shown no more often than this, ms. */
const SHOWN = 160;

interface Known {
  lay: Lay;
  settled: boolean;
}

/** Lays by what was laid, so that the same pieces are never laid twice: going back and forth costs nothing. */
const known = new Map<string, Known>();
const MOST_KNOWN = 80;
const engine = new LayEngine();

function remember(key: string, lay: Lay, settled: boolean): void {
  known.delete(key);
  known.set(key, { lay, settled });
  if (known.size > MOST_KNOWN) known.delete(known.keys().next().value!);
}

/** A lay as it is handed over: of all pieces of one stretch of cloth. */
export interface Found {
  key: string;
  placements: Lay['placements'];
  settled: boolean;
}

/**
 * A layer that never makes the page wait: what is kept lies as it is kept, what is not lies in rows at once and closer while the worker
 * looks on; a search for pieces that are no longer wanted is stopped. A layer writes down what it was asked in the list it was made
 * for, and `want` takes that list once the plan is shown; `laying` tells whether closer lays may still come. `onFound` hears of all lays of the plan once a search for one of them has ended, or is left.
 */
export function useLays(
  kept: readonly KeptLay[],
  onFound: (lays: Found[]) => void,
): { layerFor(asked: Map<string, LayRequest>): Layer; want(asked: Map<string, LayRequest>): void; laying: boolean } {
  const wanted = useRef(new Map<string, LayRequest>());
  const running = useRef<string>(undefined);
  const found = useRef({ hear: onFound, told: '' });
  found.current.hear = onFound;
  const [laying, setLaying] = useState(false);
  const [version, setVersion] = useState(0);
  const want = useCallback((asked: Map<string, LayRequest>) => void (wanted.current = new Map(asked)), []);
  const layerFor = useCallback(
    (asked: Map<string, LayRequest>): Layer =>
      (request) => {
        const key = layKey(request);
        asked.set(key, request);
        const here = known.get(key);
        if (here?.settled) return here.lay;
        const stored = kept.find((each) => each.key === key);
        const lay = stored && laidByHand(request, stored.placements);
        if (lay && (!here || stored.settled || lay.length < here.lay.length)) {
          remember(key, lay, stored.settled);
          return lay;
        }
        return here?.lay ?? layRows(request);
      },
    // a new layer after each better lay, so that plans that hang on it are laid again
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [version, kept],
  );
  useEffect(() => {
    let shown = 0;
    let since = performance.now();
    let last = '';
    /** Hands over what was found, once. */
    const tell = () => {
      const lays = [...wanted.current.keys()].flatMap((key) => {
        const each = known.get(key);
        return each ? [{ key, placements: each.lay.placements, settled: each.settled }] : [];
      });
      const text = JSON.stringify(lays);
      if (lays.length === 0 || text === found.current.told) return;
      found.current.told = text;
      found.current.hear(lays);
    };
    const look = () => {
      const keys = [...wanted.current.keys()].join('\n');
      if (keys !== last) [last, since] = [keys, performance.now()];
      if (running.current !== undefined) {
        if (wanted.current.has(running.current)) return;
        engine.stop();
        running.current = undefined;
      }
      const next = [...wanted.current].find(([key]) => !known.get(key)?.settled);
      if (!next) return setLaying(false);
      if (performance.now() - since < REST) return;
      const [key, request] = next;
      running.current = key;
      setLaying(true);
      const show = (lay: Lay, settled: boolean) => {
        if (running.current !== key) return;
        remember(key, lay, settled);
        if (settled) running.current = undefined;
        if (!settled && performance.now() - shown < SHOWN) return;
        shown = performance.now();
        setVersion((n) => n + 1);
        if (settled) tell();
      };
      const start = known.get(key)?.lay.placements;
      engine
        .lay({ ...request, effort: 'thorough', seconds: SECONDS, idle: IDLE, ...(start ? { start } : {}) }, (lay) => show(lay, false))
        .then((lay) => show(lay, true))
        .catch(() => {
          if (running.current === key) running.current = undefined;
          wanted.current.delete(key);
        });
    };
    const timer = setInterval(look, 50);
    return () => {
      clearInterval(timer);
      // whoever leaves while it is being laid closer keeps what was shown
      if (running.current !== undefined && known.has(running.current)) tell();
      engine.stop();
      running.current = undefined;
    };
  }, []);
  return { layerFor, want, laying };
}
