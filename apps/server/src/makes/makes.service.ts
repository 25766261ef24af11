import { Injectable } from '@nestjs/common';
import { BadInput, constructionById } from '@arcus/core';
import type { LogCreate, LogView, MakeCreate, MakeUpdate, MakeView } from '@arcus/contract';
import { asc, desc, eq, isNull } from 'drizzle-orm';
import { archiveKept, findKept, newRow, saveKept, sentFields } from '../common/kept-rows.ts';
import { NoSuch } from '../common/problems.ts';
import { ClothsService } from '../cupboard/cloths.service.ts';
import { ElasticsService } from '../cupboard/elastics.service.ts';
import { Database } from '../database/database.ts';
import { PeopleService } from '../people/people.service.ts';
import { summarise } from './make-summary.ts';
import { logs, makes } from './makes.table.ts';

type Row = typeof makes.$inferSelect;
const NULLABLE = ['clothId', 'elasticId', 'dueOn', 'lay'] as const;

/** Makes: a construction for a person in a cloth, its choices and how far it has come, and the log of what came out. */
@Injectable()
export class MakesService {
  constructor(
    private readonly database: Database,
    private readonly people: PeopleService,
    private readonly cloths: ClothsService,
    private readonly elastics: ElasticsService,
  ) {}

  async list(withArchived: boolean): Promise<MakeView[]> {
    const rows = await this.database.orm
      .select()
      .from(makes)
      .where(withArchived ? undefined : isNull(makes.archivedAt))
      .orderBy(desc(makes.updatedAt));
    const finished = await this.database.orm.select().from(logs).orderBy(asc(logs.id));
    const dates = new Map(finished.map((log) => [log.makeId, log.finishedOn]));
    return rows.map((row) => view(row, dates.get(row.id) ?? null));
  }

  async one(id: string): Promise<MakeView> {
    const row = await findKept<Row>(this.database.orm, makes, 'make', id);
    return view(row, await this.finishedOn(id));
  }

  async create(make: MakeCreate): Promise<MakeView> {
    if (!constructionById(make.construction))
      throw new BadInput('construction', `“${make.construction}” is not a construction we know; see GET /api/constructions`);
    const set = sentFields(make) as MakeCreate;
    const draft = { clothId: null, elasticId: null, dueOn: null, lay: null, ...set, choices: set.choices ?? {} };
    const summary = await this.summaryOf(draft);
    const row = await this.database.write(
      async (orm) =>
        (
          await orm
            .insert(makes)
            .values({ ...draft, ...newRow(), done: [], summary })
            .returning()
        )[0]!,
    );
    return view(row, null);
  }

  async update(id: string, patch: MakeUpdate): Promise<MakeView> {
    const set = sentFields(patch, NULLABLE);
    const now = await findKept<Row>(this.database.orm, makes, 'make', id);
    const summary = await this.summaryOf({ ...now, ...set } as Row);
    const finishedOn = await this.finishedOn(id);
    const look = (row: Row) => view(row, finishedOn);
    return look(
      await this.database.write((orm) => saveKept<Row>(orm, makes, 'make', { id, version: patch.version, set: { ...set, summary }, view: look })),
    );
  }

  archive(id: string, away: boolean): Promise<void> {
    return this.database.write((orm) => archiveKept(orm, makes, 'make', id, away));
  }

  async log(id: string): Promise<LogView[]> {
    await findKept(this.database.orm, makes, 'make', id);
    return this.database.orm.select().from(logs).where(eq(logs.makeId, id)).orderBy(asc(logs.id));
  }

  /** Writes down what came out, beside the figures the plan had. */
  async finish(id: string, { finishedOn, verdict, actuals, note = '', nextTime = '' }: LogCreate): Promise<LogView> {
    const row = await findKept<Row>(this.database.orm, makes, 'make', id);
    for (const [key, value] of Object.entries(actuals)) {
      if (!/^[a-z0-9-]{1,60}$/.test(key)) throw new BadInput(`actuals.${key}`, 'must be the id of a quantity, such as hem-sweep');
      if (typeof value !== 'number' || !Number.isFinite(value) || value < 0) throw new BadInput(`actuals.${key}`, 'must be a number, not below 0');
    }
    const entry = { makeId: id, finishedOn, verdict, actuals, planned: row.summary.figures, note: note ?? '', nextTime: nextTime ?? '' };
    return this.database.write(async (orm) => (await orm.insert(logs).values(entry).returning())[0]!);
  }

  private async finishedOn(id: string): Promise<string | null> {
    const [last] = await this.database.orm.select().from(logs).where(eq(logs.makeId, id)).orderBy(desc(logs.id)).limit(1);
    return last?.finishedOn ?? null;
  }

  /** The plan's docket, worked out here and not taken from the client. An id that names nothing is the sender's mistake. */
  private async summaryOf(make: Pick<Row, 'construction' | 'personId' | 'clothId' | 'elasticId' | 'choices' | 'lay'>) {
    const named = async <T>(field: string, found: Promise<T>): Promise<T> => {
      try {
        return await found;
      } catch (error) {
        if (error instanceof NoSuch) throw new BadInput(field, error.message);
        throw error;
      }
    };
    const person = await named('personId', this.people.one(make.personId));
    const cloth = make.clothId ? await named('clothId', this.cloths.one(make.clothId)) : undefined;
    const elastic = make.elasticId ? await named('elasticId', this.elastics.one(make.elasticId)) : undefined;
    return summarise(make.construction, person.body, make.choices, cloth, elastic, make.lay);
  }
}

function view({ archivedAt, createdAt: _created, ...row }: Row, finishedOn: string | null): MakeView {
  return { ...row, archived: archivedAt !== null, finishedOn };
}
