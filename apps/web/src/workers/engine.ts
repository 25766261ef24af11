import { proxy, wrap, type Remote } from 'comlink';
import type { Lay, LayRequest } from '@arcus/core';
import type { LayWorker } from './lay-worker.ts';
import type { StudyWorker } from './study-worker.ts';

/** A worker that can be stopped in the middle: what it was busy with is then never answered. */
class Stoppable<T> {
  private worker: Worker | undefined;
  private remote: Remote<T> | undefined;

  constructor(private readonly make: () => Worker) {}

  get ask(): Remote<T> {
    if (!this.remote) {
      this.worker = this.make();
      this.remote = wrap<T>(this.worker);
    }
    return this.remote;
  }

  stop(): void {
    this.worker?.terminate();
    [this.worker, this.remote] = [undefined, undefined];
  }
}

/** Lays pieces off the page's thread. Knows nothing of garments: the page has drafted them. */
export class LayEngine {
  private readonly worker = new Stoppable<LayWorker>(() => new Worker(new URL('./lay-worker.ts', import.meta.url), { type: 'module' }));

  lay(request: LayRequest, onBetter: (lay: Lay) => void): Promise<Lay> {
    return this.worker.ask.lay(request, proxy(onBetter));
  }

  stop(): void {
    this.worker.stop();
  }
}

/** Questions that take many plans; fetched when the first is asked. */
export const studyEngine = () => new Stoppable<StudyWorker>(() => new Worker(new URL('./study-worker.ts', import.meta.url), { type: 'module' }));
