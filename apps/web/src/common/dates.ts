import dayjs from 'dayjs';

/** Today, ISO 8601. */
export const today = () => dayjs().format('YYYY-MM-DD');

/** A date as one says it: "14 May 2027". */
export const sayDate = (iso: string) => dayjs(iso).format('D MMM YYYY');

/** How far off a date is: "in 12 days", "today", "3 days ago". */
export function sayDistance(iso: string): string {
  const days = dayjs(iso).startOf('day').diff(dayjs().startOf('day'), 'day');
  if (days === 0) return 'today';
  if (days === 1) return 'tomorrow';
  if (days > 60) return `in ${Math.round(days / 7)} weeks`;
  return days > 0 ? `in ${days} days` : `${-days} ${days === -1 ? 'day' : 'days'} ago`;
}

/** A moment as one says it: "14 May 2027, 18:05". */
export const sayMoment = (at: string | number) => dayjs(at).format('ddd D MMM, HH:mm');
