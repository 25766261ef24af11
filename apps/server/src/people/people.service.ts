import { Injectable } from '@nestjs/common';
import { BadInput, measureById } from '@arcus/core';
import type { MeasureEntries, MeasureView, PersonCreate, PersonUpdate, PersonView } from '@arcus/contract';
import { asc, eq, isNull } from 'drizzle-orm';
import { archiveKept, findKept, insertOnce, newRow, saveKept, sentFields } from '../common/kept-rows.ts';
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
    const lines = await orm.select().from(measurements).orderBy(asc(measurements.takenOn), asc(measurements.id));
    const bodies = new Map<string, Record<string, number>>();
    for (const { personId, measure, value } of lines) bodies.set(personId, { ...bodies.get(personId), [measure]: value });
    return rows.map((row) => view(row, bodies.get(row.id) ?? {}));
  }

  async one(id: string): Promise<PersonView> {
    const row = await findKept<Row>(this.database.orm, people, 'person', id);
    return view(row, newest(await this.ledger(id)));
  }

  async create({ id, name, note = '', child = false }: PersonCreate): Promise<PersonView> {
    const row = await this.database.write((orm) => insertOnce<Row>(orm, people, { ...newRow(id), name, note, child }));
    return this.one(row.id);
  }

  async update(id: string, patch: PersonUpdate): Promise<PersonView> {
    const set = sentFields(patch);
    const body = newest(await this.ledger(id));
    return view(
      await this.database.write((orm) => saveKept<Row>(orm, people, 'person', { id, version: patch.version, set, view: (row) => view(row, body) })),
      body,
    );
  }

  archive(id: string, away: boolean): Promise<void> {
    return this.database.write((orm) => archiveKept(orm, people, 'person', id, away));
  }

  /** Every measurement ever taken of a person, oldest first. */
  async ledger(id: string): Promise<MeasureView[]> {
    await findKept(this.database.orm, people, 'person', id);
    const lines = await this.database.orm
      .select()
      .from(measurements)
      .where(eq(measurements.personId, id))
      .orderBy(asc(measurements.takenOn), asc(measurements.id));
    return lines.map(({ id: line, measure, value, takenOn, note }) => ({ id: line, measure, value, takenOn, note }));
  }

  /** Adds lines to the ledger, all or none; a lot that was sent before is not added again. Throws BadInput naming a measure nobody knows. */
  async measure(id: string, { entries, key }: MeasureEntries): Promise<PersonView> {
    entries.forEach(({ measure }, i) => {
      if (!measureById(measure)) throw new BadInput(`entries.${i}.measure`, `“${measure}” is not a measure we know`);
    });
    await findKept(this.database.orm, people, 'person', id);
    const lines = entries.map(({ measure, value, takenOn, note }) => ({ personId: id, measure, value, takenOn, note: note ?? '', key: key ?? null }));
    await this.database.write(async (orm) => {
      const known = key === undefined ? [] : await orm.select().from(measurements).where(eq(measurements.key, key)).limit(1);
      if (known.length === 0) await orm.insert(measurements).values(lines);
    });
    return this.one(id);
  }
}

function newest(lines: readonly MeasureView[]): Record<string, number> {
  return Object.fromEntries(lines.map(({ measure, value }) => [measure, value]));
}

function view({ id, name, note, child, version, archivedAt }: Row, body: Record<string, number>): PersonView {
  return { id, name, note, child, version, archived: archivedAt !== null, body };
}
