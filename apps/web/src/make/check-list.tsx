import { Button } from 'antd';
import type { Check, WayOut } from '@arcus/core';
import { useElastics } from '../api/cupboard.ts';
import { useMakeState } from './make-context.ts';

const ORDER = { stop: 0, caution: 1, tight: 2, ok: 3 };

/** Checks, the gravest first, with their ways out one click away. */
export function CheckList({ checks }: { checks: readonly Check[] }) {
  const { change } = useMakeState();
  const sorted = [...checks].sort((a, b) => ORDER[a.verdict] - ORDER[b.verdict]);
  return (
    <ul className="checks">
      {sorted.map((check) => (
        <li key={check.id} className={check.verdict} data-check={check.id} data-verdict={check.verdict}>
          <p>{check.says}</p>
          {check.waysOut && check.waysOut.length > 0 && (
            <div className="stack" style={{ gap: 6, marginTop: 8, alignItems: 'flex-start' }}>
              {check.waysOut.map((way) =>
                way.choices ? (
                  <Button
                    key={way.says}
                    size="small"
                    onClick={() => change((now) => ({ choices: { ...now.choices, ...way.choices } }), `way:${check.id}`)}
                  >
                    {way.says}
                    {costsOf(way)}
                  </Button>
                ) : way.elastic ? (
                  <OtherElastic key={way.says} way={way} />
                ) : (
                  <span key={way.says} className="quiet">
                    {way.says}
                  </span>
                ),
              )}
            </div>
          )}
        </li>
      ))}
    </ul>
  );
}

/** Another elastic: one from the cupboard that does it, one press away; else in words what would. */
/** Less than this is not worth a word: minutes, and square metres of cloth. */
const WORTH_SAYING = { minutes: 3, cloth: 0.02 };

/** What a way out costs beside the plan as it is. */
function costsOf({ costs }: WayOut): string {
  if (!costs) return '';
  const signed = (value: number, text: string) => `${value > 0 ? '+' : '−'} ${text}`;
  const parts = [
    ...(Math.abs(costs.minutes) >= WORTH_SAYING.minutes ? [signed(costs.minutes, `${Math.round(Math.abs(costs.minutes))} min`)] : []),
    ...(Math.abs(costs.cloth) >= WORTH_SAYING.cloth ? [signed(costs.cloth, `${Math.abs(costs.cloth).toFixed(2)} m² of cloth`)] : []),
  ];
  return parts.length > 0 ? ` (${parts.join(', ')})` : '';
}

function OtherElastic({ way }: { way: WayOut }) {
  const { change } = useMakeState();
  const { data: elastics = [] } = useElastics();
  const { elastic: wanted } = way;
  const has = wanted && elastics.find(({ kind, greatestStretch }) => kind !== 'braided' && greatestStretch >= (wanted.greatestStretch ?? 0));
  if (!has) return <span className="quiet">{way.says}</span>;
  return (
    <Button size="small" onClick={() => change({ elasticId: has.id }, 'elastic')}>
      Take “{has.name}” from the cupboard
    </Button>
  );
}
