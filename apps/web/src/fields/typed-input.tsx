import { Input } from 'antd';
import { useEffect, useState } from 'react';

interface Props {
  id?: string;
  label: string;
  /** What is in force, as it is written. */
  shown: string;
  /** Reads what was typed: a value, or why it is none and what would do. */
  read(text: string): number | { problem: string };
  onCommit(value: number): void;
  /** The field was emptied; without it an empty field is a slip like others. */
  onClear?(): void;
  /** Keys a phone offers. */
  keys: 'text' | 'decimal';
  placeholder?: string;
  suffix?: string;
  width?: number;
  disabled?: boolean;
  onFocus?(): void;
  onBlur?(): void;
}

/** A figure typed the way people write it; read on Enter or when the field is left. A slip stays in the field, with what would do, and changes nothing. */
export function TypedInput({ id, label, shown, read, onCommit, onClear, keys, placeholder, suffix, width, disabled, onFocus, onBlur }: Props) {
  const [text, setText] = useState(shown);
  const [problem, setProblem] = useState<string>();
  useEffect(() => {
    setText(shown);
    setProblem(undefined);
  }, [shown]);

  const commit = () => {
    const written = text.trim();
    if (written === shown) return setProblem(undefined);
    if (written === '' && onClear) {
      setProblem(undefined);
      return onClear();
    }
    const value = read(written);
    if (typeof value !== 'number') return setProblem(value.problem);
    setProblem(undefined);
    onCommit(value);
  };
  return (
    <div style={width === undefined || problem ? undefined : { width }}>
      <Input
        id={id}
        aria-label={label}
        aria-invalid={problem !== undefined}
        inputMode={keys}
        autoComplete="off"
        value={text}
        status={problem ? 'error' : undefined}
        placeholder={placeholder}
        suffix={suffix}
        style={width === undefined ? undefined : { width }}
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
