import { Button } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { useMakes } from '../api/makes.ts';
import { useNow } from '../common/use-now.ts';

const HOUR = 3_600_000;
const LOOK = 20_000;

/** Tells, on whichever page one is, that something has hung or dried long enough. */
export function WaitsOver() {
  const { data: makes = [] } = useMakes();
  const now = useNow(LOOK);
  const [later, setLater] = useState<readonly string[]>([]);
  const over = makes.flatMap(({ id, name, tally, done, finishedOn }) =>
    Object.entries(tally ?? {}).flatMap(([key, [begun = 0, hours = 0]]) => {
      const step = key.startsWith('wait:') ? key.slice('wait:'.length) : undefined;
      const key2 = `${id}:${key}`;
      return step && !finishedOn && !done.includes(`sew:${step}`) && now >= begun + hours * HOUR && !later.includes(key2)
        ? [{ id, name, step, hours, key: key2 }]
        : [];
    }),
  );
  return (
    <div role="status" className="waits-over">
      {over.map(({ id, name, step, hours, key }) => (
        <p key={key} className="row">
          <span>
            <b>{name}</b>: its {hours} hours are over.
          </span>
          <Link to={`/makes/${id}/sew?step=${step}`}>Go on with it</Link>
          <Button size="small" onClick={() => setLater([...later, key])}>
            Later
          </Button>
        </p>
      ))}
    </div>
  );
}
