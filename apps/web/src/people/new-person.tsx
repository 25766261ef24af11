import { Button, Input, Switch } from 'antd';
import { useState } from 'react';
import { peopleActions } from '../api/people.ts';
import { ProblemNote } from '../common/request-state.tsx';

/** Who is new: a name is enough to begin with. */
export function NewPerson({ onMade }: { onMade(id: string): void }) {
  const [name, setName] = useState('');
  const [child, setChild] = useState(false);
  const [error, setError] = useState<unknown>();
  const save = () =>
    peopleActions
      .create({ name: name.trim(), child })
      .then(({ id }) => onMade(id))
      .catch(setError);
  return (
    <form
      className="form-grid"
      onSubmit={(event) => {
        event.preventDefault();
        if (name.trim()) void save();
      }}
    >
      <label htmlFor="new-person-name">Name</label>
      <Input id="new-person-name" autoFocus value={name} maxLength={120} onChange={(event) => setName(event.target.value)} />
      <label htmlFor="new-person-child">A child</label>
      <span>
        <Switch id="new-person-child" checked={child} onChange={setChild} />
      </span>
      <span />
      <span className="stack">
        {error ? <ProblemNote error={error} /> : null}
        <span>
          <Button type="primary" htmlType="submit" disabled={name.trim() === ''}>
            Add
          </Button>
        </span>
      </span>
    </form>
  );
}
