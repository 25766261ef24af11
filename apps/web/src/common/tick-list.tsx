import { Check } from 'lucide-react';
import type { ReactNode } from 'react';

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
  onCurrent?(id: string): void;
}

/** Things to do in order, large enough for floury fingers. */
export function TickList({ items, done, current, onToggle, onCurrent }: Props) {
  const inHand = current ?? items.find(({ id }) => !done.has(id))?.id;
  return (
    <ol className="ticks">
      {items.map(({ id, title, hint }) => (
        <li key={id}>
          <button
            type="button"
            className={`tick-row${id === inHand ? ' current' : ''}`}
            aria-pressed={done.has(id)}
            onClick={() => onToggle(id)}
            onFocus={() => onCurrent?.(id)}
            onPointerEnter={() => onCurrent?.(id)}
          >
            <span className="tick-box" aria-hidden="true">
              {done.has(id) && <Check size={15} strokeWidth={3} />}
            </span>
            <span className="tick-text">
              <span className="tick-title">{title}</span>
              {hint && (
                <>
                  <br />
                  <span className="tick-hint">{hint}</span>
                </>
              )}
            </span>
          </button>
        </li>
      ))}
    </ol>
  );
}
