import { FormulaError } from '../errors/formula-error.ts';
import { operands as children, type Formula } from './formula.ts';
import type { Quantity } from './quantity.ts';

/** A node's own value from the values of its operands (in the order `operands` gives them). */
export function apply(formula: Formula, own: number, values: number[]): number {
  const [a = 0, b = 0, c = 0, d = 0] = values;
  switch (formula.op) {
    case 'leaf':
    case 'constant':
      return own;
    case 'add':
      return a + b;
    case 'subtract':
      return a - b;
    case 'multiply':
      return a * b;
    case 'divide':
      return a / b;
    case 'larger':
      return Math.max(...values);
    case 'smaller':
      return Math.min(...values);
    case 'floor':
      return Math.floor(a + 1e-9);
    case 'ceil':
      return Math.ceil(a - 1e-9);
    case 'sqrt':
      return Math.sqrt(a);
    case 'same':
      return a;
    case 'drawn':
      return formula.measure(values);
    case 'choose':
      return a >= b ? c : d;
  }
}

/**
 * The value the formula gives with other inputs. `changed` maps the id of an input, or of a quantity on the way, to its
 * other value (same unit). Inputs not named keep theirs. Throws FormulaError where the result is not a finite number.
 */
export function evaluate(quantity: Quantity, changed: ReadonlyMap<string, number>): number {
  const done = new Map<Quantity, number>();
  const visit = (q: Quantity): number => {
    const other = q.id === undefined ? undefined : changed.get(q.id);
    if (other !== undefined) return other;
    const known = done.get(q);
    if (known !== undefined) return known;
    const value = apply(q.formula, q.value, children(q.formula).map(visit));
    done.set(q, value);
    return value;
  };
  const value = visit(quantity);
  if (!Number.isFinite(value)) throw new FormulaError(`${quantity.label ?? 'the quantity'} has no finite value with these inputs`);
  return value;
}
