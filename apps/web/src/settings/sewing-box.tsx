import { Button, Checkbox, Input } from 'antd';
import { Plus } from 'lucide-react';
import { useState } from 'react';
import type { SewingBox as Box } from '@arcus/contract';
import { formatCloth, TOOLS, YARD } from '@arcus/core';
import { useAttempt } from '../common/said.tsx';
import { NumberInput } from '../fields/number-input.tsx';
import { useUnits } from './units.tsx';
import { changeSettings } from '../api/settings.ts';

/** A full reel, mm (common practice, no source). */
const REEL = 200_000;

/** Tools and thread that are there already: they are left out of what is to be bought, or offered there. */
export function SewingBox({ box }: { box: Box }) {
  const { units } = useUnits();
  const attempt = useAttempt();
  const { tools, threads } = box;
  const unit = units === 'cm' ? 1000 : YARD;
  const [name, setName] = useState('');
  const [left, setLeft] = useState(REEL);
  const change = (to: Partial<Box>) => attempt(changeSettings('box', { ...box, ...to }));
  const put = (id: string, there: boolean) => change({ tools: tools.filter((each) => each !== id).concat(there ? [id] : []) });
  const add = () => {
    if (name.trim() === '') return;
    change({ threads: [...threads, { name: name.trim(), left }] });
    setName('');
    setLeft(REEL);
  };
  return (
    <section className="stack" aria-label="In the sewing box">
      <h2>In the sewing box</h2>
      <ul className="list plain box-list">
        {TOOLS.map(({ id, what }) => (
          <li key={id}>
            <Checkbox checked={tools.includes(id)} onChange={({ target }) => put(id, target.checked)}>
              {what}
            </Checkbox>
          </li>
        ))}
        {threads.map((thread, i) => (
          <li key={`${thread.name}-${i}`} className="row">
            <span>
              Thread, {thread.name}: {formatCloth(thread.left, units, 'down')} left
            </span>
            <Button
              size="small"
              aria-label={`Used up: ${thread.name}`}
              onClick={() => change({ threads: threads.filter((each) => each !== thread) })}
            >
              Used up
            </Button>
          </li>
        ))}
      </ul>
      <form
        className="row wrap"
        onSubmit={(event) => {
          event.preventDefault();
          add();
        }}
      >
        <Input
          aria-label="Colour of a thread"
          placeholder="Thread: its colour"
          maxLength={40}
          value={name}
          style={{ width: 220 }}
          onChange={({ target }) => setName(target.value)}
        />
        <NumberInput
          label={units === 'cm' ? 'Metres left on the reel' : 'Yards left on the reel'}
          value={Math.round(left / unit)}
          min={1}
          max={10_000}
          whole
          width={150}
          suffix={units === 'cm' ? 'm left' : 'yd left'}
          onCommit={(count) => setLeft(count * unit)}
        />
        <Button htmlType="submit" icon={<Plus size={17} />} disabled={name.trim() === ''}>
          Put it in
        </Button>
      </form>
      <p className="quiet">
        Tools that lie there are on no list of things to buy; thread that is long enough for a make is named there. A make still says what it takes.
      </p>
    </section>
  );
}
