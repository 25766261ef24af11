import { Button, Input } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { constructionById, doubtsAbout, measureById, proposalsFor, wearerOf } from '@arcus/core';
import { makesActions } from '../api/makes.ts';
import { peopleActions } from '../api/people.ts';
import { today } from '../common/dates.ts';
import { ProblemNote } from '../common/request-state.tsx';
import { usePageTitle } from '../common/use-page-title.ts';
import { LengthInput } from '../fields/length-input.tsx';
import { Options } from '../fields/options.tsx';
import { DoubtNote } from '../people/measure-row.tsx';
import { useSettings } from '../api/settings.ts';
import { tableChoices } from '../settings/table-choices.ts';
import { useUnits } from '../settings/units.tsx';
import { FigureBoard } from '../table/figure-board.tsx';

const GIRTHS = ['waist-girth', 'hip-girth'] as const;

/** First run: a name, two girths, and the first skirt is on the table. */
export default function WelcomePage() {
  usePageTitle('Welcome');
  const { units, setUnits } = useUnits();
  const navigate = useNavigate();
  const [name, setName] = useState('');
  const [body, setBody] = useState<Record<string, number>>({});
  const [active, setActive] = useState<string>('waist-girth');
  const [busy, setBusy] = useState(false);
  const [error, setError] = useState<unknown>();
  const { data: settings } = useSettings();
  const doubts = doubtsAbout(body, units);
  const ready = name.trim() !== '' && GIRTHS.every((id) => body[id] !== undefined);
  const start = async () => {
    setBusy(true);
    try {
      const person = await peopleActions.create({ name: name.trim() });
      await peopleActions.measure(
        person.id,
        name.trim(),
        GIRTHS.map((measure) => ({ measure, value: body[measure]!, takenOn: today() })),
      );
      const make = await makesActions.create({
        name: 'My first circle skirt',
        construction: 'circle-skirt',
        choices: {
          ...tableChoices(constructionById('circle-skirt')!, settings?.table),
          ...proposalsFor(constructionById('circle-skirt')!, { units, wearer: wearerOf(body), body }),
        },
        personId: person.id,
      });
      await navigate(`/makes/${make.id}/shape`);
    } catch (problem) {
      setError(problem);
      setBusy(false);
    }
  };
  return (
    <div className="bench wide-decisions welcome">
      <form
        className="decisions"
        onSubmit={(event) => {
          event.preventDefault();
          // what can't be read is not passed over for what stood there before
          if (ready && !event.currentTarget.querySelector('[aria-invalid="true"]')) void start();
        }}
      >
        <header>
          <h1>Clothes from circles and rectangles, straight from your measures</h1>
          <p style={{ fontSize: 17 }}>
            Two girths are enough for a first skirt. Arcus does the arithmetic, lays the pieces on the cloth, and tells you what to chalk and in which
            order to sew.
          </p>
        </header>
        <Options
          label="Units"
          value={units}
          options={[
            { id: 'cm', label: 'I think in centimetres' },
            { id: 'in', label: 'I think in inches' },
          ]}
          onChange={setUnits}
        />
        <div>
          <label className="choice-label" htmlFor="welcome-name">
            Who is it for?
          </label>
          <Input id="welcome-name" value={name} maxLength={120} onChange={(event) => setName(event.target.value)} autoComplete="off" />
        </div>
        {GIRTHS.map((id) => (
          <div key={id} className="stack" style={{ gap: 4 }}>
            <label className="choice-label" htmlFor={`welcome-${id}`}>
              {measureById(id)!.label}
            </label>
            <LengthInput
              id={`welcome-${id}`}
              label={measureById(id)!.label}
              value={body[id]}
              min={1}
              max={5000}
              placeholder={units === 'cm' ? 'such as 70 or 70.5' : 'such as 27 1/2'}
              onCommit={(mm) => setBody((now) => ({ ...now, [id]: mm }))}
              onFocus={() => setActive(id)}
            />
            <p className="choice-why">{measureById(id)!.how}</p>
            {doubts
              .filter(({ measure }) => measure === id)
              .map((doubt) => (
                <DoubtNote key={doubt.says} doubt={doubt} onTake={(mm) => setBody((now) => ({ ...now, [id]: mm }))} />
              ))}
          </div>
        ))}
        {error ? <ProblemNote error={error} /> : null}
        <div>
          <Button type="primary" size="large" htmlType="submit" disabled={!ready} loading={busy}>
            Draw my skirt
          </Button>
        </div>
      </form>
      <FigureBoard body={body} measures={GIRTHS} active={active} />
    </div>
  );
}
