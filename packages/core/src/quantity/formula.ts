import type { Quantity } from './quantity.ts';

/** Where a leaf of a formula comes from: decides how it is named beside its value and whether it can be solved for. */
export type LeafSource = 'measure' | 'choice' | 'cloth' | 'elastic' | 'drawing' | 'record' | 'figure';

/** One node of the tree a quantity was worked out by. */
export type Formula =
  | { op: 'leaf'; source: LeafSource }
  | { op: 'constant'; text?: string; provenance?: string }
  | { op: 'add' | 'subtract' | 'multiply' | 'divide'; left: Quantity; right: Quantity }
  | { op: 'larger' | 'smaller'; of: Quantity[] }
  | { op: 'floor' | 'ceil' | 'sqrt' | 'same'; of: Quantity }
  | { op: 'drawn'; of: Quantity[]; measure: (values: number[]) => number; what: string }
  | { op: 'choose'; left: Quantity; right: Quantity; then: Quantity; otherwise: Quantity };

/** The quantities a node is worked out from, in reading order. */
export function operands(formula: Formula): Quantity[] {
  switch (formula.op) {
    case 'leaf':
    case 'constant':
      return [];
    case 'larger':
    case 'drawn':
    case 'smaller':
      return formula.of;
    case 'floor':
    case 'ceil':
    case 'sqrt':
    case 'same':
      return [formula.of];
    case 'choose':
      return [formula.left, formula.right, formula.then, formula.otherwise];
    default:
      return [formula.left, formula.right];
  }
}
