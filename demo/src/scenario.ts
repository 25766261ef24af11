import type { ClothCreate, ElasticCreate, LogCreate, MakeCreate, PersonCreate, Station } from '@arcus/contract';

/** A person with measurements, each so many days ago; values in mm. */
export interface DemoPerson extends PersonCreate {
  key: string;
  measures: Array<{ daysAgo: number; body: Record<string, number> }>;
}

/** A make by the keys of its person, cloth and elastic; the due date is so many days ahead. */
export interface DemoMake extends Pick<MakeCreate, 'name' | 'construction' | 'choices'> {
  person: string;
  cloth?: string;
  elastic?: string;
  dueInDays?: number;
  station: Station;
  done: string[];
  log?: Omit<LogCreate, 'finishedOn'> & { daysAgo: number };
}

export interface Scenario {
  people: DemoPerson[];
  cloths: Array<ClothCreate & { key: string }>;
  elastics: Array<ElasticCreate & { key: string }>;
  makes: DemoMake[];
}
