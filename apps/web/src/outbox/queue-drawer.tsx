import { Button, Drawer } from 'antd';
import type { Entry } from './entry.ts';
import type { OutboxState } from './outbox-state.ts';
import { outbox, useOutbox } from './use-outbox.ts';

/** Everything that is not saved yet, and what can be done about it. */
export default function QueueDrawer({ onClose }: { onClose(): void }) {
  return (
    <Drawer open onClose={onClose} title="Not saved yet" size={420} closable={{ 'aria-label': 'Close' }}>
      <Queue state={useOutbox()} />
    </Drawer>
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
