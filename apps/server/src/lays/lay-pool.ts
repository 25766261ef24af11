import { Injectable, type OnApplicationShutdown } from '@nestjs/common';
import { BadInput, Unmakeable, type Lay, type LayRequest } from '@arcus/core';
import { Piscina } from 'piscina';
import type { LayAnswer } from './lay-worker.ts';

/** Threads that lay at the same time; more would only share the same cores. */
const THREADS = 2;
/** Lays that may wait for a thread. */
const QUEUE = 40;

/** Runs the lay engine in worker threads; started at the first lay. */
@Injectable()
export class LayPool implements OnApplicationShutdown {
  private pool: Piscina<LayRequest, LayAnswer> | undefined;

  /** Lays pieces off the main thread. Aborts when `signal` does. Throws as layPieces. */
  async lay(request: LayRequest, signal?: AbortSignal): Promise<Lay> {
    this.pool ??= new Piscina({ filename: workerFile(), maxThreads: THREADS, minThreads: 1, maxQueue: QUEUE, idleTimeout: 60_000 });
    const answer = await this.pool.run(request, { signal });
    if ('unmakeable' in answer) throw new Unmakeable(...answer.unmakeable);
    if ('badInput' in answer) throw new BadInput(...answer.badInput);
    return answer.lay;
  }

  async onApplicationShutdown(): Promise<void> {
    await this.pool?.destroy();
  }
}

/** The built worker, also where this file itself runs from its source under the tests. */
function workerFile(): string {
  const here = new URL('./lay-worker.js', import.meta.url).href;
  return here.replace('/apps/server/src/', '/apps/server/dist/');
}
