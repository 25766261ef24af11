import type { ClothView, ElasticView } from '@arcus/contract';
import useSWR, { useSWRConfig } from 'swr';
import { request } from './client.ts';

export type Shelf = 'cloths' | 'elastics';

export const useCloths = () => useSWR<ClothView[]>('/api/cloths');
export const useElastics = () => useSWR<ElasticView[]>('/api/elastics');

/** Everything that changes one shelf of the cupboard. */
export function useShelfActions(shelf: Shelf) {
  const key = `/api/${shelf}`;
  const { mutate } = useSWRConfig();
  const after = async <T>(work: Promise<T>): Promise<T> => {
    const done = await work;
    await mutate((each) => typeof each === 'string' && each.startsWith(key));
    return done;
  };
  return {
    create: (item: Record<string, unknown>) => after(request<{ id: string }>('POST', key, item)),
    update: (id: string, patch: Record<string, unknown>) => after(request('PATCH', `${key}/${id}`, patch)),
    putAway: (id: string) => after(request('DELETE', `${key}/${id}`)),
    takeOut: (id: string) => after(request('POST', `${key}/${id}/restore`)),
  };
}
