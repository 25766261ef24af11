/** Every shortcut, as it is shown on "?". */
export const SHORTCUTS = [
  { keys: '?', says: 'This help' },
  { keys: '.', says: 'Next station of the make' },
  { keys: ',', says: 'Previous station of the make' },
  { keys: 'u', says: 'Switch between centimetres and inches' },
  { keys: 'Ctrl Z', says: 'Undo the last decision' },
  { keys: 'Ctrl Shift Z', says: 'Do it again' },
  { keys: 'g then t, m, p, c', says: 'Go to Today, Makes, People, Cupboard' },
] as const;

/** Events other parts of the page listen for. */
export const SHORTCUT_EVENT = 'arcus-shortcut';
export type Shortcut = 'help' | 'next-station' | 'previous-station' | 'undo' | 'redo';

/** Whether a key belongs to a field being typed into and not to the app. */
export function isTyping(target: EventTarget | null): boolean {
  return target instanceof HTMLElement && (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName));
}
