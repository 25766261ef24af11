import { useEffect, useState } from 'react';

/** The time, epoch ms, looked at again every so many ms; once only where `every` is none. */
export function useNow(every: number | undefined): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (every === undefined) return;
    const timer = setInterval(() => setNow(Date.now()), every);
    return () => clearInterval(timer);
  }, [every]);
  return now;
}
