import dayjs from 'dayjs';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { CartesianGrid, Legend, Line, LineChart, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts';
import type { MeasureView, PersonView } from '@arcus/contract';
import { formatLength, growthOf, measureById } from '@arcus/core';
import { useMakes } from '../api/makes.ts';
import { sayDate } from '../common/dates.ts';
import { useUnits } from '../settings/units.tsx';
import { COLOUR } from '../theme/tokens.ts';

const LINES = [COLOUR.ink, '#a05a2c', '#2f6f5e', '#5b4a8a', '#8a2c4a'];

/** How a child has grown since it was first measured, and which hems have room to be let down. */
export default function GrowthChart({ person, ledger }: { person: PersonView; ledger: readonly MeasureView[] }) {
  const { units } = useUnits();
  const { data: makes = [] } = useMakes();
  const growth = useMemo(() => growthOf(ledger).slice(0, LINES.length), [ledger]);
  if (growth.length === 0) return null;
  const labelOf = (id: string) => measureById(id)?.label ?? id;
  const days = [...new Set(growth.flatMap(({ points }) => points.map(({ on }) => on)))].sort();
  const data = days.map((on) => ({
    on: Date.parse(on),
    ...Object.fromEntries(
      growth.flatMap(({ measure, points }) => points.filter((point) => point.on === on).map((point) => [measure, point.value - points[0]!.value])),
    ),
  }));
  const words = growth
    .map(({ measure, grew }) => `${labelOf(measure).toLowerCase()} ${grew < 0 ? '−' : '+'} ${formatLength(Math.abs(grew), units)}`)
    .join(', ');
  const withRoom = makes.filter(({ personId, choices }) => personId === person.id && Number(choices['growthRoom'] ?? 0) > 0);
  return (
    <section className="stack growth" aria-label="Growth">
      <h2>Growth</h2>
      <p className="quiet">
        Since {sayDate(days[0]!)}: {words}. Hems are let down and elastics replaced; nothing is cut looser to grow into.
      </p>
      <div role="img" aria-label={`Growth since ${sayDate(days[0]!)}: ${words}`}>
        <ResponsiveContainer width="100%" height={210}>
          <LineChart data={data} margin={{ left: 0, right: 16, top: 8, bottom: 4 }}>
            <CartesianGrid stroke="#d6dde3" vertical={false} />
            <XAxis
              dataKey="on"
              type="number"
              domain={['dataMin', 'dataMax']}
              ticks={days.map((day) => Date.parse(day))}
              tickFormatter={(at: number) => dayjs(at).format('MMM YY')}
              tick={{ fontSize: 13 }}
            />
            <YAxis tickFormatter={(mm: number) => formatLength(mm, units)} width={70} tick={{ fontSize: 13 }} />
            <Tooltip formatter={(mm) => formatLength(Number(mm), units)} labelFormatter={(at) => dayjs(Number(at)).format('D MMM YYYY')} />
            <Legend />
            {growth.map(({ measure }, i) => (
              <Line
                key={measure}
                dataKey={measure}
                name={labelOf(measure)}
                stroke={LINES[i]}
                strokeWidth={2.5}
                strokeDasharray={i % 2 === 1 ? '6 4' : undefined}
                connectNulls
                isAnimationActive={false}
              />
            ))}
          </LineChart>
        </ResponsiveContainer>
      </div>
      {withRoom.map((make) => (
        <p key={make.id}>
          <Link to={`/makes/${make.id}/sew`}>{make.name}</Link> has {formatLength(Number(make.choices['growthRoom']), units)} in its hem to let down.
        </p>
      ))}
    </section>
  );
}
