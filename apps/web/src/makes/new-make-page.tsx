import { Button, Input, Select } from 'antd';
import { useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import type { ClothView, MakeView } from '@arcus/contract';
import {
  clothFigures,
  constructionById,
  CONSTRUCTIONS,
  draftFor,
  measureById,
  PLAIN_KNIT,
  PLAIN_WOVEN,
  proposalsFor,
  wearerFor,
  withLay,
  type Construction,
} from '@arcus/core';
import { useCloths } from '../api/cupboard.ts';
import { useExperience } from '../api/experience.ts';
import { makesActions, useMakes } from '../api/makes.ts';
import { usePeople } from '../api/people.ts';
import { ProblemNote } from '../common/request-state.tsx';
import { usePageTitle } from '../common/use-page-title.ts';
import { DayInput } from '../fields/day-input.tsx';
import { Again, useAgain } from './make-again.tsx';
import { useSettings } from '../api/settings.ts';
import { tableChoices } from '../settings/table-choices.ts';
import { useUnits } from '../settings/units.tsx';
import { PageTop } from '../shell/shell.tsx';
import { GarmentThumb } from '../table/garment-thumb.tsx';

/** A body to draw the catalogue on while nobody has been measured; EN 13402-3, bust 92 (from memory), the rest by proportion. */
const SOMEBODY = {
  'bust-girth': 920,
  'under-bust-girth': 790,
  'waist-girth': 760,
  'hip-girth': 1000,
  'neck-girth': 370,
  'upper-arm-girth': 290,
  'wrist-girth': 165,
  'waist-to-hip': 200,
  'waist-to-knee': 590,
  'knee-girth': 370,
  'shoulder-width': 390,
  'shoulder-to-waist': 420,
  'shoulder-to-floor': 1440,
  'wrist-span': 1500,
  'back-neck-width': 180,
};

/** What one wants to wear, in the order it is offered. */
const GROUPS: Array<{ id: Construction['group']; label: string }> = [
  { id: 'skirts', label: 'A skirt' },
  { id: 'dresses', label: 'A dress' },
  { id: 'tops', label: 'Something over it: robe, jumper, tunic, cape' },
  { id: 'ties', label: 'To wrap and tie' },
];

/** The kind of a cloth, where one was chosen. */
const kindOf = (cloth: ClothView | undefined) => (cloth?.kind ? { kind: cloth.kind } : {});

/** Which garment, for whom, of what. */
export default function NewMakePage() {
  usePageTitle('New make');
  const [query] = useSearchParams();
  const navigate = useNavigate();
  const { data: people = [] } = usePeople();
  const { data: cloths = [] } = useCloths();
  const { units } = useUnits();
  const [picked, setConstruction] = useState<Construction>(CONSTRUCTIONS[0]!);
  const [personId, setPersonId] = useState<string | undefined>(query.get('person') ?? undefined);
  const [chosenCloth, setClothId] = useState<string | undefined>(query.get('cloth') ?? undefined);
  const { data: makes = [] } = useMakes();
  const { data: experience } = useExperience();
  const settings = useSettings();
  const asked = makes.find(({ id }) => id === query.get('again'));
  const [name, setName] = useState('');
  const [dueOn, setDueOn] = useState<string>();
  const [error, setError] = useState<unknown>();
  const person = people.find(({ id }) => id === (personId ?? asked?.personId ?? people[0]?.id));
  const { before, lessons } = useAgain(person);
  const [left, setLeft] = useState<readonly string[]>([]);
  const learnt = Object.assign({}, ...lessons.filter(({ says }) => !left.includes(says)).map(({ change }) => change)) as MakeView['choices'];
  const construction = before ? constructionById(before.construction)! : picked;
  const clothId = chosenCloth ?? (before?.clothId || undefined);
  const freshChoices = () => ({
    ...tableChoices(construction, settings.data?.table),
    ...proposalsFor(construction, {
      units,
      wearer: wearerFor(person!.body, person!.child),
      body: person!.body,
      ...kindOf(cloths.find(({ id }) => id === clothId)),
    }),
  });
  const start = async () => {
    if (!person) return setError(new Error('Choose who it is for first.'));
    try {
      const made = await makesActions.create({
        name: name.trim() || `${construction.name} for ${person.name}`,
        construction: construction.id,
        choices: before ? { ...before.choices, ...learnt } : freshChoices(),
        personId: person.id,
        clothId: clothId || undefined,
        ...(before?.elasticId ? { elasticId: before.elasticId } : {}),
        ...(before ? { otherCloths: before.otherCloths } : {}),
        dueOn,
      });
      const missing = construction.needs.some((id) => person.body[id] === undefined);
      await navigate(`/makes/${made.id}/${missing ? 'measure' : 'shape'}`);
    } catch (problem) {
      setError(problem);
    }
  };
  return (
    <>
      <PageTop title="New make" />
      <div className="page">
        <div className="page-inner stack" style={{ gap: 24 }}>
          {before && (
            <Again
              before={before}
              lessons={lessons}
              nextTime={experience?.outcomes.findLast(({ makeId }) => makeId === before.id)?.nextTime}
              left={left}
              onLeave={setLeft}
            />
          )}
          {!before && (
            <div role="radiogroup" aria-label="What to make" className="stack" style={{ gap: 26 }}>
              {GROUPS.map(({ id, label }) => (
                <section key={id} className="stack" style={{ gap: 10 }}>
                  <h2>{label}</h2>
                  <div className="catalogue">
                    {CONSTRUCTIONS.filter(({ group }) => group === id).map((each) => (
                      <button
                        key={each.id}
                        type="button"
                        role="radio"
                        aria-checked={each === construction}
                        className="catalogue-item"
                        onClick={() => setConstruction(each)}
                      >
                        <Thumb construction={each} body={person?.body} cloth={cloths.find(({ id: cloth }) => cloth === clothId)} />
                        <b>{each.name}</b>
                        <span className="quiet small">{each.summary}</span>
                      </button>
                    ))}
                  </div>
                </section>
              ))}
            </div>
          )}
          <Needs construction={construction} name={person?.name} body={person?.body ?? {}} />
          <div className="form-grid">
            <label htmlFor="for">For</label>
            {people.length === 0 ? (
              <span>
                Nobody is known yet. <Link to="/people?new">Add a person</Link>
              </span>
            ) : (
              <Select
                id="for"
                aria-label="For"
                value={person?.id}
                onChange={setPersonId}
                options={people.map(({ id, name: label }) => ({ value: id, label }))}
              />
            )}
            <label htmlFor="of">Of</label>
            <Select
              id="of"
              aria-label="Of"
              value={clothId ?? ''}
              onChange={(id) => setClothId(id)}
              options={[{ value: '', label: 'Decide later' }, ...cloths.map(({ id, name: label }) => ({ value: id, label }))]}
            />
            <label htmlFor="called">Called</label>
            <Input
              id="called"
              value={name}
              maxLength={120}
              placeholder={`${construction.name}${person ? ` for ${person.name}` : ''}`}
              onChange={(event) => setName(event.target.value)}
            />
            <label htmlFor="due">Needed by</label>
            <DayInput id="due" label="Needed by" value={dueOn ?? null} onChange={(day) => setDueOn(day ?? undefined)} />
          </div>
          {error ? <ProblemNote error={error} /> : null}
          <div>
            <Button type="primary" size="large" disabled={settings.isLoading} onClick={() => void start()}>
              Start
            </Button>
          </div>
        </div>
      </div>
    </>
  );
}

/** What has to be measured for it, and what of that has not been yet. */
function Needs({ construction, name, body }: { construction: Construction; name?: string; body: Record<string, number> }) {
  const called = (id: string) => measureById(id)!.label.toLowerCase();
  const wanted = [...construction.needs.map((id) => [id]), ...(construction.needsOneOf ?? [])];
  const missing = wanted.filter((group) => !group.some((id) => body[id] !== undefined));
  return (
    <p className="quiet">
      {construction.name} takes {wanted.map((group) => group.map(called).join(' or ')).join(', ')}
      {construction.knitOnly ? ', and a knit' : ''}.
      {name && missing.length > 0 ? ` Not taken of ${name} yet: ${missing.map((group) => called(group[0]!)).join(', ')}.` : ''}
      {name && missing.length === 0 ? ` All of it was taken of ${name}.` : ''}
    </p>
  );
}

function Thumb({ construction, body, cloth }: { construction: Construction; body?: Record<string, number>; cloth?: ClothView }) {
  const usable =
    cloth && (construction.knitOnly ? cloth.kind === 'knit' : true) ? clothFigures(cloth) : construction.knitOnly ? PLAIN_KNIT : PLAIN_WOVEN;
  for (const [on, of] of [
    [{ ...SOMEBODY, ...body }, usable],
    [SOMEBODY, construction.knitOnly ? PLAIN_KNIT : PLAIN_WOVEN],
  ] as const) {
    try {
      return (
        <GarmentThumb
          plan={withLay(draftFor({ construction: construction.id, body: on, cloth: of }), () => ({ length: 1, utilisation: 0, placements: [] }))}
          colour={cloth?.colour ?? '#b96a5a'}
        />
      );
    } catch {
      // this person or cloth can't be drawn here; the standard one can
    }
  }
  return null;
}
