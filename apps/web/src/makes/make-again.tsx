import { Checkbox } from 'antd';
import { useMemo } from 'react';
import { useSearchParams } from 'react-router';
import type { MakeView, PersonView } from '@arcus/contract';
import { lessonsOf, requestOfMake, type Lesson } from '@arcus/core';
import { useCloths, useElastics } from '../api/cupboard.ts';
import { useExperience } from '../api/experience.ts';
import { useMakes } from '../api/makes.ts';
import { useUnits } from '../settings/units.tsx';

/** The make that is made again, for whomever it is, and what it taught. */
export function useAgain(person: PersonView | undefined): { before: MakeView | undefined; lessons: Lesson[] } {
  const [query] = useSearchParams();
  const { data: makes = [] } = useMakes();
  const { data: cloths = [] } = useCloths();
  const { data: elastics = [] } = useElastics();
  const { data: experience } = useExperience();
  const { units } = useUnits();
  const before = makes.find(({ id }) => id === query.get('again'));
  const outcome = experience?.outcomes.findLast(({ makeId }) => makeId === before?.id);
  const lessons = useMemo(() => {
    if (!before || !outcome || !person) return [];
    const { body, estimated, child } = person;
    const [cloth, elastic] = [cloths.find(({ id }) => id === before.clothId), elastics.find(({ id }) => id === before.elasticId)];
    return lessonsOf(outcome, requestOfMake({ ...before, id: '' }, { body, estimated, child, cloth, elastic, units }));
  }, [before, outcome, person, cloths, elastics, units]);
  return { before, lessons };
}

interface Props {
  before: MakeView;
  lessons: readonly Lesson[];
  nextTime?: string | undefined;
  left: readonly string[];
  onLeave(left: readonly string[]): void;
}

/** What is taken over from last time; each lesson can be left. */
export function Again({ before, lessons, nextTime, left, onLeave }: Props) {
  return (
    <section className="stack again" aria-label="Made again" style={{ gap: 10 }}>
      <h2>Again like “{before.name}”</h2>
      <p className="quiet">Every decision is taken over; the measures are those of whoever it is for now.</p>
      {lessons.map(({ says }) => (
        <Checkbox
          key={says}
          checked={!left.includes(says)}
          onChange={({ target }) => onLeave(target.checked ? left.filter((each) => each !== says) : [...left, says])}
        >
          {says}
        </Checkbox>
      ))}
      {nextTime && (
        <p>
          You wrote: <q>{nextTime}</q>
        </p>
      )}
    </section>
  );
}
