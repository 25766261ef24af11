import type { PhotoView } from '@arcus/contract';
import useSWR, { mutate } from 'swr';
import { outbox } from '../outbox/use-outbox.ts';
import { request } from './client.ts';

const keyOf = (makeId: string) => `/api/makes/${makeId}/photos`;

export const usePhotos = (makeId: string) => useSWR<PhotoView[]>(keyOf(makeId));

/** A photograph is sent at once and not kept in the queue: it is too large to wait on the device. Throws ApiProblem. */
export async function addPhoto(makeId: string, file: Blob): Promise<void> {
  await request('POST', keyOf(makeId), file);
  await mutate(keyOf(makeId));
}

export const photoActions = {
  putAway: (id: string) => outbox.call({ method: 'DELETE', path: `/api/photos/${id}`, says: 'A photograph taken out' }),
  takeOut: (id: string) => outbox.call({ method: 'POST', path: `/api/photos/${id}/restore`, says: 'A photograph put back' }),
};
