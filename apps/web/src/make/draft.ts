import type { MakeView } from '@arcus/contract';

/** What of a make is edited here and saved by itself. */
export type MakeDraft = Pick<MakeView, 'name' | 'personId' | 'clothId' | 'elasticId' | 'choices' | 'lay' | 'dueOn' | 'station' | 'done' | 'chalked'>;

export function draftOf({ name, personId, clothId, elasticId, choices, lay, dueOn, station, done, chalked }: MakeView): MakeDraft {
  return { name, personId, clothId, elasticId, choices, lay, dueOn, station, done, chalked };
}
