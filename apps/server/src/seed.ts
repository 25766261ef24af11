import { mkdtemp, rm } from 'node:fs/promises';
import { join } from 'node:path';
import type { INestApplicationContext } from '@nestjs/common';
import type { Scenario } from '@arcus/demo';
import { createApp } from './create-app.ts';
import { ClothsService } from './cupboard/cloths.service.ts';
import { ElasticsService } from './cupboard/elastics.service.ts';
import { Database, DATABASE_FILE } from './database/database.ts';
import { ExperienceService } from './experience/experience.service.ts';
import { MakesService } from './makes/makes.service.ts';
import { PeopleService } from './people/people.service.ts';

const DAY = 24 * 60 * 60 * 1000;
const dayFromNow = (days: number) => new Date(Date.now() + days * DAY).toISOString().slice(0, 10);

/** Fills an empty database with a scenario, through the same services a person's clicks go through. */
export async function seed(app: INestApplicationContext, { people, cloths, elastics, swatches, makes }: Scenario): Promise<void> {
  const ids = new Map<string, string>();
  for (const { key, measures, ...person } of people) {
    const { id } = await app.get(PeopleService).create(person);
    ids.set(key, id);
    for (const { daysAgo, body } of measures) {
      await app
        .get(PeopleService)
        .measure(id, { entries: Object.entries(body).map(([measure, value]) => ({ measure, value, takenOn: dayFromNow(-daysAgo) })) });
    }
  }
  for (const { key, ...cloth } of cloths) ids.set(key, (await app.get(ClothsService).create(cloth)).id);
  for (const { key, ...elastic } of elastics) ids.set(key, (await app.get(ElasticsService).create(elastic)).id);
  for (const { cloth, elastic, daysAgo, ...swatch } of swatches)
    await app.get(ExperienceService).create({
      ...swatch,
      clothId: cloth && ids.get(cloth),
      elasticId: elastic && ids.get(elastic),
      takenOn: dayFromNow(-daysAgo),
    });
  const service = app.get(MakesService);
  for (const { person, cloth, elastic, dueInDays, station, done, clocks = {}, log, ...make } of makes) {
    const dueOn = dueInDays === undefined ? undefined : dayFromNow(dueInDays);
    const made = await service.create({
      ...make,
      choices: { ...make.choices },
      personId: ids.get(person)!,
      clothId: cloth && ids.get(cloth),
      elasticId: elastic && ids.get(elastic),
      dueOn,
    });
    const tally = Object.fromEntries(Object.entries(clocks).map(([step, minutes]) => [`time:${step}`, [minutes * 60_000, 0]]));
    await service.update(made.id, { version: made.version, station, done, tally });
    if (log) {
      const { daysAgo, ...entry } = log;
      await service.finish(made.id, { ...entry, finishedOn: dayFromNow(-daysAgo) });
    }
  }
}

/** The same, whole or not at all: filled in a folder of its own first, then put in place in one transaction. */
export async function seedWhole(app: INestApplicationContext, scenario: Scenario): Promise<void> {
  const database = app.get(Database);
  const folder = await mkdtemp(join(database.folder, '.demo-'));
  try {
    const aside = await createApp({ data: folder, quiet: true });
    await seed(aside, scenario);
    await aside.close();
    await database.replaceWith(join(folder, DATABASE_FILE));
  } finally {
    await rm(folder, { recursive: true, force: true });
  }
}

/** Whether nobody has entered anything yet. */
export async function isEmpty(app: INestApplicationContext): Promise<boolean> {
  const [people, cloths] = await Promise.all([app.get(PeopleService).list(true), app.get(ClothsService).list(true)]);
  return people.length === 0 && cloths.length === 0;
}
