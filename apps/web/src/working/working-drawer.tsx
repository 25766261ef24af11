import { Drawer } from 'antd';
import { useState } from 'react';
import { formatQuantity, leavesOf, nearestNamed, sensitivity, STEP, workingOf, type Quantity, type Units } from '@arcus/core';
import { useUnits } from '../settings/units.tsx';

/** A sum of more than that is a list, not a sentence. */
const MOST_IN_WORDS = 8;

/** How a number was worked out: formula in words, then with the person's figures; rounding; what an error does; its inputs. */
export default function WorkingDrawer({ quantity: first, among, onClose }: { quantity: Quantity; among: readonly Quantity[]; onClose(): void }) {
  const { units } = useUnits();
  const [path, setPath] = useState<Quantity[]>([first]);
  const quantity = path[path.length - 1]!;
  const users = among.filter((each) => nearestNamed(each).some((input) => input.id === quantity.id));
  const go = (next: Quantity) => setPath([...path, next]);
  return (
    <Drawer open onClose={onClose} size={440} title={quantity.label} destroyOnHidden closable={{ 'aria-label': 'Close the working' }}>
      <div className="stack" style={{ gap: 20 }} data-testid="working">
        {path.length > 1 && (
          <button type="button" className="plain-button quiet" onClick={() => setPath(path.slice(0, -1))}>
            ‹ back to {path[path.length - 2]!.label?.toLowerCase()}
          </button>
        )}
        <p style={{ font: '700 36px/1 var(--head)' }}>{formatQuantity(quantity.value, quantity.unit, units, quantity.safeSide)}</p>
        <section className="stack" style={{ gap: 6 }}>
          <p className="quiet">
            {nearestNamed(quantity).length > MOST_IN_WORDS
              ? 'All that is listed below, each as often as it comes:'
              : workingOf(quantity, units, 'label')}
          </p>
          <p className="working">{workingOf(quantity, units)}</p>
          <p className="quiet small">{roundingSays(quantity, units)}</p>
        </section>
        <Sources quantity={quantity} units={units} go={go} />
        <Slips quantity={quantity} units={units} />
        {users.length > 0 && (
          <section>
            <h3>It goes into</h3>
            <Names of={users} units={units} go={go} />
          </section>
        )}
      </div>
    </Drawer>
  );
}

function roundingSays({ unit, safeSide, value }: Quantity, units: Units): string {
  if (unit !== 'mm') return unit === 'count' ? 'A whole number.' : '';
  const step = units === 'cm' ? '1 mm' : '1/8 in';
  const away = formatQuantity(value, unit, units, safeSide);
  if (safeSide === 'down') return `Rounded down to ${step} (${away}): cut too small it can still be made larger.`;
  if (safeSide === 'up') return `Rounded up to ${step} (${away}): too much can still be trimmed.`;
  return `Rounded to the nearest ${step}.`;
}

function Sources({ quantity, units, go }: { quantity: Quantity; units: Units; go(next: Quantity): void }) {
  const inputs = nearestNamed(quantity);
  if (inputs.length === 0) return null;
  return (
    <section>
      <h3>It comes from</h3>
      <Names of={inputs} units={units} go={go} />
    </section>
  );
}

function Names({ of, units, go }: { of: readonly Quantity[]; units: Units; go(next: Quantity): void }) {
  return (
    <ul className="list">
      {of.map((each) => (
        <li key={each.id}>
          <button
            type="button"
            className="plain-button list-row"
            style={{ gridTemplateColumns: '1fr auto', width: '100%', padding: '9px 2px' }}
            onClick={() => go(each)}
          >
            <span>{each.label}</span>
            <b>{formatQuantity(each.value, each.unit, units, each.safeSide)}</b>
          </button>
        </li>
      ))}
    </ul>
  );
}

/** The error spoken of: half a centimetre, or a quarter of an inch. */
const SLIP: Record<Units, { mm: number; says: string }> = { cm: { mm: STEP['cm-chalk'], says: '5 mm' }, in: { mm: 2 * STEP.in, says: '1/4 in' } };

function Slips({ quantity, units }: { quantity: Quantity; units: Units }) {
  if (quantity.unit !== 'mm') return null;
  const slip = SLIP[units];
  const rows = leavesOf(quantity)
    .filter((leaf) => leaf.unit === 'mm')
    .map((leaf) => ({ leaf, slope: sensitivity(quantity, leaf.id!) }))
    .filter(({ slope }) => Math.abs(slope * slip.mm) >= STEP[units === 'in' ? 'in-fine' : 'cm'] / 2);
  if (rows.length === 0 || (rows.length === 1 && rows[0]!.leaf.id === quantity.id)) return null;
  // what an error does may be finer than what one chalks
  const show = (mm: number) => formatQuantity(Math.abs(mm), 'mm', units, 'nearest', units === 'in' ? 'in-fine' : 'cm');
  return (
    <section>
      <h3>What an error does</h3>
      <ul style={{ margin: '6px 0 0', paddingLeft: 20 }}>
        {rows.map(({ leaf, slope }) => (
          <li key={leaf.id}>
            {slip.says} more in <b>{leaf.label?.toLowerCase()}</b> makes this {show(slope * slip.mm)} {slope > 0 ? 'more' : 'less'}.
            {Math.abs(slope) < 0.6 && (
              <>
                {' '}
                Chalked {slip.says} out, it is as if that were {show(slip.mm / slope)} out.
              </>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
