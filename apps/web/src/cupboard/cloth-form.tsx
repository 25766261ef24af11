import { ColorPicker, Input, Switch } from 'antd';
import { useState } from 'react';
import type { ClothView } from '@arcus/contract';
import { traitsSeen, YARD, type Trait } from '@arcus/core';
import { useExperience } from '../api/experience.ts';
import { useUnits } from '../settings/units.tsx';
import { LengthInput } from '../fields/length-input.tsx';
import { NumberInput } from '../fields/number-input.tsx';
import { Options } from '../fields/options.tsx';
import { Swatches } from './swatches.tsx';
import { Field, ShelfDrawer } from './shelf-drawer.tsx';

type Values = Omit<ClothView, 'id' | 'version' | 'archived'>;

const NEW: Values = {
  name: '',
  fibre: '',
  colour: '#b96a5a',
  note: '',
  width: 1400,
  selvedge: 10,
  kind: 'woven',
  weight: 'medium',
  stretchAcross: 0,
  stretchAlong: 0,
  shrinkAcross: 0,
  shrinkAlong: 0.04,
  print: 'none',
  oneWay: false,
  sheer: false,
  frays: true,
  prewashed: false,
  repeat: 0,
  lengthOnHand: null,
  pricePerMetre: null,
};

const SWITCHES: ReadonlyArray<{ key: 'oneWay' | 'sheer' | 'frays' | 'prewashed'; label: string }> = [
  { key: 'prewashed', label: 'Washed already' },
  { key: 'oneWay', label: 'Nap, pile or a print that must not be turned' },
  { key: 'sheer', label: 'See-through' },
  { key: 'frays', label: 'Frays' },
];

/** One cloth: what is known of it. Everything but name and width has a usual value. */
export default function ClothForm({ cloth, onClose, onMade }: { cloth?: ClothView; onClose(): void; onMade?(id: string): void }) {
  const [values, setValues] = useState<Values>(() => (cloth ? pickValues(cloth) : NEW));
  const { units } = useUnits();
  // kept by the metre, spoken of as it is bought
  const [per, perSays] = units === 'cm' ? [1, 'metre'] : [YARD / 1000, 'yard'];
  const { data: experience } = useExperience();
  const seen = cloth && experience ? traitsSeen(experience, cloth.id).filter(({ declined }) => !declined) : [];
  const tried = (trait: Trait) => seen.find((each) => each.trait === trait)?.value;
  const set = (patch: Partial<Values>) => setValues((now) => ({ ...now, ...patch }));
  return (
    <ShelfDrawer shelf="cloths" title={cloth?.name ?? 'A new cloth'} item={cloth} values={values} onClose={onClose} onMade={onMade}>
      <Field label="Name">
        <Input value={values.name} maxLength={120} autoFocus onChange={(event) => set({ name: event.target.value })} />
      </Field>
      <div className="row" style={{ alignItems: 'start' }}>
        <Field label="Width">
          <LengthInput label="Width" value={values.width} min={50} max={10_000} onCommit={(width) => set({ width })} />
        </Field>
        <Field label="In the cupboard">
          <LengthInput
            label="Length in the cupboard"
            value={values.lengthOnHand ?? undefined}
            max={1_000_000}
            placeholder="to be bought"
            onCommit={(lengthOnHand) => set({ lengthOnHand })}
          />
        </Field>
        <Field label="Colour">
          <ColorPicker value={values.colour} disabledAlpha onChange={(colour) => set({ colour: colour.toHexString() })} />
        </Field>
      </div>
      <Options
        label="Kind"
        value={values.kind}
        options={[
          { id: 'woven', label: 'Woven' },
          { id: 'knit', label: 'Knit' },
        ]}
        onChange={(kind) => set({ kind })}
      />
      <Options
        label="Weight"
        value={values.weight}
        options={[
          { id: 'light', label: 'Light' },
          { id: 'medium', label: 'Medium' },
          { id: 'heavy', label: 'Heavy' },
        ]}
        onChange={(weight) => set({ weight })}
      />
      <Options
        label="Print"
        value={values.print}
        options={[
          { id: 'none', label: 'No print' },
          { id: 'up', label: 'Up the length' },
          { id: 'across', label: 'Across the width' },
        ]}
        onChange={(print) => set({ print })}
      />
      {values.print !== 'none' && (
        <Field label="Repeat to match at the seams">
          <LengthInput label="Repeat to match at the seams" value={values.repeat} max={2000} onCommit={(repeat) => set({ repeat })} />
        </Field>
      )}
      {SWITCHES.map(({ key, label }) => (
        <span key={key} className="row">
          <Switch aria-label={label} checked={values[key]} onChange={(on) => set({ [key]: on })} /> {label}
        </span>
      ))}
      <div className="row" style={{ alignItems: 'start' }}>
        <Share
          label="Stretches across"
          tried={tried('stretchAcross')}
          value={values.stretchAcross}
          onChange={(stretchAcross) => set({ stretchAcross })}
          most={400}
        />
        <Share
          label="Stretches along"
          tried={tried('stretchAlong')}
          value={values.stretchAlong}
          onChange={(stretchAlong) => set({ stretchAlong })}
          most={400}
        />
        <Share
          label="Shrinks along"
          tried={tried('shrinkAlong')}
          value={values.shrinkAlong}
          onChange={(shrinkAlong) => set({ shrinkAlong })}
          most={50}
        />
        <Share
          label="Shrinks across"
          tried={tried('shrinkAcross')}
          value={values.shrinkAcross}
          onChange={(shrinkAcross) => set({ shrinkAcross })}
          most={50}
        />
      </div>
      <p className="choice-why">
        {units === 'cm'
          ? 'Stretch: fold 10 cm, pull without force, read the tape. 13 cm is 30 %.'
          : 'Stretch: fold 4 in, pull without force, read the tape. 5 1/4 in is about 30 %.'}
      </p>
      <div className="row" style={{ alignItems: 'start' }}>
        <Field label="Fibre">
          <Input value={values.fibre} maxLength={120} onChange={(event) => set({ fibre: event.target.value })} />
        </Field>
        <Field label={`Price a ${perSays}`}>
          <NumberInput
            label={`Price a ${perSays}`}
            min={0}
            max={100_000}
            value={values.pricePerMetre === null ? null : Math.round(values.pricePerMetre * per * 10_000) / 10_000}
            onCommit={(price) => set({ pricePerMetre: price / per })}
            onClear={() => set({ pricePerMetre: null })}
          />
        </Field>
        <Field label="Selvedge">
          <LengthInput label="Selvedge" value={values.selvedge} max={200} onCommit={(selvedge) => set({ selvedge })} />
        </Field>
      </div>
      {cloth && <Swatches of={{ clothId: cloth.id }} name={cloth.name} record={values} />}
    </ShelfDrawer>
  );
}

/** A share, spoken of in per cent on screen only. */
interface ShareProps {
  label: string;
  value: number;
  /** What strips say, where they count in place of it. */
  tried?: number | undefined;
  most: number;
  onChange(share: number): void;
}

function Share({ label, value, tried, most, onChange }: ShareProps) {
  return (
    <Field label={label} hint={tried === undefined ? undefined : `${Number((tried * 100).toFixed(1))} % as tried`}>
      <NumberInput
        label={label}
        min={0}
        max={most}
        value={Math.round(value * 1000) / 10}
        onCommit={(percent) => onChange(percent / 100)}
        onClear={() => onChange(0)}
        suffix="%"
        width={100}
      />
    </Field>
  );
}

function pickValues({ id: _id, version: _version, archived: _archived, ...values }: ClothView): Values {
  return values;
}
