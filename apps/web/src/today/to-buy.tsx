import { Button } from 'antd';
import { Printer } from 'lucide-react';
import { useMemo } from 'react';
import { Link } from 'react-router';
import type { ElasticView, ClothView, MakeView } from '@arcus/contract';
import { formatCloth, offBolt, PLAIN_WOVEN, toBuy, type MakeNeeds, type ToBuyRow } from '@arcus/core';
import { useCloths, useElastics } from '../api/cupboard.ts';
import { makesActions } from '../api/makes.ts';
import { useUnits } from '../settings/units.tsx';
import { useSketches, type Sketched } from '../makes/use-sketches.ts';

/** What an item of a make is ticked by once it was bought. */
const boughtTick = (item: string) => `bought:${item}`;
const isCut = ({ done }: MakeView) => done.includes('sew:cut') || done.includes('station:sew');

/** What the makes take that is not there yet: cloth of all together, then what each needs beside it. */
export function ToBuy({ makes }: { makes: readonly MakeView[] }) {
  const { units } = useUnits();
  const { data: cloths = [] } = useCloths();
  const { data: elastics = [] } = useElastics();
  const open = useMemo(() => makes.filter(({ finishedOn }) => !finishedOn), [makes]);
  const sketches = useSketches(open);
  const rows = useMemo(() => rowsOf(sketches, cloths, elastics), [sketches, cloths, elastics]);
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
              <Link className="small" to={`/cupboard?cloth=${row.short.clothId}`}>
                Write in what you bought
              </Link>
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

const CLOTHS = { main: 'cloth', lining: 'lining', contrast: 'contrast' } as const;

function rowsOf(sketches: readonly Sketched[], cloths: readonly ClothView[], elastics: readonly ElasticView[]): ToBuyRow[] {
  const needs = sketches.flatMap(({ make, plan }): MakeNeeds[] => {
    if (!plan || isCut(make)) return [];
    const { figures } = make.summary;
    const { done, clothId, otherCloths, elasticId, id, name } = make;
    const wanted = (Object.keys(CLOTHS) as Array<keyof typeof CLOTHS>).flatMap((role) => {
      const item = plan.shopping.find((each) => each.id === CLOTHS[role]);
      const buy = figures[`${CLOTHS[role]}-to-buy`];
      if (!item || !buy) return [];
      const from = role === 'main' ? clothId : (otherCloths[role] ?? null);
      const cloth = cloths.find((each) => each.id === from) ?? PLAIN_WOVEN;
      const takes = role === 'main' ? offBolt((figures['cloth-length'] ?? buy) + Number(make.choices['reserve'] ?? 0), cloth) : buy;
      return [{ role, clothId: from, what: item.what, takes, buy }];
    });
    const items = plan.shopping.filter((item) => !Object.values<string>(CLOTHS).includes(item.id));
    const bought = new Set(done.filter((tick) => tick.startsWith('bought:')).map((tick) => tick.slice('bought:'.length)));
    return [{ id, name, cloths: wanted, settled: make.summary.settled === true, elasticId, items, bought }];
  });
  return toBuy(needs, cloths, elastics);
}
