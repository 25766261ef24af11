import type { Station } from '@arcus/contract';

/** The stations of a make, fetched when they are first wanted (and ahead of that once the first one is drawn). */
export const STATION_PAGES = {
  measure: () => import('./stations/measure-station.tsx'),
  shape: () => import('./stations/shape-station.tsx'),
  cloth: () => import('./stations/cloth-station.tsx'),
  chalk: () => import('./stations/chalk-station.tsx'),
  sew: () => import('./stations/sew-station.tsx'),
  wear: () => import('./stations/wear-station.tsx'),
} satisfies Record<Station, () => Promise<{ default: React.ComponentType }>>;
