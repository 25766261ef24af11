import { Piscina } from 'piscina';
import { TooBusy } from './too-busy.ts';

interface LaneOptions {
  /** Tasks at work at the same time, each in a thread of its own. */
  threads: number;
  /** Tasks that may wait for a thread, and how long, ms: longer, and the answer would come too late to be of use. */
  waiting: number;
  patience: number;
}

interface Waiting {
  start(): void;
  fail(error: unknown): void;
}

/** No task needs more; one that does ends alone, not with the server, MB. */
const MEMORY = 384;

/**
 * Worker threads with a line before them that is short and moves: what can't begin within its patience is refused at once, so that the
 * line never holds more than can be answered, nor more memory than that takes.
 */
export class Lane<Task, Answer> {
  private pool: Piscina<Task, Answer> | undefined;
  private readonly line: Waiting[] = [];
  private atWork = 0;
  private closed = false;

  constructor(
    private readonly filename: string,
    private readonly options: LaneOptions,
  ) {}

  /** Runs a task, or throws TooBusy. Where `signal` aborts, a waiting task leaves the line and one at work is stopped. */
  async run(task: Task, signal?: AbortSignal): Promise<Answer> {
    await this.turn(signal);
    try {
      return await this.warm().run(task, { signal });
    } catch (error) {
      if (this.closed || (error as { code?: string }).code === 'ERR_WORKER_OUT_OF_MEMORY') throw new TooBusy(5);
      throw error;
    } finally {
      // whoever waits longest takes the place at once, before anybody new can
      const next = this.line.shift();
      if (next) next.start();
      else this.atWork--;
    }
  }

  /** Starts the first thread, where none is yet. */
  warm(): Piscina<Task, Answer> {
    this.pool ??= new Piscina({
      filename: this.filename,
      minThreads: 1,
      maxThreads: this.options.threads,
      idleTimeout: 60_000,
      resourceLimits: { maxOldGenerationSizeMb: MEMORY },
    });
    return this.pool;
  }

  /** Refuses what waits, stops what is at work. */
  async close(): Promise<void> {
    this.closed = true;
    for (const waiting of this.line.splice(0)) waiting.fail(new TooBusy(5));
    await this.pool?.destroy();
  }

  private turn(signal?: AbortSignal): Promise<void> {
    const { threads, waiting, patience } = this.options;
    if (this.closed || this.line.length >= waiting) throw new TooBusy(Math.ceil(patience / 1000));
    if (this.atWork < threads) {
      this.atWork++;
      return Promise.resolve();
    }
    return new Promise((start, fail) => {
      const leave = (error: unknown) => {
        const place = this.line.indexOf(entry);
        if (place >= 0) this.line.splice(place, 1);
        clearTimeout(timer);
        fail(error);
      };
      const entry: Waiting = {
        start: () => {
          clearTimeout(timer);
          start();
        },
        fail: leave,
      };
      const timer = setTimeout(() => leave(new TooBusy(Math.ceil(patience / 1000))), patience);
      signal?.addEventListener('abort', () => leave(signal.reason), { once: true });
      this.line.push(entry);
    });
  }
}
