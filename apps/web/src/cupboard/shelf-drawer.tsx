import { Button, Drawer } from 'antd';
import { useState, type ReactNode } from 'react';
import { shelfActions, type Shelf } from '../api/cupboard.ts';
import { ProblemNote } from '../common/request-state.tsx';
import { usePutAway } from '../common/use-put-away.tsx';

interface Props {
  shelf: Shelf;
  title: string;
  /** What is edited; none for a new one. */
  item?: { id: string; name: string; version: number };
  values: Record<string, unknown> & { name: string };
  onClose(): void;
  children: ReactNode;
}

/** The frame of both cupboard forms: save, put away, and errors that lose nothing. */
export function ShelfDrawer({ shelf, title, item, values, onClose, children }: Props) {
  const actions = shelfActions(shelf);
  const putAway = usePutAway(actions);
  const [error, setError] = useState<unknown>();
  const [busy, setBusy] = useState(false);
  const save = async () => {
    setBusy(true);
    try {
      if (item) await actions.update(item, values);
      else await actions.create(values);
      onClose();
    } catch (problem) {
      setError(problem);
    } finally {
      setBusy(false);
    }
  };
  return (
    <Drawer open onClose={onClose} size={470} title={title} closable={{ 'aria-label': 'Close' }}>
      <form
        className="stack"
        style={{ gap: 16 }}
        onSubmit={(event) => {
          event.preventDefault();
          void save();
        }}
      >
        {children}
        {error ? <ProblemNote error={error} /> : null}
        <div className="row spread">
          <Button type="primary" htmlType="submit" loading={busy} disabled={values.name.trim() === ''}>
            {item ? 'Save' : 'Add'}
          </Button>
          {item && (
            <Button type="text" onClick={() => void putAway(item.id, item.name).then(onClose)}>
              Put away
            </Button>
          )}
        </div>
      </form>
    </Drawer>
  );
}

/** A label above its control. */
export function Field({ label, hint, children }: { label: string; hint?: string; children: ReactNode }) {
  return (
    <label className="stack" style={{ gap: 4 }}>
      <span className="choice-label">{label}</span>
      {children}
      {hint && <span className="choice-why">{hint}</span>}
    </label>
  );
}
