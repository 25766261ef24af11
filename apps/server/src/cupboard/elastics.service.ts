import { Injectable } from '@nestjs/common';
import { USUAL_STRETCH } from '@arcus/core';
import type { ElasticCreate, ElasticUpdate, ElasticView } from '@arcus/contract';
import { asc, isNull } from 'drizzle-orm';
import { archiveKept, findKept, insertOnce, newRow, saveKept, sentFields } from '../common/kept-rows.ts';
import { Database } from '../database/database.ts';
import { elastics } from './cupboard.table.ts';

type Row = typeof elastics.$inferSelect;
const NULLABLE = ['lengthOnHand'] as const;

@Injectable()
export class ElasticsService {
  constructor(private readonly database: Database) {}

  async list(withArchived: boolean): Promise<ElasticView[]> {
    const rows = await this.database.orm
      .select()
      .from(elastics)
      .where(withArchived ? undefined : isNull(elastics.archivedAt))
      .orderBy(asc(elastics.createdAt));
    return rows.map(view);
  }

  async one(id: string): Promise<ElasticView> {
    return view(await findKept<Row>(this.database.orm, elastics, 'elastic', id));
  }

  /** The greatest stretch is the usual one of its kind until the person has tested it. */
  async create(elastic: ElasticCreate): Promise<ElasticView> {
    const set = sentFields(elastic, NULLABLE) as ElasticCreate;
    const values = { greatestStretch: USUAL_STRETCH[set.kind], ...set, ...newRow(set.id) };
    return view(await this.database.write((orm) => insertOnce<Row>(orm, elastics, values)));
  }

  async update(id: string, patch: ElasticUpdate): Promise<ElasticView> {
    const set = sentFields(patch, NULLABLE);
    return view(await this.database.write((orm) => saveKept<Row>(orm, elastics, 'elastic', { id, version: patch.version, set, view })));
  }

  archive(id: string, away: boolean): Promise<void> {
    return this.database.write((orm) => archiveKept(orm, elastics, 'elastic', id, away));
  }
}

function view({ archivedAt, createdAt: _created, updatedAt: _updated, ...row }: Row): ElasticView {
  return { ...row, archived: archivedAt !== null };
}
