import { roundToStep } from './rounding.ts';

export interface Distribution {
  /** The two neighbouring figures, same unit as the total; `low` equals `high` where each part stands on a step. */
  low: number;
  high: number;
  /** How many parts get each. */
  lows: number;
  highs: number;
  /** What rounding every part up, or down, would do to the total. */
  ifAllUp: number;
  ifAllDown: number;
}

/**
 * Rounds `count` equal parts of `total` to `step` so that their sum stays within half a step of the total: some are chalked at the
 * figure below, some at the one above. @throws RangeError where count < 1.
 * @example distribute(980, 16, 1) // 61.25 each: 12 at 61, 4 at 62; all up would add 12
 */
export function distribute(total: number, count: number, step: number): Distribution {
  if (count < 1) throw new RangeError('nothing to share the total among');
  const part = total / count;
  const [low, high] = [roundToStep(part, step, 'down'), roundToStep(part, step, 'up')];
  const highs = high === low ? 0 : Math.round((total - low * count) / step);
  return { low, high, lows: count - highs, highs, ifAllUp: high * count - total, ifAllDown: low * count - total };
}
