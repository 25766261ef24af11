import { useRef, type KeyboardEvent } from 'react';

interface Props<T extends string> {
  label: string;
  options: ReadonlyArray<{ id: T; label: string }>;
  value: T;
  onChange(value: T): void;
}

/** A few options side by side; arrows move between them as in any radio group. */
export function Options<T extends string>({ label, options, value, onChange }: Props<T>) {
  const group = useRef<HTMLDivElement>(null);
  const move = (event: KeyboardEvent) => {
    const step = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key];
    if (!step) return;
    event.preventDefault();
    const next = (options.findIndex((each) => each.id === value) + step + options.length) % options.length;
    onChange(options[next]!.id);
    group.current?.querySelectorAll('button')[next]?.focus();
  };
  return (
    <div className="options" role="radiogroup" aria-label={label} ref={group} onKeyDown={move}>
      {options.map((each) => (
        <button
          key={each.id}
          type="button"
          role="radio"
          aria-checked={each.id === value}
          tabIndex={each.id === value ? 0 : -1}
          onClick={() => onChange(each.id)}
        >
          {each.label}
        </button>
      ))}
    </div>
  );
}
