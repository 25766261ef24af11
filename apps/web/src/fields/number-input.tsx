import { parseNumber } from '@arcus/core';
import { TypedInput } from './typed-input.tsx';

interface Props {
  label: string;
  value: number | null;
  onCommit(value: number): void;
  onClear?(): void;
  min: number;
  max: number;
  /** Whole numbers only. */
  whole?: boolean;
  suffix?: string;
  width?: number;
}

const shownAs = (value: number | null) => (value === null ? '' : String(Number(value.toFixed(4))));

/** A plain number: "2", "0,5", "1 1/2". */
export function NumberInput({ value, min, max, whole = false, width = 104, ...rest }: Props) {
  const read = (text: string) => {
    const number = parseNumber(text);
    if (typeof number !== 'number') return number;
    if (whole && !Number.isInteger(number)) return { problem: 'A whole number, please.' };
    return number >= min && number <= max ? number : { problem: `Between ${shownAs(min)} and ${shownAs(max)}, please.` };
  };
  return <TypedInput {...rest} keys="decimal" width={width} shown={shownAs(value)} read={read} />;
}
