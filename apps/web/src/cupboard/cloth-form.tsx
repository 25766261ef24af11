import { ColorPicker, Input, InputNumber, Switch } from 'antd';
import { useState } from 'react';
import type { ClothView } from '@arcus/contract';
import { LengthInput } from '../fields/length-input.tsx';
import { Options } from '../fields/options.tsx';
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
export default function ClothForm({ cloth, onClose }: { cloth?: ClothView; onClose(): void }) {
  const [values, setValues] = useState<Values>(() => (cloth ? pickValues(cloth) : NEW));
  const set = (patch: Partial<Values>) => setValues((now) => ({ ...now, ...patch }));
  return (
    <ShelfDrawer shelf="cloths" title={cloth?.name ?? 'A new cloth'} item={cloth} values={values} onClose={onClose}>
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
        <Share label="Stretches across" value={values.stretchAcross} onChange={(stretchAcross) => set({ stretchAcross })} most={400} />
        <Share label="Stretches along" value={values.stretchAlong} onChange={(stretchAlong) => set({ stretchAlong })} most={400} />
        <Share label="Shrinks along" value={values.shrinkAlong} onChange={(shrinkAlong) => set({ shrinkAlong })} most={50} />
        <Share label="Shrinks across" value={values.shrinkAcross} onChange={(shrinkAcross) => set({ shrinkAcross })} most={50} />
      </div>
      <p className="choice-why">Stretch: fold 10 cm, pull without force, read the tape. 13 cm is 30 %.</p>
      <div className="row" style={{ alignItems: 'start' }}>
        <Field label="Fibre">
          <Input value={values.fibre} maxLength={120} onChange={(event) => set({ fibre: event.target.value })} />
        </Field>
        <Field label="Price a metre">
          <InputNumber
            aria-label="Price a metre"
            min={0}
            max={100_000}
            value={values.pricePerMetre}
            onChange={(pricePerMetre) => set({ pricePerMetre })}
          />
        </Field>
        <Field label="Selvedge">
          <LengthInput label="Selvedge" value={values.selvedge} max={200} onCommit={(selvedge) => set({ selvedge })} />
        </Field>
      </div>
    </ShelfDrawer>
  );
}

/** A share, spoken of in per cent on screen only. */
function Share({ label, value, most, onChange }: { label: string; value: number; most: number; onChange(share: number): void }) {
  return (
    <Field label={label}>
      <InputNumber
        aria-label={label}
        min={0}
        max={most}
        value={Math.round(value * 1000) / 10}
        onChange={(percent) => onChange((percent ?? 0) / 100)}
        suffix="%"
        style={{ width: 100 }}
      />
    </Field>
  );
}

function pickValues({ id: _id, version: _version, archived: _archived, ...values }: ClothView): Values {
  return values;
}
