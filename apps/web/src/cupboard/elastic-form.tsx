import { Input } from 'antd';
import { useState } from 'react';
import type { ElasticView } from '@arcus/contract';
import { USUAL_STRETCH, type ElasticKind } from '@arcus/core';
import { LengthInput } from '../fields/length-input.tsx';
import { NumberInput } from '../fields/number-input.tsx';
import { Options } from '../fields/options.tsx';
import { Swatches } from './swatches.tsx';
import { Field, ShelfDrawer } from './shelf-drawer.tsx';

type Values = Omit<ElasticView, 'id' | 'version' | 'archived'>;

const NEW: Values = { name: '', kind: 'woven-non-roll', width: 20, greatestStretch: USUAL_STRETCH['woven-non-roll'], lengthOnHand: null, note: '' };
const KINDS: ReadonlyArray<{ id: ElasticKind; label: string }> = [
  { id: 'woven-non-roll', label: 'Woven, non-roll' },
  { id: 'knitted', label: 'Knitted' },
  { id: 'braided', label: 'Braided' },
  { id: 'exposed', label: 'Wide, to show' },
  { id: 'clear', label: 'Clear' },
];

/** One elastic; its stretch is the usual of its kind until it was tried. */
export default function ElasticForm({ elastic, onClose }: { elastic?: ElasticView; onClose(): void }) {
  const [values, setValues] = useState<Values>(() => (elastic ? pickValues(elastic) : NEW));
  const set = (patch: Partial<Values>) => setValues((now) => ({ ...now, ...patch }));
  return (
    <ShelfDrawer shelf="elastics" title={elastic?.name ?? 'A new elastic'} item={elastic} values={values} onClose={onClose}>
      <Field label="Name">
        <Input value={values.name} maxLength={120} autoFocus onChange={(event) => set({ name: event.target.value })} />
      </Field>
      <Options label="Kind" value={values.kind} options={KINDS} onChange={(kind) => set({ kind, greatestStretch: USUAL_STRETCH[kind] })} />
      <Field label="Width">
        <LengthInput label="Width" value={values.width} min={2} max={200} onCommit={(width) => set({ width })} />
      </Field>
      <Field label="Greatest stretch" hint="Pull 10 cm as far as it goes without strain: 15 cm is 1.5. Test it; elastics differ.">
        <NumberInput
          label="Greatest stretch"
          min={1.01}
          max={6}
          value={values.greatestStretch}
          onCommit={(greatestStretch) => set({ greatestStretch })}
        />
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
      {elastic && <Swatches of={{ elasticId: elastic.id }} name={elastic.name} record={values} />}
    </ShelfDrawer>
  );
}

function pickValues({ id: _id, version: _version, archived: _archived, ...values }: ElasticView): Values {
  return values;
}
