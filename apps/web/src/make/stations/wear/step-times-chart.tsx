import { Bar, BarChart, CartesianGrid, Legend, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts';
import { formatMinutes } from '@arcus/core';
import { COLOUR } from '../../../theme/tokens.ts';
import { farthest, type StepTime } from './step-times.ts';

const TICK = { fontSize: 14, fill: COLOUR.chalk };
/** A step takes that much room, px. */
const STEP = 52;

/** Bars beside each other: how long a step was reckoned to take, and how long it took. */
export default function StepTimesChart({ times }: { times: readonly StepTime[] }) {
  const { slower, quicker } = farthest(times);
  const words = times.map(({ title, planned, real }) => `${title}: reckoned ${formatMinutes(planned)}, took ${formatMinutes(real)}`).join('; ');
  return (
    <section className="stack step-times" aria-label="How long each step took">
      <h2>How long each step took</h2>
      {slower && (
        <p>
          “{slower.title}” took longest beyond what was reckoned: {formatMinutes(slower.real)} instead of {formatMinutes(slower.planned)}.
        </p>
      )}
      {quicker && (
        <p>
          “{quicker.title}” went quicker: {formatMinutes(quicker.real)} instead of {formatMinutes(quicker.planned)}.
        </p>
      )}
      <div role="img" aria-label={words}>
        <ResponsiveContainer width="100%" height={times.length * STEP + 70}>
          <BarChart data={[...times]} layout="vertical" margin={{ left: 0, right: 12, top: 4, bottom: 0 }} barGap={1}>
            <CartesianGrid stroke={COLOUR.twill} horizontal={false} />
            <XAxis type="number" unit=" min" allowDecimals={false} tick={TICK} />
            <YAxis type="category" dataKey="title" width={150} tick={TICK} interval={0} />
            <Tooltip contentStyle={{ color: COLOUR.ink }} cursor={{ fill: COLOUR.twill }} formatter={(minutes) => formatMinutes(Number(minutes))} />
            <Legend formatter={(name) => <span style={{ color: COLOUR.chalk }}>{name}</span>} />
            <Bar dataKey="planned" name="reckoned" fill={COLOUR.table} stroke={COLOUR.chalk} strokeDasharray="4 3" isAnimationActive={false} />
            <Bar dataKey="real" name="took" fill={COLOUR.tape} isAnimationActive={false} />
          </BarChart>
        </ResponsiveContainer>
      </div>
    </section>
  );
}
