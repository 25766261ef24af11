import { createHash } from 'node:crypto';
import { Injectable, Logger } from '@nestjs/common';
import {
  asTried,
  BadInput,
  clothFigures,
  requestOfMake,
  spentMinutes,
  Unmakeable,
  workTimes,
  type Elastic,
  type Experience,
  type PlanPreview,
  type PlanRequest,
  type WorkTimes,
} from '@arcus/core';
import type { ClothView, ElasticView, KeptLay, MakeBasis, MakeSummary } from '@arcus/contract';
import { eq } from 'drizzle-orm';
import { Database } from '../database/database.ts';
import type { AskedLay } from '../engine/tasks.ts';
import { TooBusy } from '../engine/too-busy.ts';
import { LayStore } from '../lays/lay-store.ts';
import { PlansService } from '../plans/plans.service.ts';
import { makes } from './makes.table.ts';

type Row = typeof makes.$inferSelect;

/** What a make hangs on beside its own row. */
export interface Sources {
  body: Record<string, number>;
  estimated: Record<string, string>;
  /** The person is a child, whatever the measures look like. */
  child: boolean;
  cloth?: ClothView;
  /** By what they are for. */
  otherCloths?: Record<string, ClothView>;
  elastic?: ElasticView;
  /** What was tried and made so far. */
  experience?: Experience;
}

interface Known {
  of: string;
  summary: MakeSummary;
  asked: AskedLay[];
}

/** Makes a list waits for before it shows what was known before, ms. */
const PATIENCE = 1200;
/** Dockets worked out at the same time for a list: others want plans too. */
const AT_ONCE = 3;

/**
 * The dockets of makes, always of today's measures, cloth, elastic and lays: worked out again when any of these has changed, and remembered
 * until then.
 */
@Injectable()
export class MakeSummaries {
  private readonly log = new Logger('summaries');
  private readonly known = new Map<string, Known>();
  private readonly underWay = new Map<string, Promise<Known>>();

  constructor(
    private readonly plans: PlansService,
    private readonly lays: LayStore,
    private readonly database: Database,
  ) {
    database.onReplaced(() => this.known.clear());
  }

  /** The docket of a make and the lays it is of; choices that can't be made are kept and said to be so. Throws TooBusy. */
  async of(row: Row, sources: Sources): Promise<MakeSummary> {
    return (await this.find(row, sources)).summary;
  }

  /** The lays of a make as they stand. */
  async laysOf(row: Row, sources: Sources): Promise<KeptLay[]> {
    const { asked } = await this.find(row, sources);
    const stored = await this.lays.of(asked.map(({ key }) => key));
    return asked
      .filter(({ from }) => from !== 'hand')
      .map(({ key, lay: { placements, length, utilisation } }) => ({
        key,
        placements,
        length,
        utilisation,
        settled: stored.get(key)?.settled ?? false,
      }));
  }

  /** How long its steps took by their clocks, kind by kind, against the rule of thumb; none where it can't be made. Throws TooBusy. */
  async timesOf(row: Row, sources: Sources): Promise<WorkTimes | null> {
    try {
      const { steps, pace } = JSON.parse(await this.plans.preview(requestOf(row, sources))) as PlanPreview;
      return workTimes(steps, pace, spentMinutes(row.tally, Date.now()));
    } catch (error) {
      if (error instanceof Unmakeable || error instanceof BadInput) return null;
      throw error;
    }
  }

  /** The same for many, a few at a time: those that take too long just now show what was known before, and say so. */
  async ofAll(rows: ReadonlyArray<readonly [Row, Sources]>): Promise<MakeSummary[]> {
    const found: MakeSummary[] = [];
    const until = performance.now() + PATIENCE;
    let next = 0;
    const work = async () => {
      for (let i = next++; i < rows.length; i = next++) {
        const [row, sources] = rows[i]!;
        found[i] = (await this.inTime(row, sources, until)) ?? { ...(this.known.get(row.id)?.summary ?? row.summary), stale: true };
      }
    };
    await Promise.all(Array.from({ length: AT_ONCE }, work));
    return found;
  }

  private async inTime(row: Row, sources: Sources, until: number): Promise<MakeSummary | undefined> {
    const current = await this.current(row, nameOf(row, sources));
    if (current) return current.summary;
    const left = until - performance.now();
    if (left <= 0) return undefined;
    const late = new Promise<undefined>((passed) => {
      setTimeout(() => passed(undefined), left).unref();
    });
    return Promise.race([this.of(row, sources), late]).catch((error: unknown) => {
      if (!(error instanceof TooBusy)) this.log.error(String(error));
      return undefined;
    });
  }

  private async find(row: Row, sources: Sources): Promise<Known> {
    const of = nameOf(row, sources);
    const known = await this.current(row, of);
    if (known) return known;
    const name = `${row.id} ${of}`;
    const working = this.underWay.get(name) ?? this.workOut(row, requestOf(row, sources), of).finally(() => this.underWay.delete(name));
    this.underWay.set(name, working);
    return working;
  }

  /** What is known of a make, where nothing it hangs on has changed since. */
  private async current({ id }: Row, of: string): Promise<Known | undefined> {
    const known = this.known.get(id);
    return known?.of === of && (await this.isCurrent(known)) ? known : undefined;
  }

  /** Keeps a docket for the time after a restart, until it is worked out again. No save of the person's: the version stays. */
  private async keep({ id, summary }: Row, now: MakeSummary): Promise<void> {
    if (JSON.stringify(summary) === JSON.stringify(now)) return;
    await this.database.write((orm) => orm.update(makes).set({ summary: now }).where(eq(makes.id, id)));
  }

  private async isCurrent({ asked }: Known): Promise<boolean> {
    const stored = await this.lays.of(asked.map(({ key }) => key));
    return asked.every(({ key, lay, from }) => from === 'hand' || (stored.get(key)?.length ?? lay.length) === lay.length);
  }

  private async workOut(row: Row, request: PlanRequest, of: string): Promise<Known> {
    const found = await this.plans.summary(request, row.lay ?? undefined).then(
      async ({ summary, asked }) => {
        const stored = await this.lays.of(asked.map(({ key }) => key));
        return { of, summary: { ...summary!, settled: asked.every(({ key, from }) => from === 'hand' || stored.get(key)?.settled === true) }, asked };
      },
      (error: unknown): Known => {
        // what can't be made, or a measure not taken yet, is a state of the work, not a mistake
        if (error instanceof Unmakeable || error instanceof BadInput)
          return { of, summary: { figures: {}, verdict: 'unmakeable', says: error.message }, asked: [] };
        throw error;
      },
    );
    this.known.set(row.id, found);
    void this.keep(row, found.summary).catch(() => undefined);
    return found;
  }
}

/** Names all that the docket of a make hangs on but its lays. */
function nameOf(row: Row, sources: Sources): string {
  return createHash('sha256')
    .update(JSON.stringify([requestOf(row, sources), row.lay]))
    .digest('base64url');
}

export const requestOf = (make: Pick<Row, 'id' | 'construction' | 'choices'>, { otherCloths, ...sources }: Sources): PlanRequest =>
  requestOfMake(make, { ...sources, others: otherCloths });

const figuresByRole = (cloths: Record<string, ClothView> = {}, experience?: Experience) =>
  Object.fromEntries(Object.entries(cloths).map(([role, cloth]) => [role, { ...clothFigures(asTried(cloth, experience)) }]));

function elasticFigures({ width, kind, greatestStretch }: ElasticView): Elastic {
  return { width, kind, greatestStretch };
}

/** What of its sources a make is worked out from, to be held against theirs of another day. */
export function basisOf({ body, cloth, otherCloths, elastic, experience }: Sources): MakeBasis {
  return {
    body,
    cloth: cloth ? { ...clothFigures(asTried(cloth, experience)) } : null,
    otherCloths: figuresByRole(otherCloths, experience),
    elastic: elastic ? { ...elasticFigures(asTried(elastic, experience)) } : null,
  };
}
