import { FormulaError } from '../errors/formula-error.ts';
import type { Formula, LeafSource } from './formula.ts';
import { lengthPower, unitOfPower, type QuantityUnit, type SafeSide } from './unit.ts';

/**
 * A number that remembers how it was worked out: value, unit, safe side and the formula tree it came from.
 * Immutable. Values are exact (unrounded); lengths are millimetres, angles degrees.
 */
export class Quantity {
  private constructor(
    readonly value: number,
    readonly unit: QuantityUnit,
    readonly formula: Formula,
    readonly safeSide: SafeSide = 'nearest',
    readonly id?: string,
    readonly label?: string,
  ) {
    if (!Number.isFinite(value)) throw new FormulaError(`${label ?? id ?? 'a quantity'} has no finite value`);
  }

  /** A number that enters from outside: a measure, a choice, a property of the cloth. */
  static leaf(id: string, label: string, value: number, unit: QuantityUnit, source: LeafSource): Quantity {
    return new Quantity(value, unit, { op: 'leaf', source }, 'nearest', id, label);
  }

  /** A fixed number. `text` is how it reads in the working ("2 pi"); `provenance` says where the figure comes from. */
  static constant(value: number, unit: QuantityUnit, text?: string, provenance?: string): Quantity {
    return new Quantity(value, unit, { op: 'constant', text, provenance });
  }

  /**
   * What is measured off a drawing: `measure` draws it again from other values of `of` and measures again, so that it stays in the tree.
   * `what` is how it reads in the working: "length of the drawn neck".
   */
  static drawn(what: string, unit: QuantityUnit, of: Quantity[], measure: (values: number[]) => number): Quantity {
    return new Quantity(measure(of.map(({ value }) => value)), unit, { op: 'drawn', of, measure, what });
  }

  /** The sum of several of one unit; 0 mm of none. */
  static sum(parts: readonly Quantity[]): Quantity {
    const [first, ...rest] = parts;
    return first ? rest.reduce((sum, each) => sum.plus(each), first) : Quantity.constant(0, 'mm');
  }

  /** The same number under an id and a label of its own: from here on, other formulas quote it instead of its parts. */
  named(id: string, label: string, safeSide: SafeSide = 'nearest'): Quantity {
    // what already has a name of its own is quoted, not renamed: the elastic is as long as the waist
    const formula: Formula = this.id === undefined ? this.formula : { op: 'same', of: this };
    return new Quantity(this.value, this.unit, formula, safeSide, id, label);
  }

  /** The same number read in another plain unit, for instance a ratio that is a count of pieces. */
  as(unit: QuantityUnit): Quantity {
    if (lengthPower(unit) !== lengthPower(this.unit)) throw new FormulaError(`${this.unit} can't be read as ${unit}`);
    return new Quantity(this.value, unit, this.formula, this.safeSide, this.id, this.label);
  }

  plus(other: Quantity | number): Quantity {
    const right = this.like(other);
    return new Quantity(this.value + right.value, this.unit, { op: 'add', left: this, right });
  }

  minus(other: Quantity | number): Quantity {
    const right = this.like(other);
    return new Quantity(this.value - right.value, this.unit, { op: 'subtract', left: this, right });
  }

  times(other: Quantity | number): Quantity {
    const right = plain(other);
    const unit = this.productUnit(lengthPower(this.unit) + lengthPower(right.unit), right);
    return new Quantity(this.value * right.value, unit, { op: 'multiply', left: this, right });
  }

  over(other: Quantity | number): Quantity {
    const right = plain(other);
    if (right.value === 0) throw new FormulaError(`${this.label ?? this.id ?? 'a quantity'} is divided by nothing`);
    const unit = this.productUnit(lengthPower(this.unit) - lengthPower(right.unit), right);
    return new Quantity(this.value / right.value, unit, { op: 'divide', left: this, right });
  }

  /** The whole number at or below. */
  floor(): Quantity {
    return new Quantity(Math.floor(this.value + WHOLE_NOISE), this.unit === 'ratio' ? 'count' : this.unit, { op: 'floor', of: this });
  }

  /** The whole number at or above. */
  ceil(): Quantity {
    return new Quantity(Math.ceil(this.value - WHOLE_NOISE), this.unit === 'ratio' ? 'count' : this.unit, { op: 'ceil', of: this });
  }

  sqrt(): Quantity {
    if (this.value < 0) throw new FormulaError('no root of a negative number');
    const unit = this.unit === 'mm2' ? 'mm' : this.unit;
    if (unit === 'mm' && this.unit === 'mm') throw new FormulaError('a length has no root');
    return new Quantity(Math.sqrt(this.value), unit, { op: 'sqrt', of: this });
  }

  static larger(first: Quantity, ...rest: Quantity[]): Quantity {
    const of = [first, ...rest];
    of.forEach((q) => first.like(q));
    return new Quantity(Math.max(...of.map((q) => q.value)), first.unit, { op: 'larger', of });
  }

  static smaller(first: Quantity, ...rest: Quantity[]): Quantity {
    const of = [first, ...rest];
    of.forEach((q) => first.like(q));
    return new Quantity(Math.min(...of.map((q) => q.value)), first.unit, { op: 'smaller', of });
  }

  /** `then` where left >= right, `otherwise` where not; the tree keeps both branches so that it can be worked out again. */
  static choose(left: Quantity, right: Quantity, then: Quantity, otherwise: Quantity): Quantity {
    left.like(right);
    then.like(otherwise);
    const picked = left.value >= right.value ? then : otherwise;
    return new Quantity(picked.value, picked.unit, { op: 'choose', left, right, then, otherwise });
  }

  private like(other: Quantity | number): Quantity {
    if (typeof other === 'number') return Quantity.constant(other, this.unit);
    if (lengthPower(other.unit) !== lengthPower(this.unit)) throw new FormulaError(`${this.unit} and ${other.unit} don't add up`);
    return other;
  }

  private productUnit(power: number, right: Quantity): QuantityUnit {
    const unit = unitOfPower(power, this.unit, right.unit);
    if (!unit) throw new FormulaError(`no unit for ${this.unit} and ${right.unit}`);
    return unit;
  }
}

/** Differences a whole-number step ignores: 4.0000000001 widths are 4. Plain number, far below any chalk line. */
const WHOLE_NOISE = 1e-9;

function plain(other: Quantity | number): Quantity {
  return typeof other === 'number' ? Quantity.constant(other, 'ratio') : other;
}

/** Once round a circle of radius 1. */
export const TWO_PI = Quantity.constant(2 * Math.PI, 'ratio', '2 pi', 'geometry');
export const PI = Quantity.constant(Math.PI, 'ratio', 'pi', 'geometry');
