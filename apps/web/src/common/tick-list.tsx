import { Check } from 'lucide-react';
import { useEffect, useRef, type ReactNode } from 'react';

export interface TickItem {
  id: string;
  title: string;
  hint?: ReactNode;
}

interface Props {
  items: readonly TickItem[];
  done: ReadonlySet<string>;
  /** The one in hand; by default the first not done. */
  current?: string;
  onToggle(id: string): void;
  onCurrent(id: string): void;
}

/** Things to do in order, large enough for floury fingers. Touching a row opens it; the tick is a button of its own. */
export function TickList({ items, done, current, onToggle, onCurrent }: Props) {
  const inHand = current ?? items.find(({ id }) => !done.has(id))?.id;
  const list = useRef<HTMLOListElement>(null);
  // the list follows what is in hand
  useEffect(() => void list.current?.querySelector('.current')?.scrollIntoView({ block: 'nearest' }), [inHand]);
  return (
    <ol className="ticks" ref={list}>
      {items.map(({ id, title, hint }) => (
        <li key={id} className={`tick-row${id === inHand ? ' current' : ''}`}>
          <button type="button" className="tick-box" aria-pressed={done.has(id)} aria-label={`Done: ${title}`} onClick={() => onToggle(id)}>
            <span className="tick-ring" aria-hidden="true">
              {done.has(id) && <Check size={16} strokeWidth={3} />}
            </span>
          </button>
          <button type="button" className="tick-text" aria-current={id === inHand ? 'step' : undefined} onClick={() => onCurrent(id)}>
            <span className="tick-title">{title}</span>
            {hint && <span className="tick-hint">{hint}</span>}
          </button>
        </li>
      ))}
    </ol>
  );
}
