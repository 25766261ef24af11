import { Button } from 'antd';
import { useState } from 'react';
import type { ClothView } from '@arcus/contract';
import { formatCloth, formatLength, leftoversOf, offBolt, type Plan } from '@arcus/core';
import { shelfActions } from '../../../api/cupboard.ts';
import { useSaid } from '../../../common/said.tsx';
import { useUnits } from '../../../settings/units.tsx';
import { useMakeState } from '../../make-context.ts';

const USED = 'used:main';
const keptTick = (width: number, height: number) => `kept:${width}x${height}`;

/** What cutting does to the cupboard: the length comes off the shelf, what is left over goes back as pieces one can find again. */
export function CutUses({ plan }: { plan: Plan }) {
  const { cloth, draft, settle } = useMakeState();
  const { units } = useUnits();
  const said = useSaid();
  const [busy, setBusy] = useState(false);
  if (!cloth) return null;
  const takes = offBolt(plan.lay.length + Number(draft.choices['reserve'] ?? 0), cloth);
  // the lay may come closer later: what goes back is what was taken
  const [used] = draft.tally[USED] ?? [];
  const tick = (id: string) => settle((state) => ({ ...state, done: [...state.done.filter((each) => each !== id), id] }));
  const note = (taken: number | undefined) =>
    settle((state) => {
      const { [USED]: _before, ...others } = state.tally;
      return { ...state, tally: taken === undefined ? others : { ...others, [USED]: [taken] } };
    });
  const shelf = shelfActions('cloths');
  const attempt = (work: Promise<unknown>, done: () => void) => {
    setBusy(true);
    void work
      .then(done)
      .catch((error: unknown) => void said.error(String(error)))
      .finally(() => setBusy(false));
  };
  const has = cloth.lengthOnHand;
  const left = leftoversOf(plan).filter(({ width, height }) => !draft.done.includes(keptTick(width, height)));
  return (
    <section className="cut-uses no-print" aria-label="In the cupboard">
      {has !== null && used === undefined && (
        <p className="row">
          <span>
            {cloth.name}: {formatCloth(has, units, 'down')} lie in the cupboard, this takes {formatCloth(takes, units)}.
          </span>
          <Button
            className="on-table"
            loading={busy}
            onClick={() =>
              attempt(shelf.update(cloth, { ...traitsOf(cloth), lengthOnHand: Math.max(0, has - takes) }), () => note(Math.min(has, takes)))
            }
          >
            It is cut: take it off
          </Button>
        </p>
      )}
      {used !== undefined && has !== null && (
        <p className="row">
          <span>Taken off the shelf; {formatCloth(has, units, 'down')} are left.</span>
          <Button
            type="text"
            className="on-table-text"
            loading={busy}
            onClick={() => attempt(shelf.update(cloth, { ...traitsOf(cloth), lengthOnHand: has + used }), () => note(undefined))}
          >
            Put it back
          </Button>
        </p>
      )}
      {left.length > 0 && (
        <p className="row wrap">
          <span>Left over for straps, pockets, bands:</span>
          {left.slice(0, 3).map(({ width, height }) => (
            <Button
              key={`${width}x${height}`}
              className="on-table"
              disabled={busy}
              onClick={() =>
                attempt(
                  shelf.create({
                    ...traitsOf(cloth),
                    name: `${cloth.name}, a piece ${formatLength(width, units, 'down')} by ${formatLength(height, units, 'down')}`,
                    width,
                    lengthOnHand: height,
                    selvedge: 0,
                    prewashed: true,
                    pricePerMetre: null,
                    note: `left over from ${draft.name}`,
                  }),
                  () => {
                    tick(keptTick(width, height));
                    void said.success('It lies in the cupboard.');
                  },
                )
              }
            >
              Keep {formatLength(width, units, 'down')} by {formatLength(height, units, 'down')}
            </Button>
          ))}
        </p>
      )}
    </section>
  );
}

function traitsOf({ id: _id, version: _version, archived: _archived, ...traits }: ClothView) {
  return traits;
}
