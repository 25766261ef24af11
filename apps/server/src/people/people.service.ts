import { Injectable } from '@nestjs/common';
import { BadInput, estimatesIn, measureById } from '@arcus/core';
import type { MeasureEntries, MeasureView, PersonCreate, PersonUpdate, PersonView } from '@arcus/contract';
import { and, asc, eq, isNull } from 'drizzle-orm';
import { archiveKept, findKept, insertOnce, newRow, saveKept, sentFields } from '../common/kept-rows.ts';
import { NoSuch } from '../common/problems.ts';
import { Database } from '../database/database.ts';
import { measurements, people } from './people.table.ts';

type Row = typeof people.$inferSelect;

/** People and their dated measure ledger. */
@Injectable()
export class PeopleService {
  constructor(private readonly database: Database) {}

  async list(withArchived: boolean): Promise<PersonView[]> {
    const { orm } = this.database;
    const rows = await orm
      .select()
      .from(people)
      .where(withArchived ? undefined : isNull(people.archivedAt))
      .orderBy(asc(people.createdAt));
    const lines = await orm.select().from(measurements).where(isNull(measurements.struckAt)).orderBy(asc(measurements.takenOn), asc(measurements.id));
    const ledgers = new Map<string, Line[]>();
    for (const line of lines) ledgers.set(line.personId, [...(ledgers.get(line.personId) ?? []), line]);
    return rows.map((row) => view(row, ledgers.get(row.id) ?? []));
  }

  async one(id: string): Promise<PersonView> {
    const row = await findKept<Row>(this.database.orm, people, 'person', id);
    return view(row, await this.counting(id));
  }

  async create({ id, name, note = '', child = false }: PersonCreate): Promise<PersonView> {
    const row = await this.database.write((orm) => insertOnce<Row>(orm, people, { ...newRow(id), name, note, child }));
    return this.one(row.id);
  }

  async update(id: string, patch: PersonUpdate): Promise<PersonView> {
    const set = sentFields(patch);
    const ledger = await this.counting(id);
    return view(
      await this.database.write((orm) => saveKept<Row>(orm, people, 'person', { id, version: patch.version, set, view: (row) => view(row, ledger) })),
      ledger,
    );
  }

  archive(id: string, away: boolean): Promise<void> {
    return this.database.write((orm) => archiveKept(orm, people, 'person', id, away));
  }

  private async counting(id: string): Promise<MeasureView[]> {
    return (await this.ledger(id)).filter(({ struck }) => !struck);
  }

  /** Every measurement ever taken of a person, oldest first, those struck out too. */
  async ledger(id: string): Promise<MeasureView[]> {
    await findKept(this.database.orm, people, 'person', id);
    const lines = await this.database.orm
      .select()
      .from(measurements)
      .where(eq(measurements.personId, id))
      .orderBy(asc(measurements.takenOn), asc(measurements.id));
    return lines.map(({ id: line, measure, value, takenOn, note, key, struckAt }) => ({
      id: line,
      measure,
      value,
      takenOn,
      note,
      key,
      struck: struckAt !== null,
    }));
  }

  /** Adds lines to the ledger, all or none; a lot that was sent before is not added again. Throws BadInput naming a measure nobody knows. */
  async measure(id: string, { entries, key }: MeasureEntries): Promise<PersonView> {
    await findKept<Row>(this.database.orm, people, 'person', id);
    entries.forEach(({ measure }, i) => {
      if (!measureById(measure)) throw new BadInput(`entries.${i}.measure`, `“${measure}” is not a measure we know`);
    });
    const lines = entries.map(({ measure, value, takenOn, note }) => ({ personId: id, measure, value, takenOn, note: note ?? '', key: key ?? null }));
    const right = entries.filter(({ putsRight }) => putsRight);
    await this.database.write(async (orm) => {
      const sent = key === undefined ? [] : await orm.select().from(measurements).where(eq(measurements.key, key)).limit(1);
      if (sent.length > 0) return;
      for (const { measure, takenOn } of right)
        await orm
          .update(measurements)
          .set({ struckAt: new Date().toISOString() })
          .where(
            and(eq(measurements.personId, id), eq(measurements.measure, measure), eq(measurements.takenOn, takenOn), isNull(measurements.struckAt)),
          );
      await orm.insert(measurements).values(lines);
    });
    return this.one(id);
  }

  /** Strikes a line out as a slip, or lets it count again. Throws NoSuch. */
  async strike(id: string, line: number, out: boolean): Promise<void> {
    await this.database.write(async (orm) => {
      const struck = await orm
        .update(measurements)
        .set({ struckAt: out ? new Date().toISOString() : null })
        .where(and(eq(measurements.personId, id), eq(measurements.id, line)))
        .returning();
      if (struck.length === 0) throw new NoSuch('line of the ledger', String(line));
    });
  }
}

type Line = Pick<MeasureView, 'measure' | 'value' | 'note'>;

/** `ledger` oldest first: the newest line of each measure counts. */
function view({ id, name, note, child, version, archivedAt }: Row, ledger: readonly Line[]): PersonView {
  const newest = [...new Map(ledger.map((line) => [line.measure, line])).values()];
  return {
    id,
    name,
    note,
    child,
    version,
    archived: archivedAt !== null,
    body: Object.fromEntries(newest.map(({ measure, value }) => [measure, value])),
    estimated: estimatesIn(newest),
  };
}
