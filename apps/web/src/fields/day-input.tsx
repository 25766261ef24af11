import { DatePicker } from 'antd';
import dayjs from 'dayjs';

interface Props {
  id?: string;
  label: string;
  /** ISO 8601. */
  value: string | null;
  onChange(day: string | null): void;
  /** Days yet to come are no choice: something was done on it. */
  past?: boolean;
  clearable?: boolean;
}

/** A day, written as one says it. */
export function DayInput({ id, label, value, onChange, past = false, clearable = true }: Props) {
  return (
    <DatePicker
      id={id}
      aria-label={label}
      format="D MMM YYYY"
      allowClear={clearable}
      value={value ? dayjs(value) : null}
      onChange={(date) => onChange(date ? date.format('YYYY-MM-DD') : null)}
      {...(past ? { disabledDate: (date) => date.isAfter(dayjs(), 'day') } : {})}
    />
  );
}
