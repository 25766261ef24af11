import { Button } from 'antd';
import { useMemo } from 'react';
import { learnedFor, type LearnedFigure } from '@arcus/core';
import { experienceActions, useExperience } from '../api/experience.ts';
import { useAttempt } from '../common/said.tsx';
import { sayDate } from '../common/dates.ts';

const OF_CLOTH = { first: ' A cloth that has strips of its own is reckoned with those.', only: ' Each cloth is reckoned with its own strips alone.' };

/** What this person's own makes and swatches have taught, how far it spreads, and whether it is used. */
export function OwnFigures() {
  const attempt = useAttempt();
  const { data } = useExperience();
  const figures = useMemo(() => (data ? learnedFor(data) : []), [data]);
  if (!data) return null;
  const use = ({ id, declined }: LearnedFigure) =>
    attempt(experienceActions.decline(declined ? data.declined.filter((each) => each !== id) : [...data.declined, id]));
  return (
    <section className="stack">
      <h2>Your own figures</h2>
      {figures.length === 0 ? (
        <p className="quiet">
          Nothing learnt yet. Write down what came out at Wear, or try strips in the Cupboard: the next plan reckons with that instead of the rule of
          thumb.
        </p>
      ) : (
        <>
          <ul className="list">
            {figures
              .filter((figure) => !isTime(figure))
              .map((figure) => (
                <OwnFigure key={figure.id} figure={figure} onUse={use} />
              ))}
          </ul>
          {figures.some(isTime) && (
            <>
              <h3>How long your work takes</h3>
              <p className="quiet small">Against what is usual at your pace: 1 is as long, 2 twice as long.</p>
              <ul className="list">
                {figures.filter(isTime).map((figure) => (
                  <OwnFigure key={figure.id} figure={figure} onUse={use} />
                ))}
              </ul>
            </>
          )}
        </>
      )}
    </section>
  );
}

const isTime = ({ id }: LearnedFigure) => id === 'time' || id.startsWith('time-');

function OwnFigure({ figure, onUse }: { figure: LearnedFigure; onUse(figure: LearnedFigure): void }) {
  const { label, usual, value, low, high, says, observations, ofCloth, declined } = figure;
  const [mine, theirs] = isTime(figure) ? [`${value.toFixed(2)} times as long`, 'time'] : [value.toFixed(2), String(usual)];
  return (
    <li className="own-figure">
      <div>
        <b>{label}</b>
        <p className="quiet small">
          {declined ? `The usual ${theirs} is used.` : `${mine} is used: ${says}.`}{' '}
          {observations.length === 1
            ? 'One says little of how far it spreads.'
            : `${observations.length} lie between ${low.toFixed(2)} and ${high.toFixed(2)}.`}
          {ofCloth && OF_CLOTH[ofCloth]}
        </p>
      </div>
      <Spread figure={figure} />
      <Button onClick={() => onUse(figure)}>{declined ? 'Use mine' : `Use the usual ${theirs}`}</Button>
    </li>
  );
}

const WIDE = 220;

/** Every observation as a dot beside the usual figure. */
function Spread({ figure: { usual, low, high, value, observations } }: { figure: LearnedFigure }) {
  const [from, to] = [Math.min(usual, low), Math.max(usual, high)];
  const room = Math.max((to - from) * 0.15, to * 0.02, 0.01);
  const at = (x: number) => ((x - from + room) / (to - from + 2 * room)) * WIDE;
  return (
    <svg
      width={WIDE}
      height={46}
      role="img"
      aria-label={observations.map(({ value: x, from: of, on }) => `${x.toFixed(2)}, ${of}, ${sayDate(on)}`).join('; ')}
    >
      <path d={`M0 22H${WIDE}`} stroke="var(--line)" />
      <path d={`M${at(usual)} 12v20`} stroke="var(--quiet)" strokeDasharray="3 3" />
      <text x={at(usual)} y={44} fontSize="13" textAnchor="middle" fill="var(--quiet)">
        usual
      </text>
      <path d={`M${at(low)} 22H${at(high)}`} stroke="var(--table)" strokeWidth="3" />
      {observations.map(({ value: x, on }, i) => (
        <circle key={`${on}${i}`} cx={at(x)} cy={22} r={5} fill="var(--table)" />
      ))}
      <path d={`M${at(value)} 8l5 -7h-10z`} fill="var(--stop)" />
    </svg>
  );
}
