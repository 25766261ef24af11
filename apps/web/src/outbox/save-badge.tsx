import { Button, Drawer } from 'antd';
import { useState } from 'react';
import { outbox, useOutbox } from './use-outbox.ts';
import type { Entry } from './entry.ts';
import type { OutboxState } from './outbox.ts';

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
  return (
    <>
      <button
        type="button"
        className={`save-state${bad ? ' bad' : ''}`}
        onClick={() => setOpen(true)}
        disabled={state.entries.length === 0}
        aria-label={state.entries.length === 0 ? says : `${says}: show what waits`}
      >
        <span role="status" data-testid="save-state">
          {says}
        </span>
      </button>
      {open && (
        <Drawer open onClose={() => setOpen(false)} title="Not saved yet" size={420} closable={{ 'aria-label': 'Close' }}>
          <Queue state={state} />
        </Drawer>
      )}
    </>
  );
}

function Queue({ state: { entries, away, unkept } }: { state: OutboxState }) {
  if (entries.length === 0) return <p>Everything is saved.</p>;
  return (
    <div className="stack" style={{ gap: 16 }}>
      {away && <p>{away.join(' ')}</p>}
      {unkept && <p className="problem">This browser keeps nothing on this device: leave this page open until all is saved.</p>}
      <ul className="list">
        {entries.map((entry) => (
          <li key={entry.id} className="stack queue-row">
            <b>{entry.says}</b>
            <span className="quiet small">{whatOf(entry)}</span>
            {entry.refused && (
              <span>
                <Button size="small" onClick={() => outbox.drop(entry.id)}>
                  Give this up
                </Button>
              </span>
            )}
            {entry.kind === 'edit' && entry.theirs && (
              <span className="row">
                <Button size="small" onClick={() => outbox.decide(entry.id, 'theirs')}>
                  Take theirs
                </Button>
                <Button size="small" onClick={() => outbox.decide(entry.id, 'mine')}>
                  Keep mine
                </Button>
              </span>
            )}
          </li>
        ))}
      </ul>
      <div>
        <Button type="primary" onClick={() => outbox.now()}>
          Try now
        </Button>
      </div>
    </div>
  );
}

function whatOf(entry: Entry): string {
  if (entry.messages) return entry.messages.join(' ');
  if (entry.kind === 'edit' && entry.theirs) return `Changed elsewhere too: ${Object.keys(entry.theirs).join(', ')}.`;
  return 'Kept on this device.';
}
