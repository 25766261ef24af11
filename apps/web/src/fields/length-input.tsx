import { Input } from 'antd';
import { useEffect, useState } from 'react';
import { formatLength, parseLength } from '@arcus/core';
import { useUnits } from '../settings/units.tsx';

interface Props {
  id?: string;
  label: string;
  /** mm; undefined while nothing is entered. */
  value: number | undefined;
  onCommit(mm: number): void;
  placeholder?: string;
  min?: number;
  max?: number;
  disabled?: boolean;
  onFocus?(): void;
  onBlur?(): void;
}

/** A length typed the way people write it; read on Enter or when the field is left. A typing slip stays in the field, with what would do. */
export function LengthInput({ id, label, value, onCommit, placeholder, min = 0, max = 100_000, disabled, onFocus, onBlur }: Props) {
  const { units } = useUnits();
  const shown = value === undefined ? '' : formatLength(value, units);
  const [text, setText] = useState(shown);
  const [problem, setProblem] = useState<string>();
  useEffect(() => {
    setText(shown);
    setProblem(undefined);
  }, [shown]);

  const commit = () => {
    if (text.trim() === shown || (text.trim() === '' && value === undefined)) return setProblem(undefined);
    const read = parseLength(text, units);
    if (typeof read !== 'number') return setProblem(read.problem);
    if (read < min || read > max) return setProblem(`Between ${formatLength(min, units, 'up')} and ${formatLength(max, units, 'down')}, please.`);
    setProblem(undefined);
    onCommit(read);
  };
  return (
    <div>
      <Input
        id={id}
        aria-label={label}
        aria-invalid={problem !== undefined}
        inputMode="text"
        autoComplete="off"
        value={text}
        status={problem ? 'error' : undefined}
        placeholder={placeholder}
        disabled={disabled}
        onChange={(event) => setText(event.target.value)}
        onFocus={(event) => {
          event.target.select();
          onFocus?.();
        }}
        onBlur={() => {
          commit();
          onBlur?.();
        }}
        onPressEnter={commit}
      />
      {problem && (
        <div className="field-error" role="alert">
          {problem}
        </div>
      )}
    </div>
  );
}
