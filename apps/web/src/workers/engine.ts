import { proxy, wrap, type Remote } from 'comlink';
import type { Lay, LayRequest } from '@arcus/core';
import type { LayWorker } from './lay-worker.ts';

/** A worker that can be stopped in the middle: what it was busy with is then never answered. */
export class Engine {
  private worker: Worker | undefined;
  private remote: Remote<LayWorker> | undefined;

  get ask(): Remote<LayWorker> {
    if (!this.remote) {
      this.worker = new Worker(new URL('./lay-worker.ts', import.meta.url), { type: 'module' });
      this.remote = wrap<LayWorker>(this.worker);
    }
    return this.remote;
  }

  lay(request: LayRequest, onBetter: (lay: Lay) => void): Promise<Lay> {
    return this.ask.lay(request, proxy(onBetter));
  }

  stop(): void {
    this.worker?.terminate();
    [this.worker, this.remote] = [undefined, undefined];
  }
}
