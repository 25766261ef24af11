import { Link } from 'react-router';
import { formatCloth } from '@arcus/core';
import { togetherTick } from '../../../makes/needs-of.ts';
import { useSpokenFor } from '../../../makes/use-spoken-for.ts';
import { useUnits } from '../../../settings/units.tsx';
import { useMakeState } from '../../make-context.ts';

/** Says where other makes will cut from the same cloth, and whether it is enough for all. */
export function SharedCloth() {
  const { make, cloth } = useMakeState();
  const { units } = useUnits();
  const spoken = useSpokenFor().get(cloth?.id ?? '');
  const others = spoken?.by.filter(({ id }) => id !== make.id) ?? [];
  if (!cloth || !spoken || others.length === 0) return null;
  const has = cloth.lengthOnHand;
  const short = has !== null && spoken.takes > has + 1e-6;
  const together = spoken.by.every(({ make: each }) => each.done.includes(togetherTick(cloth.id)));
  return (
    <p className={`shared-cloth${short ? ' short' : ''}`} role="note">
      {others.map(({ name }) => name).join(' and ')} {others.length === 1 ? 'is' : 'are'} cut from it too:{' '}
      {together ? 'together' : 'one after the other'} they take {spoken.atMost ? 'at most ' : ''}
      {formatCloth(spoken.takes, units)}
      {has === null
        ? '.'
        : `, there are ${formatCloth(has, units, 'down')}${short ? `: ${formatCloth(spoken.takes - has, units)} short.` : '.'}`}{' '}
      <Link to={`/cupboard/${cloth.id}/together`}>{together ? 'How they lie' : 'Lay them together'}</Link>
    </p>
  );
}
