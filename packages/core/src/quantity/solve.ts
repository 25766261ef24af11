import { evaluate } from './evaluate.ts';
import type { Quantity } from './quantity.ts';

/**
 * The value of one input that brings a quantity to `target`, all else as it is: the formula read backwards.
 * Searches between `low` and `high` (input's unit) by bisection on a quantity that rises or falls throughout.
 * @returns undefined where the target lies outside what that range reaches.
 */
export function solveFor(quantity: Quantity, inputId: string, target: number, low: number, high: number): number | undefined {
  const at = (x: number) => evaluate(quantity, new Map([[inputId, x]])) - target;
  let [a, b] = [low, high];
  let [fa, fb] = [at(a), at(b)];
  if (fa === 0) return a;
  if (fb === 0) return b;
  if (fa > 0 === fb > 0) return undefined;
  for (let i = 0; i < 200 && Math.abs(b - a) > 1e-9 * Math.max(1, Math.abs(a)); i++) {
    const middle = (a + b) / 2;
    const fm = at(middle);
    if (fm === 0) return middle;
    if (fm > 0 === fa > 0) [a, fa] = [middle, fm];
    else [b, fb] = [middle, fm];
  }
  return Math.abs(fa) < Math.abs(fb) ? a : b;
}
