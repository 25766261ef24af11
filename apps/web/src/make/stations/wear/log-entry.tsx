import { Button } from 'antd';
import type { LogView } from '@arcus/contract';
import { explained, formatQuantity, type Plan } from '@arcus/core';
import { sayDate } from '../../../common/dates.ts';
import { useUnits } from '../../../settings/units.tsx';
import { useMakeState } from '../../make-context.ts';
import { VERDICTS } from './verdicts.ts';

/** One entry of the log: verdict, words, and what came out beside what was planned. */
export function LogEntry({ entry, onStrike }: { entry: LogView; onStrike?(): void }) {
  const { plan } = useMakeState();
  const { units } = useUnits();
  const rows = Object.entries(entry.actuals);
  return (
    <section className="stack log-entry" data-testid="log-entry">
      <p className="on-table-quiet">{sayDate(entry.finishedOn)}</p>
      <h2>{VERDICTS.find(({ id }) => id === entry.verdict)?.label}</h2>
      {entry.note && <p className="log-words">{entry.note}</p>}
      {entry.nextTime && (
        <p className="log-words">
          <b>Next time:</b> {entry.nextTime}
        </p>
      )}
      {rows.length > 0 && (
        <table className="sections">
          <thead>
            <tr>
              <th />
              <th>planned</th>
              <th>came out</th>
              <th>difference</th>
            </tr>
          </thead>
          <tbody>
            {rows.map(([id, actual]) => (
              <ActualRow
                key={id}
                why={plan && entry.planned[id] !== undefined ? explained(plan, id, entry.planned[id], actual) : []}
                quantity={plan?.quantities.find((each) => each.id === id)}
                {...{ id, actual, units, planned: entry.planned[id] }}
              />
            ))}
          </tbody>
        </table>
      )}
      {onStrike && (
        <div>
          <Button className="on-table" size="small" onClick={onStrike}>
            Take this entry out
          </Button>
        </div>
      )}
    </section>
  );
}

interface RowProps {
  quantity: Plan['quantities'][number] | undefined;
  id: string;
  actual: number;
  planned: number | undefined;
  units: 'cm' | 'in';
  /** What would explain the difference. */
  why: readonly string[];
}

function ActualRow({ quantity, id, actual, planned, units, why }: RowProps) {
  const show = (value: number) => formatQuantity(value, quantity?.unit ?? 'ratio', units);
  return (
    <>
      <tr>
        <td>{quantity?.label ?? id}</td>
        <td>{planned === undefined ? '' : show(planned)}</td>
        <td>
          <b>{show(actual)}</b>
        </td>
        <td>{planned === undefined ? '' : differenceSaid(planned, actual, show)}</td>
      </tr>
      {why.length > 0 && (
        <tr>
          <td colSpan={4} className="why-differs">
            {quantity?.unit === 'min' ? why.join(' ') : `It may be ${why.join('; or ')}.`}
          </td>
        </tr>
      )}
    </>
  );
}

/** As planned is what reads the same as planned. */
export function differenceSaid(planned: number, actual: number, show: (value: number) => string): string {
  if (show(planned) === show(actual)) return 'as planned';
  return `${actual > planned ? '+' : '−'} ${show(Math.abs(actual - planned))}`;
}
