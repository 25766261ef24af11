import type { SafeSide } from './unit.ts';

/** Differences below this share of a step are arithmetic noise and don't push a figure to the next step. */
const NOISE = 1e-6;

/**
 * Rounds to a multiple of `step` (same unit) towards the safe side. A value that already stands on a step stays.
 * @example roundToStep(111.408, 1, 'down') // 111
 */
export function roundToStep(value: number, step: number, side: SafeSide): number {
  const steps = value / step;
  const whole = side === 'down' ? Math.floor(steps + NOISE) : side === 'up' ? Math.ceil(steps - NOISE) : Math.round(steps);
  return whole === 0 ? 0 : whole * step;
}
