import { Link } from 'react-router';
import type { Station } from '@arcus/contract';
import { passed, STATION_ORDER } from './stations.ts';
import type { MakeDraft } from './draft.ts';

/** The stations as a line of stitches: what is done is sewn, one can jump anywhere. */
export function StitchedLine({ makeId, draft, at }: { makeId: string; draft: MakeDraft; at: Station }) {
  return (
    <nav aria-label="Stations" style={{ display: 'contents' }}>
      <ol className="stitched">
        {STATION_ORDER.map(({ id, label }) => (
          <li key={id} className={passed(draft, id) ? 'sewn' : undefined}>
            <Link
              to={`/makes/${makeId}/${id}`}
              className={[passed(draft, id) && 'done', id === at && 'active'].filter(Boolean).join(' ')}
              aria-current={id === at ? 'step' : undefined}
            >
              {label}
              <span className="knot" aria-hidden="true" />
            </Link>
          </li>
        ))}
      </ol>
    </nav>
  );
}
