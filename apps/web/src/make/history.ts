/** States one can go back and forth between. */
export interface History<T> {
  past: T[];
  present: T;
  future: T[];
  /** The last step back or forward: from what to what. */
  stepped?: { way: 'undo' | 'redo'; from: T; to: T };
  /** What the last change was about and when (ms), so that a drag becomes one step. */
  last?: { about: string; at: number };
}

export type HistoryAction<T> =
  /** `patch` is laid over the state of the moment: what was chosen while something was awaited stays. */
  | { type: 'change'; patch: (state: T) => T; about: string; at: number }
  | { type: 'undo' }
  | { type: 'redo' }
  /** What is no decision of one's own (moving on to the next station, what others changed): it holds in every state, so that going back leaves it alone. */
  | { type: 'settle'; patch: (state: T) => T };

/** Changes of the same thing closer together than this are one step back, ms. */
const ONE_MOVE = 900;
/** As many steps back as anyone remembers. */
const MOST = 200;

/** The next history; never changes the one given. */
export function nextHistory<T>(history: History<T>, action: HistoryAction<T>): History<T> {
  const { past, present, future, last } = history;
  switch (action.type) {
    case 'change': {
      const same = last && last.about === action.about && action.at - last.at < ONE_MOVE;
      return {
        past: same ? past : [...past, present].slice(-MOST),
        present: action.patch(present),
        future: [],
        last: { about: action.about, at: action.at },
      };
    }
    case 'undo':
      return past.length === 0
        ? history
        : {
            past: past.slice(0, -1),
            present: past[past.length - 1]!,
            future: [present, ...future],
            stepped: { way: 'undo', from: present, to: past[past.length - 1]! },
          };
    case 'redo':
      return future.length === 0
        ? history
        : { past: [...past, present], present: future[0]!, future: future.slice(1), stepped: { way: 'redo', from: present, to: future[0]! } };
    case 'settle':
      return { ...history, past: past.map(action.patch), present: action.patch(present), future: future.map(action.patch) };
  }
}
