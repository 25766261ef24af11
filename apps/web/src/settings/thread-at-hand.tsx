import { formatCloth } from '@arcus/core';
import { useUnits } from './units.tsx';
import { useSettings } from '../api/settings.ts';

/** Names the reels of the sewing box that are long enough; whether the colour goes only the person can tell. */
export function ThreadAtHand({ length }: { length: number }) {
  const { units } = useUnits();
  const { data } = useSettings();
  const there = data?.box.threads.filter(({ left }) => left >= length) ?? [];
  if (there.length === 0) return null;
  return (
    <span className="quiet small thread-at-hand">
      {' '}
      in the sewing box: {there.map(({ name, left }) => `${name}, ${formatCloth(left, units, 'down')}`).join('; ')}
    </span>
  );
}
