import { preload } from 'swr';
import { read } from '../api/client.ts';
import { STATION_PAGES } from '../make/station-pages.ts';
import { SCREENS } from '../screens.ts';

/** Rest after the first page is drawn, ms: what comes ahead must not be in its way. */
const REST = 4000;

const LISTS = ['/api/makes', '/api/people', '/api/cloths', '/api/elastics', '/api/experience', '/api/settings'];

/** Asks at once for what the page at an address will ask for once its scripts are here: they are fetched side by side. */
export function openAhead(address: string): void {
  const [, id, station] = /^\/makes\/([0-9a-f-]{36})(?:\/(\w+))?/.exec(address) ?? [];
  if (id === undefined) return;
  for (const path of [`/api/makes/${id}`, ...LISTS.slice(1)]) void preload(path, read).catch(() => undefined);
  if (station && Object.hasOwn(STATION_PAGES, station)) void STATION_PAGES[station as keyof typeof STATION_PAGES]().catch(() => undefined);
}

/** Fetches every screen and list ahead, so that losing the server loses no page. */
export function loadAhead(): void {
  setTimeout(() => {
    for (const load of Object.values(SCREENS)) void load().catch(() => undefined);
    for (const list of LISTS) void preload(list, read).catch(() => undefined);
  }, REST);
}
