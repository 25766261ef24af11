import type { MakeView } from '@arcus/contract';

/** What of a make is edited here and saved by itself. */
export type MakeDraft = Pick<
  MakeView,
  'name' | 'personId' | 'clothId' | 'elasticId' | 'otherCloths' | 'choices' | 'lay' | 'dueOn' | 'station' | 'done' | 'chalked' | 'tally'
>;

export function draftOf({
  name,
  personId,
  clothId,
  elasticId,
  otherCloths,
  choices,
  lay,
  dueOn,
  station,
  done,
  chalked,
  tally,
}: MakeView): MakeDraft {
  return { name, personId, clothId, elasticId, otherCloths, choices, lay, dueOn, station, done, chalked, tally };
}
