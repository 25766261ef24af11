import type { Body } from '../body/measures.ts';
import { measureById } from '../body/measures.ts';
import type { Check } from '../checks/check.ts';
import type { Cloth } from '../cloth/cloth.ts';
import type { Elastic } from '../cloth/elastic.ts';
import { BadInput } from '../errors/bad-input.ts';
import type { GarmentView } from '../drape/garment-view.ts';
import { FormulaError } from '../errors/formula-error.ts';
import type { Choice, ChoiceValue } from '../garments/choice.ts';
import type { Step } from '../make/step.ts';
import type { ChalkSheet } from '../marks/mark.ts';
import { Quantity } from '../quantity/quantity.ts';
import type { QuantityUnit, SafeSide } from '../quantity/unit.ts';
import { makePiece, type Piece, type PieceSketch } from '../shapes/piece.ts';
import { formatLength, formatQuantity } from '../units/format.ts';
import { inUnits } from '../units/in-units.ts';
import type { Units } from '../units/units.ts';

const UNIT_OF_KIND: Record<string, QuantityUnit> = { length: 'mm', ratio: 'ratio', count: 'count' };
export const SAMPLE_SCALE: Record<string, number> = { full: 1, half: 0.5, quarter: 0.25 };

/** One thing to buy or take from the cupboard. */
export interface ShoppingItem {
  id: string;
  what: string;
  /** How much, in the person's units. */
  amount: string;
  /** mm where it is sold by length. */
  length?: number;
}

/**
 * The sheet a construction fills while it is drafted: hands out the person's measures, choices and cloth as quantities, and
 * collects what follows from them. One sheet a plan.
 */
export class Worksheet {
  readonly quantities: Quantity[] = [];
  readonly pieces: Piece[] = [];
  readonly checks: Check[] = [];
  readonly chalk: ChalkSheet[] = [];
  readonly steps: Step[] = [];
  readonly shopping: ShoppingItem[] = [];
  /** How the garment hangs, for the front view. */
  view?: GarmentView;
  readonly usableWidth: Quantity;
  /** Size of the sample: 1, 0.5 or 0.25. */
  readonly scale: number;
  private readonly leaves = new Map<string, Quantity>();

  constructor(
    readonly body: Body,
    private readonly choices: ReadonlyMap<string, ChoiceValue | null>,
    private readonly definitions: readonly Choice[],
    readonly cloth: Cloth,
    readonly elastic: Elastic,
    readonly units: Units,
  ) {
    this.scale = SAMPLE_SCALE[String(choices.get('sampleSize') ?? 'full')] ?? 1;
    const { width, selvedge, shrinkAcross, prewashed } = cloth;
    const wide = Quantity.leaf('cloth-width', 'Cloth width', width, 'mm', 'cloth');
    const washed = prewashed
      ? wide
      : wide.times(Quantity.constant(1, 'ratio').minus(Quantity.leaf('shrink-across', 'Shrinkage across', shrinkAcross, 'ratio', 'cloth')));
    this.usableWidth = washed
      .minus(Quantity.constant(2, 'ratio').times(Quantity.leaf('selvedge', 'Selvedge', selvedge, 'mm', 'cloth')))
      .named('usable-width', 'Usable width', 'down');
  }

  /** The same sheet to write on further, this one staying as it is. */
  copy(): Worksheet {
    const { quantities, pieces, checks, chalk, steps, shopping } = this;
    return Object.assign(Object.create(Worksheet.prototype) as Worksheet, this, {
      quantities: [...quantities],
      pieces: [...pieces],
      checks: [...checks],
      chalk: [...chalk],
      steps: steps.map((step) => ({ ...step })),
      shopping: [...shopping],
    });
  }

  /** A body measure, mm, at the size of the sample. Throws BadInput where it was not taken. */
  measure(id: string): Quantity {
    const value = this.body[id];
    if (value === undefined) throw new BadInput(`body.${id}`, 'is needed for this choice');
    return this.leaf(id, measureById(id)!.label, value * this.scale, 'mm', 'measure');
  }

  hasMeasure(id: string): boolean {
    return this.body[id] !== undefined;
  }

  /** A chosen number as a quantity. Throws FormulaError where the choice has no value of its own (see `isSet`). */
  number(id: string): Quantity {
    const { definition, value } = this.choice(id);
    if (typeof value !== 'number') throw new FormulaError(`choice ${id} has no number`);
    const scale = definition.scales ? this.scale : 1;
    return this.leaf(id, definition.label, value * scale, UNIT_OF_KIND[definition.kind]!, 'choice');
  }

  oneOf(id: string): string {
    return String(this.choice(id).value);
  }

  yes(id: string): boolean {
    return this.choice(id).value === true;
  }

  /** Whether a choice that is otherwise worked out has been given a value. */
  isSet(id: string): boolean {
    return this.choice(id).value !== null;
  }

  hasChoice(id: string): boolean {
    return this.choices.has(id);
  }

  /** Names a quantity and puts it on the plan. */
  put(id: string, label: string, safeSide: SafeSide, quantity: Quantity, unit?: QuantityUnit): Quantity {
    const named = (unit ? quantity.as(unit) : quantity).named(id, label, safeSide);
    this.quantities.push(named);
    return named;
  }

  quantity(id: string): Quantity {
    const found = this.quantities.find((each) => each.id === id);
    if (!found) throw new FormulaError(`no quantity ${id} on this sheet`);
    return found;
  }

  piece(sketch: PieceSketch): Piece {
    const piece = makePiece(sketch);
    this.pieces.push(piece);
    return piece;
  }

  check(check: Check | undefined): void {
    if (check) this.checks.push({ ...check, says: this.own(check.says) });
  }

  step(step: Step): void {
    const { how, why, caution } = step;
    this.steps.push({ ...step, how: this.own(how), ...(why && { why: this.own(why) }), ...(caution && { caution: this.own(caution) }) });
  }

  /** A quantity as this person reads it, rounded to its safe side. */
  show(quantity: Quantity): string {
    return formatQuantity(quantity.value, quantity.unit, this.units, quantity.safeSide);
  }

  /** Prose in the person's own units. */
  own(text: string): string {
    return inUnits(text, this.units);
  }

  /** A bare length (mm) as this person reads it. */
  showLength(mm: number, side: SafeSide = 'nearest'): string {
    return formatLength(mm, this.units, side);
  }

  /** A length read off a drawing (a curve's length, the laid cloth), mm. */
  drawn(id: string, label: string, value: number): Quantity {
    return Quantity.leaf(id, label, value, 'mm', 'drawing');
  }

  private choice(id: string): { definition: Choice; value: ChoiceValue | null } {
    const definition = this.definitions.find((each) => each.id === id);
    if (!definition) throw new FormulaError(`no choice ${id} in this construction`);
    return { definition, value: this.choices.get(id) ?? null };
  }

  private leaf(id: string, label: string, value: number, unit: QuantityUnit, source: 'measure' | 'choice'): Quantity {
    const known = this.leaves.get(id);
    if (known) return known;
    const leaf = Quantity.leaf(id, label, value, unit, source);
    this.leaves.set(id, leaf);
    return leaf;
  }
}
