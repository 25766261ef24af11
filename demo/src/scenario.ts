import type { ClothCreate, ElasticCreate, LogCreate, MakeCreate, PersonCreate, Station, SwatchCreate } from '@arcus/contract';

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
  /** Minutes its clocks counted, by step. */
  clocks?: Record<string, number>;
  log?: Omit<LogCreate, 'finishedOn'> & { daysAgo: number };
}

/** A strip that was tried, by the key of its cloth or elastic. */
export interface DemoSwatch extends Omit<SwatchCreate, 'clothId' | 'elasticId' | 'takenOn'> {
  cloth?: string;
  elastic?: string;
  daysAgo: number;
}

export interface Scenario {
  people: DemoPerson[];
  cloths: Array<ClothCreate & { key: string }>;
  elastics: Array<ElasticCreate & { key: string }>;
  swatches: DemoSwatch[];
  makes: DemoMake[];
}
