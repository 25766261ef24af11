import { CartesianGrid, Line, LineChart, ReferenceLine, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts';
import { formatCloth } from '@arcus/core';
import { useUnits } from '../../../settings/units.tsx';
import { COLOUR } from '../../../theme/tokens.ts';

interface Props {
  points: ReadonlyArray<{ at: number; takes: number }>;
  /** How a value along the bottom reads. */
  says(at: number): string;
  /** The value in force. */
  now: number | undefined;
  /** Cloth there is, mm. */
  onHand: number | undefined;
  label: string;
}

/** Cloth needed against one thing, in chalk on the table: the knee of the curve is what one looks for. */
export default function ClothChart({ points, says, now, onHand, label }: Props) {
  const { units } = useUnits();
  const words = `${label} against cloth needed: ${points.map(({ at, takes }) => `${says(at)} ${formatCloth(takes, units)}`).join(', ')}`;
  return (
    <div role="img" aria-label={words} className="cloth-chart">
      <ResponsiveContainer width="100%" height={260}>
        <LineChart data={[...points]} margin={{ left: 8, right: 24, top: 12, bottom: 8 }}>
          <CartesianGrid stroke="#2c4257" vertical={false} />
          <XAxis
            dataKey="at"
            type="number"
            domain={['dataMin', 'dataMax']}
            tickFormatter={says}
            stroke="#c8d4de"
            tick={{ fill: '#dfe6ec', fontSize: 13 }}
          />
          <YAxis
            tickFormatter={(mm: number) => formatCloth(mm, units)}
            width={76}
            stroke="#c8d4de"
            tick={{ fill: '#dfe6ec', fontSize: 13 }}
            domain={['auto', 'auto']}
          />
          <Tooltip
            formatter={(mm) => [formatCloth(Number(mm), units), 'cloth']}
            labelFormatter={(at) => says(Number(at))}
            contentStyle={{ background: COLOUR.ink, border: '1px solid #e9c46a', borderRadius: 3 }}
            labelStyle={{ color: '#fff' }}
            itemStyle={{ color: '#fff' }}
          />
          {now !== undefined && <ReferenceLine x={now} stroke={COLOUR.tape} strokeDasharray="2 5" />}
          {onHand !== undefined && (
            <ReferenceLine
              y={onHand}
              stroke="#f0918a"
              strokeDasharray="6 4"
              label={{ value: 'in the cupboard', fill: '#f0b5b0', fontSize: 13, position: 'insideTopLeft' }}
            />
          )}
          <Line dataKey="takes" stroke="#fff" strokeWidth={2.5} dot={{ r: 3.5, fill: COLOUR.tape, stroke: 'none' }} isAnimationActive={false} />
        </LineChart>
      </ResponsiveContainer>
    </div>
  );
}
