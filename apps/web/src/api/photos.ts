import type { PhotoView } from '@arcus/contract';
import { useEffect, useState } from 'react';
import useSWR from 'swr';
import { newId } from '../outbox/entry.ts';
import { outbox, useEntries } from '../outbox/use-outbox.ts';

const keyOf = (makeId: string) => `/api/makes/${makeId}/photos`;

/** The photographs of a make; of those that wait for the server the ids of their entries. */
export function usePhotos(makeId: string): { photos: readonly PhotoView[]; waiting: readonly string[] } {
  const { data: photos = [] } = useSWR<PhotoView[]>(keyOf(makeId));
  const entries = useEntries(keyOf(makeId), 'file');
  // one that was taken and has not gone from the queue yet stands there once
  const waiting = entries.filter(({ path }) => !photos.some(({ id }) => path.endsWith(id))).map(({ id }) => id);
  return { photos, waiting };
}

/** The address of a photograph that waits on this device; none until it is found. */
export function useWaitingPhoto(entry: string): string | undefined {
  const [url, setUrl] = useState<string>();
  useEffect(() => {
    let made: string | undefined;
    let left = false;
    void outbox.files.get(entry).then((file) => {
      if (file && !left) setUrl((made = URL.createObjectURL(file)));
    });
    return () => {
      left = true;
      if (made) URL.revokeObjectURL(made);
    };
  }, [entry]);
  return url;
}

export const photoActions = {
  /** Waits on this device while the server is away. Throws ApiProblem where it is refused at once: no picture, too large, too many. */
  add: (makeId: string, name: string, file: Blob) => outbox.file(`${keyOf(makeId)}/${newId()}`, `A photograph of ${name}`, file),
  putAway: (id: string) => outbox.call({ method: 'DELETE', path: `/api/photos/${id}`, says: 'A photograph taken out' }),
  takeOut: (id: string) => outbox.call({ method: 'POST', path: `/api/photos/${id}/restore`, says: 'A photograph put back' }),
};
