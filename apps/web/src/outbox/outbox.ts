// Longer than 250 lines: one queue, whose sending, failing and merging hold on to the same few fields.
import { ApiProblem, request } from '../api/client.ts';
import { isOutboxKey, keep, keptEntries, letGo, newEntryId, type Call, type Edit, type Entry, type Fields } from './entry.ts';
import { changesBetween, merge, nearest, pickLike, takeTheirs, unlikeAny } from './merge.ts';
import type { OutboxState, Saved, Surroundings, WaitingFiles } from './outbox-state.ts';
import { filesInMind } from './waiting-files.ts';

/** A field being edited is saved once it rests, ms; a server that is away is asked again after this long. */
const REST = 450;
const RETRY = 3000;
/** Of what was sent without an answer no more than that is remembered. */
const MOST_SENT = 8;
/** How long a page waits for its write before it goes on without, ms. */
const PATIENCE = 1500;
/** A file takes longer, and may be refused for what is in it; while the server is away nobody waits for it. */
const PATIENCE_FOR_A_FILE = 60_000;

/** The one queue of everything that is to be saved: kept on the device, sent in order, by one tab at a time. */
export class Outbox {
  state: OutboxState = { entries: [], sending: false, unkept: false };
  private readonly listeners = new Set<() => void>();
  /** The newest stored state known of each path: what an edit begins from is never older. */
  private readonly newest = new Map<string, { fields: Fields; version: number }>();
  private readonly settled = new Map<string, (problem?: ApiProblem) => void>();
  private readonly storage: Storage;
  /** Files that wait, by the id of their entry. */
  readonly files: WaitingFiles;
  private readonly send: typeof request;
  private readonly alone: <T>(work: () => Promise<T>) => Promise<T>;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private busy = false;
  private inHand: string | undefined;
  /** Hears of every write the server has taken. */
  onSaved: Saved = () => undefined;

  constructor({ storage, files = filesInMind(), send = request, alone = (work) => work() }: Surroundings) {
    this.storage = storage;
    this.files = files;
    this.send = send;
    this.alone = alone;
    this.read();
  }

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  readonly current = (): OutboxState => this.state;

  /** Begins to send, also what was left from before, and listens to what other tabs put in. */
  start(): void {
    addEventListener('storage', (event: StorageEvent) => {
      if (!isOutboxKey(event.key)) return;
      this.read();
      this.soon(0);
    });
    addEventListener('online', () => this.soon(0));
    // whoever leaves may not come back: nothing rests then
    addEventListener('pagehide', () => this.soon(0));
    document.addEventListener('visibilitychange', () => document.visibilityState === 'hidden' && this.soon(0));
    this.soon(0);
  }

  /** Puts in a write. Resolves once it is saved, or after a moment while it goes on waiting; throws ApiProblem where it is refused at once. */
  async call(call: Omit<Call, 'id' | 'kind'>): Promise<void> {
    // of two writes of the whole of a thing only the later counts
    if (call.method === 'PUT')
      for (const each of this.state.entries)
        if (each.kind === 'call' && each.method === 'PUT' && each.path === call.path && each.id !== this.inHand) this.drop(each.id);
    await this.outcome({ ...call, kind: 'call', id: newEntryId() }, 0);
  }

  /** Puts in a file, to be put at a path of its own. Resolves and throws as `call`. */
  async file(path: string, says: string, file: Blob): Promise<void> {
    const id = newEntryId();
    await this.files.set(id, file);
    await this.outcome({ kind: 'file', id, path, says }, 0, PATIENCE_FOR_A_FILE);
  }

  /**
   * Changes fields of a kept thing: what differs between `was` and `now`, on top of what waits already (perhaps from another tab), else of
   * the stored state `from`. It is saved once it rests.
   */
  edit(path: string, says: string, from: { fields: Fields; version: number }, was: Fields, now: Fields): void {
    const waiting = this.editOf(path);
    const known = this.newest.get(path);
    const base = known && known.version > from.version ? known : from;
    const mine = merge(was, now, waiting?.mine ?? base.fields).fields;
    const entry: Edit = waiting
      ? { ...waiting, mine, says, refused: false, messages: undefined }
      : { kind: 'edit', id: newEntryId(), path, says, base: base.fields, version: base.version, mine };
    if (!unlikeAny([entry.base, ...(entry.sent ?? [])], mine) && entry.id !== this.inHand) {
      if (waiting) this.drop(waiting.id);
      return;
    }
    this.put(entry);
    this.soon(REST);
  }

  /** The same for a form that is done: as `call`. */
  async save(path: string, says: string, from: { fields: Fields; version: number }, now: Fields): Promise<void> {
    this.edit(path, says, from, from.fields, now);
    const entry = this.editOf(path);
    if (entry) await this.outcome(entry, 0);
  }

  editOf(path: string): Edit | undefined {
    return this.state.entries.find((entry): entry is Edit => entry.kind === 'edit' && entry.path === path);
  }

  /** The stored state of a thing was read: edits begin from it. */
  know(path: string, fields: Fields, version: number): void {
    const known = this.newest.get(path);
    if (!known || known.version <= version) this.newest.set(path, { fields, version });
  }

  /** Everything stored was replaced (by a copy that was put back): what was known of it is wrong. */
  readonly forget = (): void => this.newest.clear();

  /** Decides what both sides changed. Returns the fields as they are wanted now. */
  decide(id: string, whose: 'mine' | 'theirs'): Fields | undefined {
    const entry = this.state.entries.find((each) => each.id === id);
    if (entry?.kind !== 'edit' || !entry.theirs) return undefined;
    const mine = whose === 'mine' ? entry.mine : takeTheirs(entry.mine, entry.theirs);
    const decided: Edit = { ...entry, mine, theirs: undefined };
    if (changesBetween(decided.base, mine)) this.put(decided);
    else this.drop(id);
    this.soon(0);
    return mine;
  }

  /** Gives up a write the server will not take. */
  drop(id: string): void {
    letGo(this.storage, id);
    if (this.state.entries.some((entry) => entry.id === id && entry.kind === 'file')) void this.files.del(id);
    this.show({ entries: this.state.entries.filter((entry) => entry.id !== id) });
  }

  /** Sends now what waits. */
  readonly now = (): void => this.soon(0);

  private async outcome(entry: Entry, after: number, patience = PATIENCE): Promise<void> {
    const done = new Promise<void>((saved, failed) => this.settled.set(entry.id, (problem) => (problem ? failed(problem) : saved())));
    this.put(entry);
    this.soon(after);
    const late = new Promise<'late'>((pass) => setTimeout(() => pass('late'), patience));
    try {
      await Promise.race([done, late]);
    } catch (error) {
      // whoever entered it is still there to mend it
      this.drop(entry.id);
      throw error;
    } finally {
      this.settled.delete(entry.id);
    }
  }

  private soon(after: number): void {
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.run(), after);
  }

  private async run(): Promise<void> {
    if (this.busy) return;
    this.busy = true;
    try {
      await this.alone(async () => {
        for (;;) {
          this.read();
          const next = this.state.entries.find((entry) => !entry.refused && !(entry.kind === 'edit' && entry.theirs));
          if (!next) break;
          if (!(await this.sendOne(next))) return;
        }
        this.show({ sending: false, away: undefined });
      });
    } finally {
      this.busy = false;
    }
  }

  /** Whether to go on with the next. */
  private async sendOne(entry: Entry): Promise<boolean> {
    this.inHand = entry.id;
    this.show({ sending: true });
    try {
      const changes = entry.kind === 'edit' ? unlikeAny([entry.base, ...(entry.sent ?? [])], entry.mine) : undefined;
      if (entry.kind === 'edit' && changes) this.put({ ...entry, sent: [...(entry.sent ?? []), entry.mine].slice(-MOST_SENT) });
      const answer =
        entry.kind === 'file'
          ? await this.sendFile(entry)
          : entry.kind === 'call'
            ? await this.send(entry.method, entry.path, entry.body)
            : changes && (await this.send('PATCH', entry.path, { ...changes, version: entry.version }));
      await this.saved(entry, answer);
      return true;
    } catch (error) {
      return this.failed(entry, error instanceof ApiProblem ? error : new ApiProblem(0, [String(error)]));
    } finally {
      this.inHand = undefined;
    }
  }

  private async sendFile({ id, path }: Entry): Promise<unknown> {
    const file = await this.files.get(id);
    if (!file) throw new ApiProblem(404, ['It is no longer on this device. Add it again.']);
    return this.send('PUT', path, file);
  }

  private async saved(entry: Entry, answer: unknown): Promise<void> {
    if (entry.kind === 'edit' && answer !== undefined) {
      const stored = answer as Fields & { version: number };
      this.know(entry.path, pickLike(stored, entry.mine), stored.version);
    }
    await this.onSaved(entry, answer);
    const now = this.state.entries.find(({ id }) => id === entry.id);
    if (now?.kind === 'edit' && entry.kind === 'edit' && answer !== undefined) {
      // what was changed while this was under way is saved next, from here
      const { fields, version } = this.newest.get(entry.path)!;
      const { fields: mine } = merge(entry.mine, now.mine, fields);
      if (changesBetween(fields, mine)) this.put({ ...now, base: fields, version, mine, sent: undefined });
      else this.drop(entry.id);
    } else this.drop(entry.id);
    this.settled.get(entry.id)?.();
    this.show({ away: undefined });
  }

  private failed(entry: Entry, problem: ApiProblem): boolean {
    const { status, messages } = problem;
    const now = this.state.entries.find(({ id }) => id === entry.id) ?? entry;
    if (status === 409 && now.kind === 'edit' && entry.kind === 'edit' && problem.current !== undefined) {
      const current = problem.current as Fields & { version: number };
      const theirs = pickLike(current, now.mine);
      this.know(now.path, theirs, current.version);
      // an answer may have been lost on its way: what we sent ourselves is where we left it, whatever was changed since
      const from = nearest(theirs, [now.base, ...(entry.sent ?? [])]);
      const { fields, conflicts } = merge(from, now.mine, theirs);
      const unlike = Object.keys(conflicts).length > 0;
      this.put({ ...now, base: theirs, version: current.version, mine: fields, sent: undefined, theirs: unlike ? conflicts : undefined });
      void this.onSaved({ ...now, mine: fields }, problem.current);
      if (unlike) this.settled.get(entry.id)?.();
      return true;
    }
    if (status === 0 || status >= 500 || status === 401 || status === 429) {
      this.show({ sending: false, away: messages });
      if (entry.kind === 'file') this.settled.get(entry.id)?.();
      this.soon(RETRY);
      return false;
    }
    // a lay that nobody wants any more is no loss and no news
    if (now.kind === 'call' && now.path.endsWith('/lays')) this.drop(now.id);
    else this.put({ ...now, refused: true, messages });
    this.settled.get(entry.id)?.(problem);
    return true;
  }

  private put(entry: Entry): void {
    const others = this.state.entries.filter(({ id }) => id !== entry.id);
    let unkept = false;
    try {
      keep(this.storage, entry);
    } catch {
      unkept = true;
    }
    this.show({ entries: [...others, entry].sort((a, b) => (a.id < b.id ? -1 : 1)), unkept });
  }

  /** What is kept on the device, by whichever tab; and what could not be kept. */
  private read(): void {
    const kept = keptEntries(this.storage);
    const unkept = this.state.unkept ? this.state.entries.filter(({ id }) => !kept.some((each) => each.id === id)) : [];
    this.show({ entries: [...kept, ...unkept].sort((a, b) => (a.id < b.id ? -1 : 1)) });
  }

  private show(patch: Partial<OutboxState>): void {
    this.state = { ...this.state, ...patch };
    for (const tell of this.listeners) tell();
  }
}
