import { describe, expect, it } from 'vitest';
import type { ClothView, MakeView, OutcomeView, PersonView } from '@arcus/contract';
import { findMakes, wantedIn } from './find-makes.ts';

const make = (id: string, more: Partial<MakeView>) =>
  ({
    id,
    name: id,
    construction: 'circle-skirt',
    personId: 'tove',
    clothId: null,
    otherCloths: {},
    dueOn: null,
    finishedOn: null,
    updatedAt: '2027-01-01',
    ...more,
  }) as MakeView;
const makes = [
  make('Twirl', { dueOn: '2027-05-01', clothId: 'rust', finishedOn: '2027-03-01' }),
  make('Écharpe', { construction: 'gathered-skirt', personId: 'pim', otherCloths: { lining: 'rust' }, dueOn: '2027-04-01', updatedAt: '2027-02-01' }),
  make('Apron', { construction: 'gathered-skirt' }),
];
const shelves = {
  people: [
    { id: 'tove', name: 'Tove' },
    { id: 'pim', name: 'Pim' },
  ] as PersonView[],
  cloths: [{ id: 'rust', name: 'Rust linen' }] as ClothView[],
  outcomes: [{ makeId: 'Twirl', verdict: 'mend', note: 'the waist stretched', nextTime: '' }] as OutcomeView[],
};
const found = (query: string) => findMakes(makes, wantedIn(new URLSearchParams(query)), shelves).map(({ id }) => id);

describe('the logbook', () => {
  it('finds by every word, in name, kind, person, cloth or note, whatever the accents', () => {
    expect(found('q=echarpe')).toEqual(['Écharpe']);
    expect(found('q=tove gathered')).toEqual(['Apron']);
    expect(found('q=WAIST stretched')).toEqual(['Twirl']);
    expect(found('q=nothing of the kind')).toEqual([]);
  });
  it('narrows by person, kind, cloth (also a lining’s) and verdict together', () => {
    expect(found('cloth=rust')).toEqual(['Écharpe', 'Twirl']);
    expect(found('cloth=rust&person=pim')).toEqual(['Écharpe']);
    expect(found('verdict=mend')).toEqual(['Twirl']);
    expect(found('kind=gathered-skirt&person=tove')).toEqual(['Apron']);
  });
  it('sorts as asked; what has no date comes last', () => {
    expect(found('')).toEqual(['Écharpe', 'Twirl', 'Apron']);
    expect(found('sort=name')).toEqual(['Apron', 'Écharpe', 'Twirl']);
    expect(found('sort=changed')[0]).toBe('Écharpe');
    expect(found('sort=rubbish')).toEqual(found(''));
  });
});
