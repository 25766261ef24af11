import type { INestApplicationContext } from '@nestjs/common';
import { constructionById, proposalsFor } from '@arcus/core';
import type { Scenario } from '@arcus/demo';
import { ClothsService } from './cupboard/cloths.service.ts';
import { ElasticsService } from './cupboard/elastics.service.ts';
import { MakesService } from './makes/makes.service.ts';
import { PeopleService } from './people/people.service.ts';

const DAY = 24 * 60 * 60 * 1000;
const dayFromNow = (days: number) => new Date(Date.now() + days * DAY).toISOString().slice(0, 10);

/** Fills an empty database with a scenario, through the same services a person's clicks go through. */
export async function seed(app: INestApplicationContext, { people, cloths, elastics, makes }: Scenario): Promise<void> {
  const ids = new Map<string, string>();
  for (const { key, measures, ...person } of people) {
    const { id } = await app.get(PeopleService).create(person);
    ids.set(key, id);
    for (const { daysAgo, body } of measures) {
      await app.get(PeopleService).measure(
        id,
        Object.entries(body).map(([measure, value]) => ({ measure, value, takenOn: dayFromNow(-daysAgo) })),
      );
    }
  }
  for (const { key, ...cloth } of cloths) ids.set(key, (await app.get(ClothsService).create(cloth)).id);
  for (const { key, ...elastic } of elastics) ids.set(key, (await app.get(ElasticsService).create(elastic)).id);
  const service = app.get(MakesService);
  for (const { person, cloth, elastic, dueInDays, station, done, log, ...make } of makes) {
    const dueOn = dueInDays === undefined ? undefined : dayFromNow(dueInDays);
    const made = await service.create({
      ...make,
      choices: { ...proposalsFor(constructionById(make.construction)!, 'cm'), ...make.choices },
      personId: ids.get(person)!,
      clothId: cloth && ids.get(cloth),
      elasticId: elastic && ids.get(elastic),
      dueOn,
    });
    await service.update(made.id, { version: made.version, station, done });
    if (log) {
      const { daysAgo, ...entry } = log;
      await service.finish(made.id, { ...entry, finishedOn: dayFromNow(-daysAgo) });
    }
  }
}

/** Whether nobody has entered anything yet. */
export async function isEmpty(app: INestApplicationContext): Promise<boolean> {
  const [people, cloths] = await Promise.all([app.get(PeopleService).list(true), app.get(ClothsService).list(true)]);
  return people.length === 0 && cloths.length === 0;
}
