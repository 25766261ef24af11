import { formatCloth } from '@arcus/core';
import { useUnits } from './units.tsx';
import { sewingBox, threadsFor } from './use-sewing-box.ts';

/** Names the reels of the sewing box that are long enough; whether the colour goes only the person can tell. */
export function ThreadAtHand({ length }: { length: number }) {
  const { units } = useUnits();
  const there = threadsFor(sewingBox(), length);
  if (there.length === 0) return null;
  return (
    <span className="quiet small thread-at-hand">
      {' '}
      in the sewing box: {there.map(({ name, left }) => `${name}, ${formatCloth(left, units, 'down')}`).join('; ')}
    </span>
  );
}
