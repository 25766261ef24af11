import { Injectable } from '@nestjs/common';
import { BadInput } from '@arcus/core';
import type { ClothCreate, ClothUpdate, ClothView } from '@arcus/contract';
import { asc, isNull } from 'drizzle-orm';
import { archiveKept, findKept, insertOnce, newRow, saveKept, sentFields } from '../common/kept-rows.ts';
import { Database } from '../database/database.ts';
import { cloths } from './cupboard.table.ts';

type Row = typeof cloths.$inferSelect;
const NULLABLE = ['lengthOnHand', 'pricePerMetre'] as const;

@Injectable()
export class ClothsService {
  constructor(private readonly database: Database) {}

  async list(withArchived: boolean): Promise<ClothView[]> {
    const rows = await this.database.orm
      .select()
      .from(cloths)
      .where(withArchived ? undefined : isNull(cloths.archivedAt))
      .orderBy(asc(cloths.createdAt));
    return rows.map(view);
  }

  async one(id: string): Promise<ClothView> {
    return view(await findKept<Row>(this.database.orm, cloths, 'cloth', id));
  }

  async create(cloth: ClothCreate): Promise<ClothView> {
    const set = sentFields(cloth, NULLABLE) as ClothCreate;
    assertSelvedge(set.width, set.selvedge ?? 10);
    return view(await this.database.write((orm) => insertOnce<Row>(orm, cloths, { ...set, ...newRow(set.id) })));
  }

  async update(id: string, patch: ClothUpdate): Promise<ClothView> {
    const set = sentFields(patch, NULLABLE);
    const now = await this.one(id);
    assertSelvedge(set.width ?? now.width, set.selvedge ?? now.selvedge);
    return view(await this.database.write((orm) => saveKept<Row>(orm, cloths, 'cloth', { id, version: patch.version, set, view })));
  }

  archive(id: string, away: boolean): Promise<void> {
    return this.database.write((orm) => archiveKept(orm, cloths, 'cloth', id, away));
  }
}

function assertSelvedge(width: number, selvedge: number): void {
  if (2 * selvedge >= width) throw new BadInput('selvedge', 'leaves nothing of the cloth: it must be less than half the width');
}

function view({ archivedAt, createdAt: _created, updatedAt: _updated, ...row }: Row): ClothView {
  return { ...row, archived: archivedAt !== null };
}
