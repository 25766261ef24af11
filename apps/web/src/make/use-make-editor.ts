import { useCallback, useEffect, useMemo, useReducer, useRef } from 'react';
import type { MakeView } from '@arcus/contract';
import type { Edit, Fields } from '../outbox/entry.ts';
import { changesBetween, merge, nearest } from '../outbox/merge.ts';
import { outbox, useStuckEdit } from '../outbox/use-outbox.ts';
import { draftOf, type MakeDraft } from './draft.ts';
import { nextHistory, type History, type HistoryAction } from './history.ts';

type Patch = Partial<MakeDraft> | ((draft: MakeDraft) => Partial<MakeDraft>);

export interface MakeEditor {
  draft: MakeDraft;
  change(patch: Patch, about: string): void;
  choose(id: string, value: number | string | boolean | undefined): void;
  /** Something that is no decision and that undo leaves alone. */
  settle(patch: (draft: MakeDraft) => MakeDraft): void;
  undo(): void;
  redo(): void;
  /** The last step back or forward, so that it can be said. */
  stepped: History<MakeDraft>['stepped'];
  canUndo: boolean;
  canRedo: boolean;
  /** What can't be saved before the person has decided or mended something. */
  stuck?: Edit;
  /** Of what both sides changed: keep mine, or take theirs. */
  decide(whose: 'mine' | 'theirs'): void;
}

/** A save takes in no more changes than that. */
const MOST_TOLD = 60;

const asFields = (draft: MakeDraft) => draft as unknown as Fields;
const asDraft = (fields: Fields) => fields as unknown as MakeDraft;

/**
 * One make being edited: its history, every change at once in the outbox (which saves it, whether or not this page stays), and what
 * others change meanwhile merged in.
 */
export function useMakeEditor(make: MakeView): MakeEditor {
  const path = `/api/makes/${make.id}`;
  const [history, act] = useReducer(
    nextHistory as (h: History<MakeDraft>, a: HistoryAction<MakeDraft>) => History<MakeDraft>,
    undefined,
    (): History<MakeDraft> => {
      const left = outbox.editOf(path);
      const stored = draftOf(make);
      // what was left unsaved, on top of what is stored by now
      const present = left ? asDraft(merge(left.base, left.mine, asFields(stored)).fields) : stored;
      return { past: left ? [stored] : [], present, future: [] };
    },
  );
  const draft = history.present;
  const base = useRef({ fields: asFields(draftOf(make)), version: make.version });
  const stuck = useStuckEdit(path);

  /** The draft as the outbox, or the server, last heard of it. */
  const heard = useRef(draft);
  /** The states the outbox was told since the stored one the page knows, oldest first. */
  const told = useRef<Fields[]>([]);

  // every change at once, from where the last one left it; before what others changed is taken in
  useEffect(() => {
    if (!changesBetween(asFields(heard.current), asFields(draft))) return;
    outbox.edit(path, draft.name, base.current, asFields(heard.current), asFields(draft));
    heard.current = draft;
    told.current = [...told.current, asFields(draft)].slice(-MOST_TOLD);
  }, [draft, path]);

  // what is stored has moved on: by our own save, or by somebody else's
  useEffect(() => {
    if (make.version <= base.current.version) return;
    const now = asFields(draftOf(make));
    // our own save is no news: taken for others' work it would be written over every step back. What the page has told last that is nearest to
    // what is stored now is what was saved (by whichever tab), and only what differs from that did others do
    const was = nearest(now, [base.current.fields, ...told.current]);
    told.current = told.current.slice(told.current.indexOf(was) + 1);
    base.current = { fields: now, version: make.version };
    outbox.know(path, now, make.version);
    if (!changesBetween(was, now)) return;
    const taken = (state: MakeDraft) => asDraft(merge(was, asFields(state), now).fields);
    heard.current = taken(heard.current);
    act({ type: 'settle', patch: taken });
  }, [make, path]);

  const change = useCallback(
    (patch: Patch, about: string) =>
      act({
        type: 'change',
        patch: (state) => ({ ...state, ...(typeof patch === 'function' ? patch(state) : patch) }),
        about,
        at: performance.now(),
      }),
    [],
  );
  const choose = useCallback(
    (id: string, value: number | string | boolean | undefined) =>
      change(({ choices }) => {
        const others = Object.entries(choices).filter(([key]) => key !== id);
        return { choices: Object.fromEntries(value === undefined ? others : [...others, [id, value]]) };
      }, `choice:${id}`),
    [change],
  );
  const settle = useCallback((patch: (state: MakeDraft) => MakeDraft) => act({ type: 'settle', patch }), []);
  const undo = useCallback(() => act({ type: 'undo' }), []);
  const redo = useCallback(() => act({ type: 'redo' }), []);
  const decide = useCallback(
    (whose: 'mine' | 'theirs') => {
      const entry = outbox.editOf(path);
      const decided = entry && outbox.decide(entry.id, whose);
      if (!decided) return;
      heard.current = asDraft(decided);
      act({ type: 'settle', patch: () => asDraft(decided) });
    },
    [path],
  );
  return useMemo(
    () => ({
      draft,
      change,
      choose,
      settle,
      undo,
      redo,
      stepped: history.stepped,
      canUndo: history.past.length > 0,
      canRedo: history.future.length > 0,
      stuck,
      decide,
    }),
    [draft, change, choose, settle, undo, redo, history, stuck, decide],
  );
}
