import { Button } from 'antd';
import { Printer } from 'lucide-react';
import { useMemo } from 'react';
import { Link } from 'react-router';
import type { MakeView } from '@arcus/contract';
import { formatCloth, toBuy, type ToBuyRow } from '@arcus/core';
import { useCloths, useElastics } from '../api/cupboard.ts';
import { useSettings } from '../api/settings.ts';
import { makesActions } from '../api/makes.ts';
import { ThreadAtHand } from '../settings/thread-at-hand.tsx';
import { useUnits } from '../settings/units.tsx';
import { beyondTheBox, boughtTick, needsOf } from '../makes/needs-of.ts';
import { useSketches } from '../makes/use-sketches.ts';
import { cutTogether, takenTogether, useTogether } from '../makes/use-together.ts';

/** What the makes take that is not there yet: cloth of all together, then what each needs beside it. */
export function ToBuy({ makes }: { makes: readonly MakeView[] }) {
  const { units } = useUnits();
  const { data: cloths = [] } = useCloths();
  const { data: elastics = [] } = useElastics();
  const tools = useSettings().data?.box.tools;
  const open = useMemo(() => makes.filter(({ finishedOn }) => !finishedOn), [makes]);
  const sketches = useSketches(open);
  const needs = useMemo(() => beyondTheBox(needsOf(sketches, cloths), tools ?? []), [sketches, cloths, tools]);
  const together = useTogether(needs, cloths, cutTogether);
  const rows = useMemo(() => toBuy(needs, cloths, elastics, units, takenTogether(together)), [needs, cloths, elastics, units, together]);
  const cost = rows.reduce((sum, row) => sum + (row.cost ?? 0), 0);
  if (rows.length === 0) return null;
  const got = (row: ToBuyRow) => {
    for (const { id } of row.makes) {
      const make = makes.find((each) => each.id === id);
      if (make && row.item) makesActions.tick(make, boughtTick(row.item));
    }
  };
  return (
    <section className="stack to-buy-section">
      <div className="row spread">
        <h2>To buy</h2>
        <Button icon={<Printer size={17} />} onClick={() => print()}>
          Print the list
        </Button>
      </div>
      <ul className="list to-buy">
        {rows.map((row) => (
          <li key={row.id} className="to-buy-row">
            <b>
              {row.atMost ? 'at most ' : ''}
              {row.length === undefined ? row.amount : formatCloth(row.length, units)} {row.short && row.short.has > 0 ? 'more of ' : ''}
              {row.what}
            </b>
            {row.item === 'thread' && <ThreadAtHand length={row.needed ?? 0} />}
            <span className="quiet">
              for{' '}
              {row.makes.map(({ id, name }, i) => (
                <span key={id}>
                  {i > 0 && (i === row.makes.length - 1 ? ' and ' : ', ')}
                  <Link to={`/makes/${id}/cloth`}>{name}</Link>
                </span>
              ))}
              {row.short && row.makes.length > 1
                ? `: together ${formatCloth(row.short.needs, units)}, there are ${formatCloth(row.short.has, units, 'down')}`
                : ''}
            </span>
            {row.cost !== undefined && <span className="quiet">about {row.cost.toFixed(2)}</span>}
            {row.short ? (
              <span className="row small">
                {row.makes.length > 1 && <Link to={`/cupboard/${row.short.clothId}/together`}>Lay them together</Link>}
                <Link to={`/cupboard?cloth=${row.short.clothId}`}>Write in what you bought</Link>
              </span>
            ) : (
              <Button size="small" onClick={() => got(row)} aria-label={`Got it: ${row.what}`}>
                Got it
              </Button>
            )}
          </li>
        ))}
      </ul>
      {cost > 0 && <p className="quiet">Cloth with a known price: about {cost.toFixed(2)} in all.</p>}
    </section>
  );
}
