import { Injectable } from '@nestjs/common';
import { BadInput } from '@arcus/core';
import type { Declined, ExperienceView, SwatchCreate, SwatchView } from '@arcus/contract';
import { asc, eq, isNull } from 'drizzle-orm';
import { archiveKept, insertOnce, newRow, sentFields } from '../common/kept-rows.ts';
import { NoSuch } from '../common/problems.ts';
import { ClothsService } from '../cupboard/cloths.service.ts';
import { ElasticsService } from '../cupboard/elastics.service.ts';
import { Database } from '../database/database.ts';
import { logs, makes } from '../makes/makes.table.ts';
import { declined, swatches } from './experience.table.ts';

type Row = typeof swatches.$inferSelect;

/** What was tried on strips and what came of finished makes: the next plan reckons with it. */
@Injectable()
export class ExperienceService {
  constructor(
    private readonly database: Database,
    private readonly cloths: ClothsService,
    private readonly elastics: ElasticsService,
  ) {}

  async all(): Promise<ExperienceView> {
    const { orm } = this.database;
    const [strips, entries, refused] = await Promise.all([
      orm.select().from(swatches).where(isNull(swatches.archivedAt)).orderBy(asc(swatches.takenOn), asc(swatches.createdAt)),
      orm.select().from(logs).innerJoin(makes, eq(logs.makeId, makes.id)).where(isNull(logs.struckAt)).orderBy(asc(logs.finishedOn), asc(logs.id)),
      orm.select().from(declined).orderBy(asc(declined.id)),
    ]);
    return {
      swatches: strips.map(view),
      outcomes: entries.map(({ logs: { id, finishedOn, verdict, actuals, planned, times, note, nextTime }, makes: make }) => ({
        id,
        makeId: make.id,
        makeName: make.name,
        construction: make.construction,
        personId: make.personId,
        clothId: make.clothId,
        elasticId: make.elasticId,
        choices: make.choices,
        finishedOn,
        verdict,
        actuals,
        planned,
        times,
        note,
        nextTime,
      })),
      declined: refused.map(({ id }) => id),
    };
  }

  /** Keeps a strip; sent twice it is kept once. Throws BadInput where it is of nothing, or comes out as it can't. */
  async create(swatch: SwatchCreate): Promise<SwatchView> {
    const { id, ...set } = sentFields(swatch) as SwatchCreate;
    const { kind, clothId, elasticId, before, after, steamed } = set;
    const of = kind === 'elastic' ? 'elasticId' : 'clothId';
    if (!set[of]) throw new BadInput(of, `is needed: a swatch of kind ${kind} is of ${kind === 'elastic' ? 'an elastic' : 'a cloth'}`);
    const longer = kind === 'stretch' || kind === 'elastic';
    if (longer && after < before) throw new BadInput('after', 'must be at least as long as before: it was stretched');
    if (!longer && after > before) throw new BadInput('after', 'must be at most as long as before: it draws in');
    if (steamed !== undefined && steamed > after) throw new BadInput('steamed', 'must be at most as long as after: steam draws in');
    const named = async (field: string, found: Promise<unknown>) => {
      try {
        await found;
      } catch (error) {
        throw error instanceof NoSuch ? new BadInput(field, error.message) : error;
      }
    };
    if (clothId) await named('clothId', this.cloths.one(clothId));
    if (elasticId) await named('elasticId', this.elastics.one(elasticId));
    return view(await this.database.write((orm) => insertOnce<Row>(orm, swatches, { ...set, ...newRow(id) })));
  }

  archive(id: string, away: boolean): Promise<void> {
    return this.database.write((orm) => archiveKept(orm, swatches, 'swatch', id, away));
  }

  async decline({ ids }: Declined): Promise<void> {
    await this.database.write(async (orm) => {
      await orm.delete(declined);
      if (ids.length > 0) await orm.insert(declined).values([...new Set(ids)].map((id) => ({ id })));
    });
  }
}

function view({ id, kind, clothId, elasticId, way, before, after, steamed, takenOn, note }: Row): SwatchView {
  return { id, kind, clothId, elasticId, way, before, after, steamed, takenOn, note };
}
