import { Button } from 'antd';
import { Camera } from 'lucide-react';
import { useRef, useState } from 'react';
import { ApiProblem } from '../../../api/client.ts';
import { photoActions, usePhotos, useWaitingPhoto } from '../../../api/photos.ts';
import { usePutAway } from '../../../common/use-put-away.tsx';

/** Photographs of what came out: kept here in the house, without place and date, small enough for a page. */
export function Photos({ makeId, name }: { makeId: string; name: string }) {
  const { photos, waiting } = usePhotos(makeId);
  const putAway = usePutAway(photoActions);
  const input = useRef<HTMLInputElement>(null);
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string>();
  const add = async (files: FileList | null) => {
    setProblem(undefined);
    setBusy(true);
    try {
      for (const file of files ?? []) await photoActions.add(makeId, name, file);
    } catch (error) {
      setProblem(error instanceof ApiProblem ? error.messages.join(' ').replace(/^photo:? /, 'The photograph ') : String(error));
    } finally {
      setBusy(false);
      input.current!.value = '';
    }
  };
  return (
    <section className="photos" aria-label="Photographs">
      <ul>
        {photos.map(({ id }, i) => (
          <li key={id}>
            <a href={`/api/photos/${id}`} target="_blank" rel="noreferrer">
              <img src={`/api/photos/${id}/thumb`} alt={`${name}, photograph ${i + 1}`} width={160} height={160} />
            </a>
            <Button className="on-table" size="small" onClick={() => void putAway(id, 'The photograph')}>
              Take out
            </Button>
          </li>
        ))}
        {waiting.map((entry) => (
          <Waiting key={entry} entry={entry} name={name} />
        ))}
      </ul>
      <input
        ref={input}
        type="file"
        accept="image/jpeg,image/png,image/webp"
        multiple
        className="visually-hidden"
        tabIndex={-1}
        aria-label="A photograph of it"
        onChange={(event) => void add(event.target.files)}
      />
      <Button className="on-table" icon={<Camera size={18} />} loading={busy} onClick={() => input.current?.click()}>
        Add a photograph
      </Button>
      {problem && (
        <p className="step-caution" role="alert">
          {problem}
        </p>
      )}
    </section>
  );
}

/** A photograph that is on this device only, until the server is back. */
function Waiting({ entry, name }: { entry: string; name: string }) {
  const url = useWaitingPhoto(entry);
  return (
    <li className="waiting">
      {url && <img src={url} alt={`${name}, a photograph that is not saved yet`} width={160} height={160} />}
      <span className="small">on this device, not saved yet</span>
    </li>
  );
}
