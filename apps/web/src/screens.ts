import type { Station } from '@arcus/contract';

/** Every screen, fetched when it is first wanted (and ahead of that once the first one is drawn). */
export const SCREENS = {
  today: () => import('./today/today-page.tsx'),
  welcome: () => import('./welcome/welcome-page.tsx'),
  makes: () => import('./makes/makes-page.tsx'),
  newMake: () => import('./makes/new-make-page.tsx'),
  make: () => import('./make/make-page.tsx'),
  people: () => import('./people/people-page.tsx'),
  person: () => import('./people/person-page.tsx'),
  cupboard: () => import('./cupboard/cupboard-page.tsx'),
  becomes: () => import('./cupboard/becomes-page.tsx'),
  settings: () => import('./settings/settings-page.tsx'),
} satisfies Record<string, () => Promise<{ default: React.ComponentType }>>;

/** The stations of a make, likewise. */
export const STATIONS = {
  measure: () => import('./make/stations/measure-station.tsx'),
  shape: () => import('./make/stations/shape-station.tsx'),
  cloth: () => import('./make/stations/cloth-station.tsx'),
  chalk: () => import('./make/stations/chalk-station.tsx'),
  sew: () => import('./make/stations/sew-station.tsx'),
  wear: () => import('./make/stations/wear-station.tsx'),
} satisfies Record<Station, () => Promise<{ default: React.ComponentType }>>;
