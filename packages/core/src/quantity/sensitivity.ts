import { operands } from './formula.ts';
import type { Quantity } from './quantity.ts';

/**
 * How much the quantity moves for each unit its input moves (partial derivative at the present values; unit of the quantity
 * per unit of the input). 0 where it doesn't depend on it; whole-number steps count as flat. A `larger`, `smaller` or
 * `choose` follows the branch in force.
 */
export function sensitivity(quantity: Quantity, inputId: string): number {
  const done = new Map<Quantity, number>();
  const slope = (q: Quantity): number => {
    if (q.id === inputId) return 1;
    const known = done.get(q);
    if (known !== undefined) return known;
    const value = slopeOf(q);
    done.set(q, value);
    return value;
  };
  const slopeOf = (q: Quantity): number => {
    const f = q.formula;
    switch (f.op) {
      case 'leaf':
      case 'constant':
      case 'floor':
      case 'ceil':
        return 0;
      case 'add':
        return slope(f.left) + slope(f.right);
      case 'subtract':
        return slope(f.left) - slope(f.right);
      case 'multiply':
        return slope(f.left) * f.right.value + f.left.value * slope(f.right);
      case 'divide':
        return (slope(f.left) * f.right.value - f.left.value * slope(f.right)) / f.right.value ** 2;
      case 'larger':
      case 'smaller': {
        const leading = f.of.find((each) => each.value === q.value);
        return leading ? slope(leading) : 0;
      }
      case 'same':
        return slope(f.of);
      case 'drawn':
        return f.of.reduce((sum, child, i) => sum + slope(child) * drawnSlope(f.measure, f.of, i), 0);
      case 'sqrt':
        return q.value === 0 ? 0 : slope(f.of) / (2 * q.value);
      case 'choose':
        return slope(f.left.value >= f.right.value ? f.then : f.otherwise);
    }
  };
  return slope(quantity);
}

/** How much what is measured off a drawing moves with one of its inputs (central difference). */
function drawnSlope(measure: (values: number[]) => number, of: readonly Quantity[], i: number): number {
  const by = Math.max(1e-4, Math.abs(of[i]!.value) * 1e-6);
  const at = (change: number) => measure(of.map(({ value }, k) => (k === i ? value + change : value)));
  return (at(by) - at(-by)) / (2 * by);
}

/** The ids of the nearest named quantities and inputs a quantity is worked out from, in reading order. */
export function inputsOf(quantity: Quantity): string[] {
  return nearestNamed(quantity).map((q) => q.id!);
}

/** The nearest named quantities and inputs themselves. */
export function nearestNamed(quantity: Quantity): Quantity[] {
  const found = new Map<string, Quantity>();
  const visit = (q: Quantity): void => {
    for (const child of operands(q.formula)) {
      if (child.id === undefined) visit(child);
      else found.set(child.id, child);
    }
  };
  visit(quantity);
  return [...found.values()];
}

/** Every input (leaf) at the ends of the tree, in reading order. */
export function leavesOf(quantity: Quantity): Quantity[] {
  const found = new Map<string, Quantity>();
  const seen = new Set<Quantity>();
  const visit = (q: Quantity): void => {
    if (seen.has(q)) return;
    seen.add(q);
    if (q.formula.op === 'leaf' && q.id !== undefined) found.set(q.id, q);
    operands(q.formula).forEach(visit);
  };
  visit(quantity);
  return [...found.values()];
}
