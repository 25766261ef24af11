import type { request } from '../api/client.ts';
import type { Entry } from './entry.ts';

/** What the pages show of the outbox. */
export interface OutboxState {
  entries: readonly Entry[];
  sending: boolean;
  /** The server is away, or can't save just now: why. */
  away?: readonly string[];
  /** This browser keeps nothing: what is not saved is gone with the page. */
  unkept: boolean;
}

/** What became of a write, for whoever shows the thing: the stored state as the server answered. */
export type Saved = (entry: Entry, answer: unknown) => Promise<void> | void;

/** Where files wait that are too large for the queue itself. */
export interface WaitingFiles {
  get(id: string): Promise<Blob | undefined>;
  set(id: string, file: Blob): Promise<void>;
  del(id: string): Promise<void>;
}

/** What the outbox needs of the browser. */
export interface Surroundings {
  storage: Storage;
  files?: WaitingFiles;
  send?: typeof request;
  /** Runs work while no other tab does. */
  alone?: <T>(work: () => Promise<T>) => Promise<T>;
}
