import { Button } from 'antd';
import { useState } from 'react';
import type { SwatchView } from '@arcus/contract';
import { declinedTrait, formatLength, learnedFor, traitsSeen, type SwatchKind, type Trait, type TraitSeen, type Units } from '@arcus/core';
import { experienceActions, useExperience } from '../api/experience.ts';
import { sayDate, today } from '../common/dates.ts';
import { useAttempt } from '../common/said.tsx';
import { usePutAway } from '../common/use-put-away.tsx';
import { LengthInput } from '../fields/length-input.tsx';
import { Options } from '../fields/options.tsx';
import { useUnits } from '../settings/units.tsx';
import { SwatchRuler } from './swatch-ruler.tsx';

interface Props {
  of: { clothId: string } | { elasticId: string };
  name: string;
  /** What its record says, where no strip says otherwise. */
  record: Partial<Record<Trait, number>>;
}

const KINDS: Record<SwatchKind, { label: string; how: string; before: string; after: string; longer?: true }> = {
  shirring: {
    label: 'Shirring',
    how: 'Six rows of elastic thread on a strip, at your stitch length; measure before, after, and after steam.',
    before: 'Flat',
    after: 'Shirred',
  },
  gather: { label: 'Gathers', how: 'Gather a strip as far as it will go by your way of gathering.', before: 'Flat', after: 'Gathered' },
  stretch: { label: 'Stretch', how: 'Fold 10 cm (4 in), pull without force, read the ruler.', before: 'Folded', after: 'Pulled', longer: true },
  shrinkage: {
    label: 'Shrinkage',
    how: 'Mark a length, wash and dry as you will wash the garment, measure again.',
    before: 'Before washing',
    after: 'After',
  },
  crinkle: { label: 'Crinkle', how: 'Wet a strip, wring it lengthwise, tie it, dry it.', before: 'Flat', after: 'Crinkled' },
  elastic: { label: 'Elastic', how: 'Pull 10 cm (4 in) as far as it goes without strain.', before: 'At rest', after: 'Pulled', longer: true },
};
const TRAITS: Record<Trait, string> = {
  stretchAcross: 'It stretches across',
  stretchAlong: 'It stretches along',
  shrinkAcross: 'It shrinks across',
  shrinkAlong: 'It shrinks along',
  greatestStretch: 'It stretches to',
};
const asShown = (trait: Trait, value: number) =>
  trait === 'greatestStretch' ? `${value.toFixed(2)} times` : `${Number((value * 100).toFixed(1))} %`;
/** Figures that strips of a cloth teach of how it is drawn in; times and bobbins are told in Settings. */
const OF_STRIPS = new Set(['takeUp', 'steam', 'gather-reach', 'crinkle-take-up']);

/** Strips that were tried of one cloth or elastic, and what they say of it. */
export function Swatches({ of, name, record }: Props) {
  const { units } = useUnits();
  const { data } = useExperience();
  const putAway = usePutAway(experienceActions);
  const attempt = useAttempt();
  const id = 'clothId' in of ? of.clothId : of.elasticId;
  const own = (data?.swatches ?? []).filter((each) => each.clothId === id || each.elasticId === id);
  const ofStrips = data ? learnedFor({ ...data, swatches: own, outcomes: [] }, { clothId: id }).filter((figure) => OF_STRIPS.has(figure.id)) : [];
  const use = (trait: Trait, declined: boolean) => {
    const key = declinedTrait(trait, id);
    attempt(experienceActions.decline(declined ? data!.declined.filter((each) => each !== key) : [...data!.declined, key]));
  };
  return (
    <section className="stack swatches" aria-label="Swatches">
      <h3>Swatches</h3>
      {own.length === 0 && <p className="quiet">None tried yet. What a strip shows goes before any rule of thumb.</p>}
      <ul className="list">
        {own.map((swatch) => (
          <li key={swatch.id} className="row spread">
            <span>
              <b>{KINDS[swatch.kind].label}</b>
              {['stretch', 'shrinkage'].includes(swatch.kind) ? ` ${swatch.way}` : ''}: {said(swatch, units)}
              <span className="quiet small"> {sayDate(swatch.takenOn)}</span>
            </span>
            <Button type="text" size="small" onClick={() => void putAway(swatch.id, 'The swatch')}>
              Put away
            </Button>
          </li>
        ))}
      </ul>
      {data && traitsSeen(data, id).map((seen) => <Tried key={seen.trait} seen={seen} record={record[seen.trait]} onUse={use} />)}
      {ofStrips.map(({ id: figure, label, value, low, high, observations, declined, usual }) => (
        <p key={figure} className="choice-learned">
          {label}: {value.toFixed(2)}, from {observations.length}{' '}
          {observations.length === 1 ? 'swatch; one says little of how far it spreads.' : `swatches (${low.toFixed(2)} to ${high.toFixed(2)}).`}{' '}
          {declined ? `You chose the usual ${usual} in Settings.` : 'Plans of this cloth reckon with it.'}
        </p>
      ))}
      <NewSwatch of={of} name={name} />
    </section>
  );
}

/** What strips say of a trait: it counts in place of the record, unless somebody wants it otherwise. */
function Tried({ seen, record, onUse }: { seen: TraitSeen; record: number | undefined; onUse(trait: Trait, declined: boolean): void }) {
  const { trait, value, low, high, count, declined } = seen;
  const tried = `${asShown(trait, value)}, from ${count} ${count === 1 ? 'swatch' : `swatches (${asShown(trait, low)} to ${asShown(trait, high)})`}`;
  const written = record === undefined ? 'the usual' : `the ${asShown(trait, record)} written above`;
  return (
    <p className="choice-learned">
      {TRAITS[trait]} {tried}. {declined ? `Reckoned with is ${written}.` : 'Every plan reckons with that.'}{' '}
      <button type="button" className="plain-button underlined" onClick={() => onUse(trait, declined)}>
        {declined ? 'Reckon with the swatches' : `Reckon with ${written}`}
      </button>
    </p>
  );
}

function said({ before, after, steamed }: SwatchView, units: Units): string {
  const show = (mm: number) => formatLength(mm, units);
  return `${show(before)} became ${show(after)}${steamed === null ? '' : `, steamed ${show(steamed)}`}`;
}

function NewSwatch({ of, name }: Pick<Props, 'of' | 'name'>) {
  const kinds: SwatchKind[] = 'elasticId' in of ? ['elastic'] : ['shirring', 'gather', 'stretch', 'shrinkage', 'crinkle'];
  const attempt = useAttempt();
  const [open, setOpen] = useState(false);
  const [kind, setKind] = useState<SwatchKind>(kinds[0]!);
  const [way, setWay] = useState<'across' | 'along'>('across');
  const [lengths, setLengths] = useState<{ before?: number | undefined; after?: number | undefined; steamed?: number | undefined }>({});
  const { before, after, steamed } = lengths;
  const about = KINDS[kind];
  if (!open)
    return (
      <Button style={{ alignSelf: 'flex-start' }} onClick={() => setOpen(true)}>
        Try a strip
      </Button>
    );
  const wrong = before !== undefined && after !== undefined && (about.longer ? after < before : after > before);
  const keep = () =>
    attempt(
      experienceActions
        .keep({ ...of, kind, way, before: before!, after: after!, takenOn: today(), ...(kind === 'shirring' && steamed ? { steamed } : {}) }, name)
        .then(() => {
          setLengths({});
          setOpen(false);
        }),
    );
  const field = (key: 'before' | 'after' | 'steamed', label: string) => (
    <label className="stack" style={{ gap: 4, flex: 1 }}>
      <span className="choice-label">{label}</span>
      <LengthInput
        label={label}
        value={lengths[key]}
        min={5}
        max={5000}
        onCommit={(mm) => setLengths((now) => ({ ...now, [key]: mm }))}
        onClear={() => setLengths((now) => ({ ...now, [key]: undefined }))}
      />
    </label>
  );
  return (
    <div className="stack" style={{ gap: 10 }} role="group" aria-label="A new swatch">
      {kinds.length > 1 && (
        <Options<SwatchKind> label="What was tried" value={kind} options={kinds.map((id) => ({ id, label: KINDS[id].label }))} onChange={setKind} />
      )}
      {(kind === 'stretch' || kind === 'shrinkage') && (
        <Options<'across' | 'along'>
          label="Which way"
          value={way}
          options={[
            { id: 'across', label: 'Across' },
            { id: 'along', label: 'Along the selvedge' },
          ]}
          onChange={setWay}
        />
      )}
      <p className="choice-why">{about.how}</p>
      <div className="row" style={{ alignItems: 'end' }}>
        {field('before', about.before)}
        {field('after', about.after)}
        {kind === 'shirring' && field('steamed', 'Steamed')}
      </div>
      <SwatchRuler lengths={[before, after, kind === 'shirring' ? steamed : undefined]} names={[about.before, about.after, 'Steamed']} />
      {wrong && <p className="field-error">{about.longer ? 'Pulled it can’t be shorter than at rest.' : 'It can’t come out longer than it was.'}</p>}
      <div className="row">
        <Button disabled={before === undefined || after === undefined || wrong} onClick={keep}>
          Keep the swatch
        </Button>
        <Button type="text" onClick={() => setOpen(false)}>
          Leave
        </Button>
      </div>
    </div>
  );
}
