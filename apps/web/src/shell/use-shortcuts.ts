import { useEffect, useRef } from 'react';
import { useNavigate } from 'react-router';
import { useUnits } from '../settings/units.tsx';
import { isTyping, SHORTCUT_EVENT, type Shortcut } from './shortcuts.ts';

const PLACES: Record<string, string> = { t: '/', m: '/makes', p: '/people', c: '/cupboard' };

const send = (shortcut: Shortcut) => window.dispatchEvent(new CustomEvent(SHORTCUT_EVENT, { detail: shortcut }));

/** Keys that work everywhere. */
export function useShortcuts(): void {
  const navigate = useNavigate();
  const { toggle } = useUnits();
  const going = useRef(0);
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (isTyping(event.target)) return;
      if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z') {
        event.preventDefault();
        return send(event.shiftKey ? 'redo' : 'undo');
      }
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      if (Date.now() - going.current < 1200 && PLACES[event.key]) {
        going.current = 0;
        return void navigate(PLACES[event.key]!);
      }
      if (event.key === 'g') going.current = Date.now();
      else if (event.key === '?') send('help');
      else if (event.key === '.') send('next-station');
      else if (event.key === ',') send('previous-station');
      else if (event.key === 'u') toggle();
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, [navigate, toggle]);
}

/** Listens for one shortcut. */
export function useShortcut(shortcut: Shortcut, act: () => void): void {
  useEffect(() => {
    const hear = (event: Event) => (event as CustomEvent<Shortcut>).detail === shortcut && act();
    window.addEventListener(SHORTCUT_EVENT, hear);
    return () => window.removeEventListener(SHORTCUT_EVENT, hear);
  }, [shortcut, act]);
}
