import { Injectable, Logger, type BeforeApplicationShutdown } from '@nestjs/common';
import { BadInput, Unmakeable, type Lay } from '@arcus/core';
import type { LayPreviewRequest } from '@arcus/contract';
import { Lane } from './lane.ts';
import type { Answer, LayTask, PlanAnswer, PlanTask, Task } from './tasks.ts';

/** Plans and quick lays are done in less than a second each; long lays have a lane of their own, so that these pass them. */
const QUICK = { threads: 2, waiting: 200, patience: 900 };
const LONG = { threads: 2, waiting: 4, patience: 1500 };

/** Works out plans and lays off the main thread, in bounded time and memory. */
@Injectable()
export class Engine implements BeforeApplicationShutdown {
  private readonly log = new Logger('engine');
  private readonly quick = new Lane<Task, Answer<Lay | PlanAnswer>>(workerFile(), QUICK);
  private readonly long = new Lane<Task, Answer<Lay | PlanAnswer>>(workerFile(), LONG);

  /** Throws BadInput, Unmakeable or TooBusy. */
  plan(task: PlanTask): Promise<PlanAnswer> {
    return this.run(this.quick, task) as Promise<PlanAnswer>;
  }

  /** Stops when `signal` aborts. Throws BadInput, Unmakeable or TooBusy. */
  lay(request: LayPreviewRequest, signal?: AbortSignal): Promise<Lay> {
    const lane = request.effort === 'thorough' ? this.long : this.quick;
    return this.run(lane, { do: 'lay', request: plain(request) } satisfies LayTask, signal) as Promise<Lay>;
  }

  /** Starts a thread of each lane before the first is asked for. */
  warm(): void {
    this.quick.warm();
    this.long.warm();
  }

  async beforeApplicationShutdown(): Promise<void> {
    await Promise.all([this.quick.close(), this.long.close()]);
  }

  private async run(lane: Lane<Task, Answer<Lay | PlanAnswer>>, task: Task, signal?: AbortSignal): Promise<Lay | PlanAnswer> {
    const answer = await lane.run(task, signal);
    if ('unmakeable' in answer) throw new Unmakeable(...answer.unmakeable);
    if ('badInput' in answer) throw new BadInput(...answer.badInput);
    if ('fault' in answer) {
      // our mistake, not the sender's; but an answer that names the field helps more than none
      this.log.error(answer.fault);
      throw new Unmakeable(
        'choices',
        'These choices and measures do not go together: a number that has to be more than nothing is not. Change one of them.',
      );
    }
    return answer.done;
  }
}

/** A request without its class, as it can be sent to a thread. */
function plain({ pieces, ...rest }: LayPreviewRequest): LayPreviewRequest {
  return { ...rest, pieces: pieces.map((piece) => ({ ...piece })) };
}

/** The built worker, also where this file itself runs from its source under the tests. */
function workerFile(): string {
  const here = new URL('./engine-worker.js', import.meta.url).href;
  return here.replace('/apps/server/src/', '/apps/server/dist/');
}
