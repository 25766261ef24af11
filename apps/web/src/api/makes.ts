import type { LogCreate, LogView, MakeCreate, MakeView } from '@arcus/contract';
import useSWR, { useSWRConfig } from 'swr';
import { request } from './client.ts';

const KEY = '/api/makes';

export const useMakes = () => useSWR<MakeView[]>(KEY);
export const useMake = (id: string) => useSWR<MakeView>(`${KEY}/${id}`);
export const useLog = (id: string) => useSWR<LogView[]>(`${KEY}/${id}/log`);

/** Everything that changes makes but the autosave, which keeps its own version. */
export function useMakesActions() {
  const { mutate } = useSWRConfig();
  const after = async <T>(work: Promise<T>): Promise<T> => {
    const done = await work;
    await mutate((key) => typeof key === 'string' && key.startsWith(KEY));
    return done;
  };
  return {
    create: (make: MakeCreate) => after(request<MakeView>('POST', KEY, make)),
    finish: (id: string, entry: LogCreate) => after(request<LogView>('POST', `${KEY}/${id}/log`, entry)),
    putAway: (id: string) => after(request('DELETE', `${KEY}/${id}`)),
    takeOut: (id: string) => after(request('POST', `${KEY}/${id}/restore`)),
    refresh: () => mutate((key) => typeof key === 'string' && key.startsWith(KEY)),
  };
}
