import { Button } from 'antd';
import { useState } from 'react';
import type { ClothView } from '@arcus/contract';
import { formatCloth, formatLength, leftoversOf, offBolt, type Plan } from '@arcus/core';
import { shelfActions } from '../../../api/cupboard.ts';
import { makesActions } from '../../../api/makes.ts';
import { useSaid } from '../../../common/said.tsx';
import { USED } from '../../../makes/needs-of.ts';
import { useCutTogether } from '../../../makes/use-cut-together.ts';
import { useUnits } from '../../../settings/units.tsx';
import { useMakeState } from '../../make-context.ts';

const keptTick = (width: number, height: number) => `kept:${width}x${height}`;

/** What cutting does to the cupboard: the length comes off the shelf, what is left over goes back as pieces one can find again. */
export function CutUses({ plan }: { plan: Plan }) {
  const { make, cloth, draft, settle } = useMakeState();
  const shared = useCutTogether(cloth);
  const { units } = useUnits();
  const said = useSaid();
  const [busy, setBusy] = useState(false);
  if (!cloth) return null;
  const alone = offBolt(plan.lay.length + Number(draft.choices['reserve'] ?? 0), cloth);
  const takes = shared.takes ?? alone;
  const others = shared.takes === undefined ? [] : shared.makes.filter(({ id }) => id !== make.id);
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
            {cloth.name}: {formatCloth(has, units, 'down')} lie in the cupboard,{' '}
            {others.length > 0 ? `this and ${others.map(({ name }) => name).join(' and ')}, cut together, take` : 'this takes'}{' '}
            {formatCloth(takes, units)}.
          </span>
          <Button
            className="on-table"
            loading={busy}
            onClick={() =>
              attempt(shelf.update(cloth, { name: cloth.name, lengthOnHand: Math.max(0, has - takes) }), () => {
                note(Math.min(has, takes));
                // what was cut with it is cut, and takes nothing more
                for (const other of others)
                  makesActions.change(other, { done: [...new Set([...other.done, 'sew:cut'])], tally: { ...other.tally, [USED]: [0] } });
              })
            }
          >
            {others.length > 0 ? 'All are cut: take it off' : 'It is cut: take it off'}
          </Button>
        </p>
      )}
      {used !== undefined && has !== null && (
        <p className="row">
          <span>
            {used === 0 ? 'Cut together with another make and taken off with it' : 'Taken off the shelf'}; {formatCloth(has, units, 'down')} are left.
          </span>
          {used > 0 && (
            <Button
              type="text"
              className="on-table-text"
              loading={busy}
              onClick={() =>
                attempt(shelf.update(cloth, { name: cloth.name, lengthOnHand: has + used }), () => {
                  note(undefined);
                  for (const { tally, ...follower } of shared.followers)
                    makesActions.change({ ...follower, tally }, { tally: Object.fromEntries(Object.entries(tally).filter(([key]) => key !== USED)) });
                })
              }
            >
              Put it back
            </Button>
          )}
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
