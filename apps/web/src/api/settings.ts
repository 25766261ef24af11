import type { SettingsView } from '@arcus/contract';
import { useMemo } from 'react';
import useSWR from 'swr';
import { settingsWith } from '../outbox/overlay.ts';
import { outbox, useEntries } from '../outbox/use-outbox.ts';

const KEY = '/api/settings';

/** How this household works: what stands on the table, what lies in the sewing box, how much time there is. The same on every device. */
export function useSettings() {
  const answer = useSWR<SettingsView>(KEY);
  const entries = useEntries(KEY);
  const data = useMemo(() => settingsWith(answer.data, entries), [answer.data, entries]);
  return { ...answer, data };
}

const SAYS = { table: 'What stands on the table', hours: 'The time there is to sew', box: 'What lies in the sewing box' };

/** Takes one of them anew; of several that wait to be saved the last word counts. */
export const changeSettings = <K extends keyof SettingsView>(name: K, value: SettingsView[K]): Promise<void> =>
  outbox.call({ method: 'PUT', path: `${KEY}/${name}`, body: { ...value }, says: SAYS[name] });
