import { useState } from 'react';
import type { Hours } from '@arcus/core';

const KEEP = 'arcus.hours';

export interface TimeToSew {
  /** Minutes on a working day, and on a day of the weekend. */
  weekday: number;
  weekend: number;
}

const USUAL: TimeToSew = { weekday: 45, weekend: 120 };

function kept(): TimeToSew {
  try {
    const { weekday, weekend } = JSON.parse(localStorage.getItem(KEEP) ?? 'null') as TimeToSew;
    return { weekday, weekend };
  } catch {
    return USUAL;
  }
}

/** The time one has for sewing, kept on this device: other people of the household have other evenings. */
export function useHours(): { time: TimeToSew; hours: Hours; setTime(time: TimeToSew): void } {
  const [time, show] = useState(kept);
  const { weekday, weekend } = time;
  return {
    time,
    hours: [weekend, weekday, weekday, weekday, weekday, weekday, weekend],
    setTime: (next) => {
      localStorage.setItem(KEEP, JSON.stringify(next));
      show(next);
    },
  };
}
