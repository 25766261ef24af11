import { formatLength, parseLength } from '@arcus/core';
import { useUnits } from '../settings/units.tsx';
import { TypedInput } from './typed-input.tsx';

interface Props {
  id?: string;
  label: string;
  /** mm; undefined while nothing is entered. */
  value: number | undefined;
  onCommit(mm: number): void;
  /** The field was emptied. */
  onClear?(): void;
  placeholder?: string;
  min?: number;
  max?: number;
  disabled?: boolean;
  onFocus?(): void;
  onBlur?(): void;
}

/** A length in the person's units, or in any that is written behind it. */
export function LengthInput({ value, min = 0, max = 100_000, ...rest }: Props) {
  const { units } = useUnits();
  const read = (text: string) => {
    const mm = parseLength(text, units);
    if (typeof mm !== 'number' || (mm >= min && mm <= max)) return mm;
    return { problem: `Between ${formatLength(min, units, 'up')} and ${formatLength(max, units, 'down')}, please.` };
  };
  return <TypedInput {...rest} keys="text" shown={value === undefined ? '' : formatLength(value, units)} read={read} />;
}
