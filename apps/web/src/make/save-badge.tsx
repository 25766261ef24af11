import type { SaveState } from './use-make-editor.ts';

const SAYS: Record<SaveState['kind'], string> = {
  saved: 'All saved',
  saving: 'Saving…',
  waiting: 'Not saved yet, trying again',
  refused: 'Not saved',
  conflict: 'Changed elsewhere',
};

/** Whether everything is kept, always in sight. */
export function SaveBadge({ state }: { state: SaveState }) {
  const bad = state.kind !== 'saved' && state.kind !== 'saving';
  return (
    <span
      className={`save-state${bad ? ' bad' : ''}`}
      role="status"
      data-testid="save-state"
      title={'messages' in state ? state.messages.join(' ') : undefined}
    >
      {SAYS[state.kind]}
    </span>
  );
}
