import { Injectable } from '@nestjs/common';
import type { Lay, Placement, PlanRequest } from '@arcus/core';
import type { FoundLay } from '@arcus/contract';
import { Engine } from '../engine/engine.ts';
import type { PlanAnswer, PlanTask } from '../engine/tasks.ts';
import { LayStore, type StoredLay } from '../lays/lay-store.ts';

/** Requests whose lays are remembered by name, so that they are found before the request is drafted. */
const MOST_REMEMBERED = 2000;

/** Plans with the one lay of their pieces: the kept one where there is one. */
@Injectable()
export class PlansService {
  /** Keys of the lays a request asks for. */
  private readonly asks = new Map<string, string[]>();

  constructor(
    private readonly engine: Engine,
    private readonly lays: LayStore,
  ) {}

  /** A plan as the JSON of its preview. Throws BadInput, Unmakeable or TooBusy. */
  async preview(request: PlanRequest): Promise<string> {
    return (await this.workOut({ do: 'preview', request })).text!;
  }

  /** The docket of a plan and the lays it is of. Throws as `preview`. */
  summary(request: PlanRequest, hand?: readonly Placement[]): Promise<PlanAnswer> {
    return this.workOut({ do: 'summary', request, ...(hand ? { hand } : {}) });
  }

  /** Keeps lays found elsewhere for the pieces of a request, where they fit and are no longer than what is known. Tells whether any was kept. */
  async offer(request: PlanRequest, found: readonly FoundLay[], hand?: readonly Placement[]): Promise<boolean> {
    const { asked } = await this.workOut({ do: 'summary', request, offered: found, ...(hand ? { hand } : {}) });
    const settled = new Set(found.filter((each) => each.settled).map(({ key }) => key));
    return this.lays.keep(
      asked.filter(({ from }) => from === 'offered').map(({ key, lay }) => ({ key, lay: { ...lay, settled: settled.has(key) } })),
    );
  }

  private async workOut(task: PlanTask): Promise<PlanAnswer> {
    const name = JSON.stringify(task.request);
    const known = await this.lays.of(this.asks.get(name) ?? []);
    const answer = await this.engine.plan({ ...task, kept: plain(known) });
    const keys = answer.asked.map(({ key }) => key);
    this.remember(name, keys);
    const all = await this.lays.of(keys);
    // lays known to the store that the thread did not know of: the plan is of these
    if (task.offered === undefined && answer.asked.some(({ key, from }) => from !== 'hand' && all.has(key) && !known.has(key)))
      return this.engine.plan({ ...task, kept: plain(all) });
    return answer;
  }

  private remember(name: string, keys: string[]): void {
    this.asks.set(name, keys);
    if (this.asks.size > MOST_REMEMBERED) this.asks.delete(this.asks.keys().next().value!);
  }
}

const plain = (lays: ReadonlyMap<string, StoredLay>): Record<string, Lay> => Object.fromEntries(lays);
