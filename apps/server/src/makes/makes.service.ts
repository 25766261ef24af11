import { Injectable } from '@nestjs/common';
import { assertChoices, BadInput, CLOTH_ROLES, constructionById } from '@arcus/core';
import type { FoundLays, LogCreate, LogView, MakeBasis, MakeCreate, MakeDetail, MakeUpdate, MakeView, PersonView } from '@arcus/contract';
import { and, asc, desc, eq, isNull } from 'drizzle-orm';
import { archiveKept, findKept, insertOnce, newRow, saveKept, sentFields } from '../common/kept-rows.ts';
import { NoSuch, StaleSave } from '../common/problems.ts';
import { ClothsService } from '../cupboard/cloths.service.ts';
import { ElasticsService } from '../cupboard/elastics.service.ts';
import { Database } from '../database/database.ts';
import { ExperienceService } from '../experience/experience.service.ts';
import { PeopleService } from '../people/people.service.ts';
import { PlansService } from '../plans/plans.service.ts';
import { basisOf, MakeSummaries, requestOf, type Sources } from './make-summary.ts';
import { logs, makes } from './makes.table.ts';

type Row = typeof makes.$inferSelect;
const NULLABLE = ['clothId', 'elasticId', 'dueOn', 'lay'] as const;
/** Figures a log entry may hold: more than any garment has. */
const MOST_ACTUALS = 200;
const MOST_FIGURES = 500;

/** Makes: a construction for a person in a cloth, its choices and how far it has come, and the log of what came out. */
@Injectable()
export class MakesService {
  constructor(
    private readonly database: Database,
    private readonly people: PeopleService,
    private readonly cloths: ClothsService,
    private readonly elastics: ElasticsService,
    private readonly plans: PlansService,
    private readonly summaries: MakeSummaries,
    private readonly experience: ExperienceService,
  ) {}

  async list(withArchived: boolean): Promise<MakeView[]> {
    const rows = await this.database.orm
      .select()
      .from(makes)
      .where(withArchived ? undefined : isNull(makes.archivedAt))
      .orderBy(desc(makes.updatedAt));
    const finished = await this.database.orm.select().from(logs).where(isNull(logs.struckAt)).orderBy(asc(logs.id));
    const dates = new Map(finished.map((log) => [log.makeId, log.finishedOn]));
    const [people, cloths, elastics, experience] = await Promise.all([
      this.people.list(true),
      this.cloths.list(true),
      this.elastics.list(true),
      this.experience.all(),
    ]);
    const sourcesOf = ({ personId, clothId, otherCloths, elasticId }: Row): Sources => ({
      ...personOf(people.find(({ id }) => id === personId)),
      cloth: cloths.find(({ id }) => id === clothId),
      otherCloths: Object.fromEntries(
        Object.entries(otherCloths).flatMap(([role, of]) => cloths.filter(({ id }) => id === of).map((cloth) => [role, cloth] as const)),
      ),
      elastic: elastics.find(({ id }) => id === elasticId),
      experience,
    });
    const summaries = await this.summaries.ofAll(rows.map((row) => [row, sourcesOf(row)] as const));
    return rows.map((row, i) => view({ ...row, summary: summaries[i]! }, dates.get(row.id) ?? null));
  }

  async one(id: string): Promise<MakeDetail> {
    return this.detail(await findKept<Row>(this.database.orm, makes, 'make', id));
  }

  async create(make: MakeCreate): Promise<MakeView> {
    if (!constructionById(make.construction))
      throw new BadInput('construction', `“${make.construction}” is not a construction we know; see GET /api/constructions`);
    const { id, ...set } = sentFields(make) as MakeCreate;
    assertChoices(make.construction, set.choices ?? {});
    assertRoles(set.otherCloths);
    const draft = { otherCloths: {}, clothId: null, elasticId: null, dueOn: null, lay: null, ...set, choices: set.choices ?? {} };
    const sources = await this.sourcesOf(draft);
    const summary = { figures: {}, verdict: 'ok' as const, says: '' };
    const row = await this.database.write((orm) =>
      insertOnce<Row>(orm, makes, { ...draft, ...newRow(id), done: [], chalked: {}, tally: {}, basis: basisOf(sources), summary }),
    );
    return this.detail(row);
  }

  async update(id: string, patch: MakeUpdate): Promise<MakeView> {
    const set = sentFields(patch, NULLABLE);
    const now = await findKept<Row>(this.database.orm, makes, 'make', id);
    if (now.version !== patch.version) throw new StaleSave(await this.detail(now));
    assertRoles(set.otherCloths);
    if (set.choices) assertChoices(now.construction, set.choices);
    if (set.chalked) assertFigures('chalked', set.chalked, 'the figures of a mark, in millimetres');
    if (set.tally) assertFigures('tally', set.tally, 'what was counted, as a list of numbers');
    const sources = await this.sourcesOf({ ...now, ...set });
    const basis = basisAfter(now, set, basisOf(sources));
    const saved = await this.database.write((orm) => saveKept<Row>(orm, makes, 'make', { id, version: patch.version, set: { ...set, basis } }));
    return this.detail(saved);
  }

  /** Keeps lays found for a make's pieces by a closer search than the server's own. */
  async found(id: string, { lays }: FoundLays): Promise<MakeDetail> {
    const row = await findKept<Row>(this.database.orm, makes, 'make', id);
    const sources = await this.sourcesOf(row);
    await this.plans.offer(requestOf(row, sources), lays, row.lay ?? undefined);
    return this.detail(row);
  }

  /** The person has seen what changed under a make since it was last looked at: from now on it is held against today's. */
  async seen(id: string): Promise<MakeDetail> {
    const row = await findKept<Row>(this.database.orm, makes, 'make', id);
    const basis = basisOf(await this.sourcesOf(row));
    await this.database.write((orm) => orm.update(makes).set({ basis }).where(eq(makes.id, id)));
    return this.detail({ ...row, basis });
  }

  archive(id: string, away: boolean): Promise<void> {
    return this.database.write((orm) => archiveKept(orm, makes, 'make', id, away));
  }

  async log(id: string): Promise<LogView[]> {
    await findKept(this.database.orm, makes, 'make', id);
    return (await this.database.orm.select().from(logs).where(eq(logs.makeId, id)).orderBy(asc(logs.id))).map(logView);
  }

  /** Writes down what came out, beside the figures the plan had; an entry that was sent before is not written again. */
  async finish(id: string, { key, finishedOn, verdict, actuals, note = '', nextTime = '' }: LogCreate): Promise<LogView> {
    const row = await findKept<Row>(this.database.orm, makes, 'make', id);
    const given = Object.entries(actuals);
    if (given.length > MOST_ACTUALS) throw new BadInput('actuals', `has ${given.length} figures; at most ${MOST_ACTUALS} can be taken`);
    for (const [figure, value] of given) {
      if (!/^[a-z0-9-]{1,60}$/.test(figure)) throw new BadInput(`actuals.${figure}`, 'must be the id of a quantity, such as hem-sweep');
      if (typeof value !== 'number' || !Number.isFinite(value) || value < 0) throw new BadInput(`actuals.${figure}`, 'must be a number, not below 0');
    }
    const sources = await this.sourcesOf(row);
    const [{ figures }, times] = await Promise.all([this.summaries.of(row, sources), this.summaries.timesOf(row, sources)]);
    const entry = { makeId: id, finishedOn, verdict, actuals, planned: figures, times, note, nextTime, key: key ?? null };
    return this.database.write(async (orm) => {
      const known = key === undefined ? [] : await orm.select().from(logs).where(eq(logs.key, key)).limit(1);
      return logView(known[0] ?? (await orm.insert(logs).values(entry).returning())[0]!);
    });
  }

  /** Takes an entry of the log out, or puts it back. Throws NoSuch. */
  async strike(id: string, entry: number, out: boolean): Promise<void> {
    await this.database.write(async (orm) => {
      const struck = await orm
        .update(logs)
        .set({ struckAt: out ? new Date().toISOString() : null })
        .where(and(eq(logs.makeId, id), eq(logs.id, entry)))
        .returning();
      if (struck.length === 0) throw new NoSuch('entry of the log', String(entry));
    });
  }

  private async detail(row: Row): Promise<MakeDetail> {
    const sources = await this.sourcesOf(row);
    const [summary, [last]] = await Promise.all([
      this.summaries.ofAll([[row, sources]]).then(([found]) => found!),
      this.database.orm
        .select()
        .from(logs)
        .where(and(eq(logs.makeId, row.id), isNull(logs.struckAt)))
        .orderBy(desc(logs.id))
        .limit(1),
    ]);
    const lays = summary.stale ? [] : await this.summaries.laysOf(row, sources);
    return { ...view({ ...row, summary }, last?.finishedOn ?? null), lays };
  }

  /** The body, cloth and elastic of a make. An id that names nothing is the sender's mistake. */
  private async sourcesOf(make: Pick<Row, 'personId' | 'clothId' | 'otherCloths' | 'elasticId'>): Promise<Sources> {
    const named = async <T>(field: string, found: Promise<T>): Promise<T> => {
      try {
        return await found;
      } catch (error) {
        if (error instanceof NoSuch) throw new BadInput(field, error.message);
        throw error;
      }
    };
    const [experience, person, cloth, elastic, others] = await Promise.all([
      this.experience.all(),
      named('personId', this.people.one(make.personId)),
      make.clothId ? named('clothId', this.cloths.one(make.clothId)) : undefined,
      make.elasticId ? named('elasticId', this.elastics.one(make.elasticId)) : undefined,
      Promise.all(
        Object.entries(make.otherCloths).map(async ([role, id]) => [role, await named(`otherCloths.${role}`, this.cloths.one(id))] as const),
      ),
    ]);
    return { ...personOf(person), cloth, otherCloths: Object.fromEntries(others), elastic, experience };
  }
}

function logView({ struckAt, ...entry }: typeof logs.$inferSelect): LogView {
  return { ...entry, struck: struckAt !== null };
}

/** What a make was last looked at with: what the person has just chosen of today's, and the rest as it was. */
function basisAfter(now: Row, set: Partial<Row>, today: MakeBasis): MakeBasis {
  if (!now.basis) return today;
  return {
    body: 'personId' in set && set.personId !== now.personId ? today.body : now.basis.body,
    cloth: 'clothId' in set && set.clothId !== now.clothId ? today.cloth : now.basis.cloth,
    otherCloths: 'otherCloths' in set ? today.otherCloths : now.basis.otherCloths,
    elastic: 'elasticId' in set && set.elasticId !== now.elasticId ? today.elastic : now.basis.elastic,
  };
}

const personOf = (person: PersonView | undefined): Pick<Sources, 'body' | 'estimated' | 'child'> => ({
  body: person?.body ?? {},
  estimated: person?.estimated ?? {},
  child: person?.child ?? false,
});

const ROLES = CLOTH_ROLES.filter((role) => role !== 'main');

/** Throws BadInput where a cloth is for nothing that is known, or is no id. */
function assertRoles(cloths: Record<string, unknown> = {}): void {
  for (const [role, id] of Object.entries(cloths)) {
    if (!(ROLES as readonly string[]).includes(role))
      throw new BadInput(`otherCloths.${role.slice(0, 60)}`, `is not a part of it; ${ROLES.join(', ')} are`);
    if (typeof id !== 'string' || id.length > 60) throw new BadInput(`otherCloths.${role}`, 'must be the id of a cloth');
  }
}

/** Throws BadInput where a record of figures by id holds anything else. */
function assertFigures(field: string, sent: Record<string, unknown>, what: string): void {
  const given = Object.entries(sent);
  if (given.length > MOST_FIGURES) throw new BadInput(field, `has ${given.length} entries; at most ${MOST_FIGURES} can be taken`);
  for (const [id, figures] of given) {
    const good = Array.isArray(figures) && figures.length <= 100 && figures.every((figure) => typeof figure === 'number' && Number.isFinite(figure));
    if (!good || id.length > 120) throw new BadInput(`${field}.${id.slice(0, 120)}`, `must be ${what}`);
  }
}

function view({ archivedAt, createdAt: _created, ...row }: Row, finishedOn: string | null): MakeView {
  return { ...row, archived: archivedAt !== null, finishedOn };
}
