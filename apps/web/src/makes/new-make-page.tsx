import { Button, DatePicker, Input, Select } from 'antd';
import dayjs from 'dayjs';
import { useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import type { ClothView } from '@arcus/contract';
import {
  clothFigures,
  CONSTRUCTIONS,
  draftFor,
  measureById,
  PLAIN_KNIT,
  PLAIN_WOVEN,
  proposalsFor,
  wearerOf,
  withLay,
  type Construction,
} from '@arcus/core';
import { useCloths } from '../api/cupboard.ts';
import { makesActions } from '../api/makes.ts';
import { usePeople } from '../api/people.ts';
import { ProblemNote } from '../common/request-state.tsx';
import { usePageTitle } from '../common/use-page-title.ts';
import { useUnits } from '../settings/units.tsx';
import { PageTop } from '../shell/shell.tsx';
import { GarmentThumb } from '../table/garment-thumb.tsx';

/** A body to draw the catalogue on while nobody has been measured; EN 13402-3, bust 92 (from memory), the rest by proportion. */
const SOMEBODY = { 'bust-girth': 920, 'waist-girth': 760, 'hip-girth': 1000, 'waist-to-hip': 200, 'waist-to-knee': 590, 'knee-girth': 370 };

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
  const [construction, setConstruction] = useState<Construction>(CONSTRUCTIONS[0]!);
  const [personId, setPersonId] = useState<string | undefined>(query.get('person') ?? undefined);
  const [clothId, setClothId] = useState<string | undefined>(query.get('cloth') ?? undefined);
  const [name, setName] = useState('');
  const [dueOn, setDueOn] = useState<string>();
  const [error, setError] = useState<unknown>();
  const person = people.find(({ id }) => id === (personId ?? people[0]?.id));
  const start = async () => {
    if (!person) return setError(new Error('Choose who it is for first.'));
    try {
      const made = await makesActions.create({
        name: name.trim() || `${construction.name} for ${person.name}`,
        construction: construction.id,
        choices: proposalsFor(construction, {
          units,
          wearer: wearerOf(person.body),
          body: person.body,
          ...kindOf(cloths.find(({ id }) => id === clothId)),
        }),
        personId: person.id,
        clothId,
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
          <div className="catalogue" role="radiogroup" aria-label="What to make">
            {CONSTRUCTIONS.map((each) => (
              <button
                key={each.id}
                type="button"
                role="radio"
                aria-checked={each === construction}
                className="catalogue-item"
                onClick={() => setConstruction(each)}
              >
                <Thumb construction={each} body={person?.body} cloth={cloths.find(({ id }) => id === clothId)} />
                <b>{each.name}</b>
                <span className="quiet small">{each.summary}</span>
              </button>
            ))}
          </div>
          <p className="quiet">
            Needs:{' '}
            {[...construction.needs, ...(construction.needsOneOf?.map((group) => group[0]!) ?? [])]
              .map((id) => measureById(id)?.label.toLowerCase())
              .join(', ')}
            .
          </p>
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
              onChange={(id) => setClothId(id || undefined)}
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
            <DatePicker id="due" value={dueOn ? dayjs(dueOn) : null} onChange={(date) => setDueOn(date ? date.format('YYYY-MM-DD') : undefined)} />
          </div>
          {error ? <ProblemNote error={error} /> : null}
          <div>
            <Button type="primary" size="large" onClick={() => void start()}>
              Start
            </Button>
          </div>
        </div>
      </div>
    </>
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
