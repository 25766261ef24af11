import type { ExperienceView, SwatchCreate } from '@arcus/contract';
import { useMemo } from 'react';
import useSWR from 'swr';
import { newId } from '../outbox/entry.ts';
import { experienceWith } from '../outbox/overlay.ts';
import { outbox, useEntries } from '../outbox/use-outbox.ts';

const KEY = '/api/experience';

/** Everything that was tried and made: swatches, what came of makes, and which defaults are wanted all the same. */
export function useExperience() {
  const answer = useSWR<ExperienceView>(KEY);
  const entries = useEntries(KEY);
  const data = useMemo(() => experienceWith(answer.data, entries), [answer.data, entries]);
  return { ...answer, data };
}

export const experienceActions = {
  keep: (swatch: SwatchCreate, of: string) =>
    outbox.call({ method: 'POST', path: `${KEY}/swatches`, body: { ...swatch, id: newId() }, says: `A swatch of ${of}` }),
  putAway: (id: string) => outbox.call({ method: 'DELETE', path: `${KEY}/swatches/${id}`, says: 'A swatch put away' }),
  takeOut: (id: string) => outbox.call({ method: 'POST', path: `${KEY}/swatches/${id}/restore`, says: 'A swatch taken out again' }),
  decline: (ids: readonly string[]) =>
    outbox.call({ method: 'PUT', path: `${KEY}/declined`, body: { ids }, says: 'Which of your own figures are used' }),
};
