import { useCallback, useEffect, useReducer, useRef, useState } from 'react';
import type { MakeView } from '@arcus/contract';
import { useSWRConfig } from 'swr';
import { ApiProblem, request } from '../api/client.ts';
import { changesBetween, draftOf, keepUnsaved, unsavedOf, type MakeDraft } from './draft.ts';
import { nextHistory, type History, type HistoryAction } from './history.ts';

export type SaveState =
  | { kind: 'saved' }
  | { kind: 'saving' }
  | { kind: 'waiting'; messages: string[] }
  | { kind: 'refused'; messages: string[] }
  | { kind: 'conflict'; theirs: MakeView };

/** Rest after the last change before it is saved, and between tries while the server is away, ms. */
const REST = 450;
const RETRY = 3000;

export interface MakeEditor {
  draft: MakeDraft;
  change(patch: Partial<MakeDraft>, about: string): void;
  choose(id: string, value: number | string | boolean | undefined): void;
  /** Something that is no decision and that undo leaves alone. */
  settle(patch: (draft: MakeDraft) => MakeDraft): void;
  undo(): void;
  redo(): void;
  canUndo: boolean;
  canRedo: boolean;
  saveState: SaveState;
  /** After a conflict: save mine over theirs, or go on from theirs. */
  keepMine(): void;
  takeTheirs(): void;
}

/** One make being edited: history, autosave with its version, and nothing lost when the page or the server goes away. */
export function useMakeEditor(make: MakeView): MakeEditor {
  const [history, act] = useReducer(
    nextHistory as (h: History<MakeDraft>, a: HistoryAction<MakeDraft>) => History<MakeDraft>,
    undefined,
    (): History<MakeDraft> => {
      const left = unsavedOf(make.id);
      return { past: left ? [draftOf(make)] : [], present: left ?? draftOf(make), future: [] };
    },
  );
  const draft = history.present;
  const saved = useRef(draftOf(make));
  const version = useRef(make.version);
  const busy = useRef(false);
  const refused = useRef<MakeDraft>(undefined);
  const [saveState, setSaveState] = useState<SaveState>({ kind: 'saved' });
  const [tick, setTick] = useState(0);
  const { mutate } = useSWRConfig();

  useEffect(() => {
    const changes = changesBetween(saved.current, draft);
    keepUnsaved(make.id, changes ? draft : undefined);
    if (!changes) {
      setSaveState((now) => (now.kind === 'conflict' ? now : { kind: 'saved' }));
      return;
    }
    if (busy.current || saveState.kind === 'conflict' || (saveState.kind === 'refused' && refused.current === draft)) return;
    const timer = setTimeout(
      () => {
        busy.current = true;
        setSaveState({ kind: 'saving' });
        request<MakeView>('PATCH', `/api/makes/${make.id}`, { ...changes, version: version.current })
          .then((now) => {
            saved.current = draftOf({ ...now, ...pick(draft, changes) });
            version.current = now.version;
            void mutate(`/api/makes/${make.id}`, now, { revalidate: false });
            void mutate('/api/makes');
            setSaveState({ kind: 'saved' });
          })
          .catch((error: unknown) => {
            refused.current = draft;
            setSaveState(stateAfter(error));
          })
          .finally(() => {
            busy.current = false;
            setTick((n) => n + 1);
          });
      },
      saveState.kind === 'waiting' ? RETRY : REST,
    );
    return () => clearTimeout(timer);
    // `tick` looks again after a save; a refused draft waits for its next change
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [draft, tick, make.id, mutate]);

  const change = useCallback(
    (patch: Partial<MakeDraft>, about: string) => act({ type: 'change', to: { ...draft, ...patch }, about, at: Date.now() }),
    [draft],
  );
  const choose = useCallback(
    (id: string, value: number | string | boolean | undefined) => {
      const others = Object.entries(draft.choices).filter(([key]) => key !== id);
      const choices = Object.fromEntries(value === undefined ? others : [...others, [id, value]]);
      change({ choices }, `choice:${id}`);
    },
    [draft, change],
  );
  const settle = useCallback((patch: (state: MakeDraft) => MakeDraft) => act({ type: 'settle', patch }), []);
  const undo = useCallback(() => act({ type: 'undo' }), []);
  const redo = useCallback(() => act({ type: 'redo' }), []);
  const resolve = (theirs: MakeView, mine: boolean) => {
    saved.current = draftOf(theirs);
    version.current = theirs.version;
    if (!mine) act({ type: 'replace', to: draftOf(theirs) });
    setSaveState({ kind: 'saved' });
    setTick((n) => n + 1);
  };
  const onConflict = (mine: boolean) => () => saveState.kind === 'conflict' && resolve(saveState.theirs, mine);
  return {
    draft,
    change,
    choose,
    settle,
    undo,
    redo,
    canUndo: history.past.length > 0,
    canRedo: history.future.length > 0,
    // between a change and its save nothing is saved yet, and the page says so
    saveState: saveState.kind === 'saved' && changesBetween(saved.current, draft) ? { kind: 'saving' } : saveState,
    keepMine: onConflict(true),
    takeTheirs: onConflict(false),
  };
}

function stateAfter(error: unknown): SaveState {
  if (!(error instanceof ApiProblem)) return { kind: 'waiting', messages: [String(error)] };
  if (error.status === 409) return { kind: 'conflict', theirs: error.current as MakeView };
  if (error.status === 0 || error.status >= 500) return { kind: 'waiting', messages: error.messages };
  return { kind: 'refused', messages: error.messages };
}

function pick(draft: MakeDraft, changes: Partial<MakeDraft>): Partial<MakeDraft> {
  return Object.fromEntries(Object.keys(changes).map((key) => [key, draft[key as keyof MakeDraft]])) as Partial<MakeDraft>;
}
