import { preload } from 'swr';
import { read } from '../api/client.ts';
import { SCREENS } from '../screens.ts';

/** Rest after the first page is drawn, ms: what comes ahead must not be in its way. */
const REST = 1500;

/** Fetches every screen and list ahead, so that losing the server loses no page. Returns how to leave off. */
export function loadAhead(): () => void {
  const timer = setTimeout(() => {
    for (const load of Object.values(SCREENS)) void load().catch(() => undefined);
    for (const list of ['/api/makes', '/api/people', '/api/cloths', '/api/elastics']) void preload(list, read).catch(() => undefined);
  }, REST);
  return () => clearTimeout(timer);
}
