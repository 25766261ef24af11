import { lazy, Suspense, useState } from 'react';
import { useOutbox } from './use-outbox.ts';
import type { OutboxState } from './outbox-state.ts';

const QueueDrawer = lazy(() => import('./queue-drawer.tsx'));

export interface Saved {
  says: string;
  bad: boolean;
}

/** Whether everything is kept, in words. */
export function savedState({ entries, sending, away, unkept }: OutboxState): Saved {
  if (entries.some((entry) => entry.kind === 'edit' && entry.theirs)) return { says: 'Changed elsewhere', bad: true };
  if (entries.some((entry) => entry.refused)) return { says: 'Not saved', bad: true };
  if (away && entries.length > 0) return { says: unkept ? 'Not saved, and not kept here' : 'Not saved yet, trying again', bad: true };
  if (sending || entries.length > 0) return { says: 'Saving…', bad: false };
  return { says: 'All saved', bad: false };
}

/** Whether everything is kept, always in sight; opens the list of what is not. */
export function SaveBadge() {
  const state = useOutbox();
  const [open, setOpen] = useState(false);
  const { says, bad } = savedState(state);
  const told = (
    <span role="status" data-testid="save-state">
      {says}
    </span>
  );
  if (state.entries.length === 0 && !open) return <span className="save-state">{told}</span>;
  return (
    <>
      <button type="button" className={`save-state${bad ? ' bad' : ''}`} onClick={() => setOpen(true)} aria-label={`${says}: show what waits`}>
        {told}
      </button>
      {open && (
        <Suspense fallback={null}>
          <QueueDrawer onClose={() => setOpen(false)} />
        </Suspense>
      )}
    </>
  );
}
