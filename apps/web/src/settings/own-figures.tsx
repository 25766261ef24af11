import { Button } from 'antd';
import { useMemo } from 'react';
import { learnedFor, type LearnedFigure } from '@arcus/core';
import { experienceActions, useExperience } from '../api/experience.ts';
import { sayDate } from '../common/dates.ts';

const OF_CLOTH = { first: ' A cloth that has strips of its own is reckoned with those.', only: ' Each cloth is reckoned with its own strips alone.' };

/** What this person's own makes and swatches have taught, how far it spreads, and whether it is used. */
export function OwnFigures() {
  const { data } = useExperience();
  const figures = useMemo(() => (data ? learnedFor(data) : []), [data]);
  if (!data) return null;
  const use = ({ id, declined }: LearnedFigure) =>
    void experienceActions.decline(declined ? data.declined.filter((each) => each !== id) : [...data.declined, id]);
  return (
    <section className="stack">
      <h2>Your own figures</h2>
      {figures.length === 0 ? (
        <p className="quiet">
          Nothing learnt yet. Write down what came out at Wear, or try strips in the Cupboard: the next plan reckons with that instead of the rule of
          thumb.
        </p>
      ) : (
        <ul className="list">
          {figures.map((figure) => (
            <li key={figure.id} className="own-figure">
              <div>
                <b>{figure.label}</b>
                <p className="quiet small">
                  {figure.declined ? `The usual ${figure.usual} is used.` : `${figure.value.toFixed(2)} is used: ${figure.says}.`}{' '}
                  {figure.observations.length === 1
                    ? 'One says little of how far it spreads.'
                    : `${figure.observations.length} lie between ${figure.low.toFixed(2)} and ${figure.high.toFixed(2)}.`}
                  {figure.ofCloth && OF_CLOTH[figure.ofCloth]}
                </p>
              </div>
              <Spread figure={figure} />
              <Button onClick={() => use(figure)}>{figure.declined ? 'Use mine' : `Use the usual ${figure.usual}`}</Button>
            </li>
          ))}
        </ul>
      )}
    </section>
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
