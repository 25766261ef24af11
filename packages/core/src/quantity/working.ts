import type { Units } from '../units/units.ts';
import { exactNumber } from '../units/format.ts';
import type { Formula } from './formula.ts';
import type { Quantity } from './quantity.ts';

const BINDING: Partial<Record<Formula['op'], number>> = { add: 1, subtract: 1, multiply: 2, divide: 2 };
const SIGN: Partial<Record<Formula['op'], string>> = { add: '+', subtract: '-', multiply: 'x', divide: '/' };

/**
 * The working with the person's own numbers in it, down to the nearest named quantities:
 * "70.0 cm / (2 pi x 1) = 11.14 cm". `by: 'label'` writes names in place of numbers and leaves the result off.
 */
export function workingOf(quantity: Quantity, units: Units, by: 'number' | 'label' = 'number'): string {
  if (quantity.formula.op === 'leaf') return by === 'label' ? (quantity.label ?? '') : exactNumber(quantity.value, quantity.unit, units);
  if (quantity.formula.op === 'same') return write(quantity.formula.of, units, by, 0, false, false);
  const text = write(quantity, units, by, 0, false, true);
  return by === 'label' ? text : `${text} = ${exactNumber(quantity.value, quantity.unit, units)}`;
}

function write(q: Quantity, units: Units, by: 'number' | 'label', outer: number, right: boolean, root: boolean): string {
  const f = q.formula;
  if (f.op === 'constant') return f.text ?? exactNumber(q.value, q.unit, units);
  if (f.op === 'leaf' || (q.id !== undefined && !root)) return by === 'label' ? (q.label ?? q.id ?? '') : exactNumber(q.value, q.unit, units);
  const inner = (child: Quantity, level = 0, isRight = false) => write(child, units, by, level, isRight, false);
  switch (f.op) {
    case 'larger':
      return `the larger of (${f.of.map((each) => inner(each)).join(', ')})`;
    case 'smaller':
      return `the smaller of (${f.of.map((each) => inner(each)).join(', ')})`;
    case 'drawn':
      return `${f.what} (${f.of.map((each) => inner(each)).join(', ')})`;
    case 'floor':
      return `whole part of (${inner(f.of)})`;
    case 'ceil':
      return `rounded up (${inner(f.of)})`;
    case 'same':
      return inner(f.of, outer, right);
    case 'sqrt':
      return `root of (${inner(f.of)})`;
    case 'choose':
      return inner(f.left.value >= f.right.value ? f.then : f.otherwise, outer, right);
    default: {
      const level = BINDING[f.op]!;
      const text = `${inner(f.left, level)} ${SIGN[f.op]} ${inner(f.right, level, true)}`;
      // a - (b - c) and a / (b x c) need their brackets; a - b - c does not
      return level < outer || (level === outer && right) ? `(${text})` : text;
    }
  }
}
