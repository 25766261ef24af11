import type { ClothView, MakeView, PersonView } from '@arcus/contract';
import type { TestServer } from './test-server.ts';

/** A measured person, a cloth and a circle skirt of it. */
export async function aMake(server: TestServer): Promise<{ person: PersonView; cloth: ClothView; make: MakeView }> {
  const person = (await server.post<PersonView>('/api/people', { name: 'Runa' })).body;
  await server.post(`/api/people/${person.id}/measures`, {
    entries: [
      { measure: 'waist-girth', value: 700, takenOn: '2027-02-01' },
      { measure: 'hip-girth', value: 960, takenOn: '2027-02-01' },
    ],
  });
  const cloth = (await server.post<ClothView>('/api/cloths', { name: 'Deck cotton', width: 1500, kind: 'woven' })).body;
  const make = (
    await server.post<MakeView>('/api/makes', {
      name: 'Slip',
      construction: 'circle-skirt',
      personId: person.id,
      clothId: cloth.id,
      choices: { length: 600, bandCloth: 'contrast' },
    })
  ).body;
  return { person, cloth, make };
}
