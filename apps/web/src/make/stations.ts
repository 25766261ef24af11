import type { Station } from '@arcus/contract';
import type { MakeDraft } from './draft.ts';

/** The six stations in the order people work; written out so that the page needs no server classes. */
export const STATION_ORDER: ReadonlyArray<{ id: Station; label: string }> = [
  { id: 'measure', label: 'Measure' },
  { id: 'shape', label: 'Shape' },
  { id: 'cloth', label: 'Cloth' },
  { id: 'chalk', label: 'Chalk' },
  { id: 'sew', label: 'Sew' },
  { id: 'wear', label: 'Wear' },
];

export const isStation = (text: string | undefined): text is Station => STATION_ORDER.some(({ id }) => id === text);

/** A station is sewn once one has moved on from it. */
export const passed = (draft: Pick<MakeDraft, 'done'>, station: Station) => draft.done.includes(`station:${station}`);

export function neighbour(station: Station, step: 1 | -1): Station | undefined {
  return STATION_ORDER[STATION_ORDER.findIndex(({ id }) => id === station) + step]?.id;
}
