import { Controller, Get, Header } from '@nestjs/common';
import { asc } from 'drizzle-orm';
import { cloths, elastics } from '../cupboard/cupboard.table.ts';
import { Database } from '../database/database.ts';
import { declined, swatches } from '../experience/experience.table.ts';
import { DATA_VERSION } from '../database/migrations.ts';
import { logs, makes } from '../makes/makes.table.ts';
import { photos } from '../photos/photos.table.ts';
import { measurements, people } from '../people/people.table.ts';
import { settings } from '../settings/settings.table.ts';

/** Everything that is kept, as plain JSON in a fixed order: the same data is the same text. Lengths mm. */
@Controller('export')
export class ExportController {
  constructor(private readonly database: Database) {}

  @Get()
  @Header('Content-Disposition', 'attachment; filename="arcus.json"')
  async all() {
    const { orm } = this.database;
    return {
      dataVersion: DATA_VERSION,
      people: await orm.select().from(people).orderBy(asc(people.id)),
      measurements: await orm.select().from(measurements).orderBy(asc(measurements.id)),
      cloths: await orm.select().from(cloths).orderBy(asc(cloths.id)),
      elastics: await orm.select().from(elastics).orderBy(asc(elastics.id)),
      makes: (await orm.select().from(makes).orderBy(asc(makes.id))).map(({ summary: _worked, ...make }) => make),
      logs: await orm.select().from(logs).orderBy(asc(logs.id)),
      swatches: await orm.select().from(swatches).orderBy(asc(swatches.id)),
      // the pictures themselves are at /api/photos/:id
      photos: await orm
        .select({
          id: photos.id,
          makeId: photos.makeId,
          width: photos.width,
          height: photos.height,
          createdAt: photos.createdAt,
          struckAt: photos.struckAt,
        })
        .from(photos)
        .orderBy(asc(photos.id)),
      settings: await orm.select().from(settings).orderBy(asc(settings.name)),
      declined: await orm.select().from(declined).orderBy(asc(declined.id)),
    };
  }
}
