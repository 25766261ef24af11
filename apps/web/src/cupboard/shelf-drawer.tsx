import { Button, Drawer, Modal } from 'antd';
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
  /** A new one was put in. */
  onMade?(id: string): void;
  children: ReactNode;
}

/** The frame of both cupboard forms: save, put away, and errors that lose nothing. */
export function ShelfDrawer({ shelf, title, item, values, onClose, onMade, children }: Props) {
  const actions = shelfActions(shelf);
  const putAway = usePutAway(actions);
  const [error, setError] = useState<unknown>();
  const [busy, setBusy] = useState(false);
  const [modal, asking] = Modal.useModal();
  const [before] = useState(() => JSON.stringify(values));
  const changed = JSON.stringify(values) !== before;
  // what was typed is never lost to a click beside it
  const leave = () => {
    if (!changed) return onClose();
    modal.confirm({
      title: 'Not saved yet',
      content: 'What you changed here is not saved.',
      okText: 'Go on typing',
      cancelText: 'Throw it away',
      onCancel: onClose,
    });
  };
  const save = async () => {
    setBusy(true);
    try {
      if (item) await actions.update(item, values);
      else {
        const { id } = await actions.create(values);
        onMade?.(id);
      }
      onClose();
    } catch (problem) {
      setError(problem);
    } finally {
      setBusy(false);
    }
  };
  return (
    <Drawer open onClose={leave} mask={{ closable: !changed }} size={470} title={title} closable={{ 'aria-label': 'Close' }}>
      <form
        className="stack"
        style={{ gap: 16 }}
        onSubmit={(event) => {
          event.preventDefault();
          // a slip still in a field is not passed over
          if (!event.currentTarget.querySelector('[aria-invalid="true"]')) void save();
        }}
      >
        {asking}
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
