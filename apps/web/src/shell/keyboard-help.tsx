import { lazy, Suspense, useCallback, useState } from 'react';
import { useShortcut } from './use-shortcuts.ts';

const KeyboardHelpWindow = lazy(() => import('./keyboard-help-window.tsx'));

/** The list of shortcuts, opened with "?". */
export function KeyboardHelp() {
  const [open, setOpen] = useState(false);
  useShortcut(
    'help',
    useCallback(() => setOpen((now) => !now), []),
  );
  if (!open) return null;
  return (
    <Suspense>
      <KeyboardHelpWindow onClose={() => setOpen(false)} />
    </Suspense>
  );
}
