// Longer than 250 lines: the one thing a garment talks to; what it hands out and what it collects share the leaves of one formula tree.
import type { Body } from '../body/measures.ts';
import { measureById } from '../body/measures.ts';
import type { Wearer } from '../body/wearer.ts';
import type { Check } from '../checks/check.ts';
import type { PassedPlace } from '../checks/way-in.ts';
import type { Cloth } from '../cloth/cloth.ts';
import type { Elastic } from '../cloth/elastic.ts';
import type { GarmentView } from '../drape/garment-view.ts';
import { BadInput } from '../errors/bad-input.ts';
import { Unmakeable } from '../errors/unmakeable.ts';
import { FormulaError } from '../errors/formula-error.ts';
import { FIGURES, type FigureUnit } from '../figure/figures.ts';
import type { Choice, ChoiceValue } from '../garments/choice.ts';
import type { ChalkSheet } from '../marks/mark.ts';
import { handled, type StepToAdd } from './handling.ts';
import type { Step } from '../make/step.ts';
import { Quantity } from '../quantity/quantity.ts';
import type { QuantityUnit, SafeSide } from '../quantity/unit.ts';
import { allowedTurns } from '../shapes/allowed-turns.ts';
import { makePiece, sideLength, type ClothRole, type Piece, type PieceSketch } from '../shapes/piece.ts';
import type { Shape } from '../shapes/shape.ts';
import { aboutIn } from '../units/prose.ts';
import { formatLength, formatQuantity } from '../units/format.ts';
import type { Units } from '../units/units.ts';
import { Cloths } from './cloths.ts';
import type { Join } from './join.ts';

const UNIT_OF_KIND: Record<string, QuantityUnit> = { length: 'mm', ratio: 'ratio', count: 'count' };
const UNIT_OF_FIGURE: Record<FigureUnit, QuantityUnit> = { mm: 'mm', ratio: 'ratio', min: 'min', 'mm a min': 'mm', 'min a m': 'min' };
/** Nobody cuts more pieces for one garment; they would not be laid in the time either. */
const MOST_COPIES = 1000;
export const SAMPLE_SCALE: Record<string, number> = { full: 1, half: 0.5, quarter: 0.25 };

/** One thing to buy or take from the cupboard. */
export interface ShoppingItem {
  id: string;
  what: string;
  /** How much, in the person's units. */
  amount: string;
  /** mm where it is sold by length. */
  length?: number;
  /** The tool it is, where it is kept and not used up. */
  tool?: string;
}

/** A piece to cut; allowed turns, chalk and drawing follow from its shape, grain and cloth. */
export interface Cut extends Omit<PieceSketch, 'seam' | 'holes' | 'turns' | 'shape'> {
  shape: Shape;
  /** Where it may be turned otherwise than its grain says. */
  turns?: PieceSketch['turns'];
}

/** How high a garment, or one layer of it, is worn and how wide it is there, mm. */
export interface WornLevel {
  drop: number;
  girth: number;
}

/** What a sheet is made out for. */
export interface SheetFor {
  body: Body;
  wearer: Wearer;
  choices: ReadonlyMap<string, ChoiceValue | null>;
  definitions: readonly Choice[];
  cloths: { main: Cloth } & Partial<Record<ClothRole, Cloth>>;
  elastic: Elastic;
  units: Units;
  /** Measures that were estimated, by id, and from what. */
  estimated: Readonly<Record<string, string>>;
  /** Figures of the maker's own, in place of the defaults. */
  figures: Readonly<Record<string, number>>;
  /** What is said of choices and figures of the maker's own experience, by id. */
  learned?: Readonly<Record<string, string>>;
}

/**
 * The sheet a construction fills while it is drafted: hands out the person's measures, choices, cloth and figures as quantities, and
 * collects what follows from them: quantities, pieces, joins and the steps that sew them. One sheet a plan.
 */
export class Worksheet {
  readonly quantities: Quantity[] = [];
  readonly pieces: Piece[] = [];
  readonly joins: Join[] = [];
  readonly checks: Check[] = [];
  readonly chalk: ChalkSheet[] = [];
  readonly steps: Step[] = [];
  readonly shopping: ShoppingItem[] = [];
  /** Girths of every layer worn on the body, by what it is called. */
  readonly worn: Array<{ what: string; levels: WornLevel[] }> = [];
  /** The narrow places on the way in, as they were looked at. */
  readonly wayIn: PassedPlace[] = [];
  /** What a cloth is called on the shopping list where its role does not say enough. */
  readonly clothNames: Partial<Record<ClothRole, string>> = {};
  /** The holes left in the outer shell. */
  readonly openings: string[] = [];
  /** How the garment hangs, for the front view. */
  view?: GarmentView;
  readonly body: Body;
  readonly wearer: Wearer;
  readonly estimated: Readonly<Record<string, string>>;
  readonly elastic: Elastic;
  readonly units: Units;
  readonly cloths: Cloths;
  /** Size of the sample: 1, 0.5 or 0.25. */
  readonly scale: number;
  private readonly choices: SheetFor['choices'];
  private readonly figures: SheetFor['figures'];
  private readonly learned: Readonly<Record<string, string>>;
  private readonly joinIds = new Set<string>();
  private readonly takenUp = new Map<string, Join[]>();
  private readonly sideLengths = new Map<string, Quantity>();
  private readonly leaves = new Map<string, Quantity>();
  private readonly definitionById: ReadonlyMap<string, Choice>;
  /** Names the choices have in the formulas. */
  private readonly choiceNames: ReadonlySet<string>;
  private readonly quantityById = new Map<string, Quantity>();
  private readonly pieceById = new Map<string, Piece>();

  constructor({ body, wearer, estimated, choices, definitions, cloths, elastic, units, figures, learned = {} }: SheetFor) {
    this.scale = SAMPLE_SCALE[String(choices.get('sampleSize') ?? 'full')] ?? 1;
    this.cloths = new Cloths(cloths, learned);
    this.body = body;
    this.wearer = wearer;
    this.estimated = estimated;
    this.choices = choices;
    this.definitionById = new Map(definitions.map((each) => [each.id, each]));
    this.choiceNames = new Set(definitions.map((each) => each.inTree ?? each.id));
    this.elastic = elastic;
    this.units = units;
    this.figures = figures;
    this.learned = learned;
  }

  /** The same sheet to write on further, this one staying as it is. */
  copy(): Worksheet {
    const { quantities, pieces, joins, checks, chalk, steps, shopping } = this;
    return Object.assign(Object.create(Worksheet.prototype) as Worksheet, this, {
      quantities: [...quantities],
      quantityById: new Map(this.quantityById),
      pieces: [...pieces],
      joins: [...joins],
      checks: [...checks],
      chalk: [...chalk],
      steps: steps.map((step) => ({ ...step })),
      shopping: [...shopping],
    });
  }

  /** The cloth of the garment itself. */
  get cloth(): Cloth {
    return this.cloths.of('main');
  }

  get usableWidth(): Quantity {
    return this.cloths.usableWidth('main');
  }

  /** A body measure, mm, at the size of the sample. Throws BadInput where it was not taken. */
  measure(id: string): Quantity {
    const value = this.body[id];
    if (value === undefined) throw new BadInput(`body.${id}`, 'is needed for this choice');
    const from = this.estimated[id];
    const { label } = measureById(id)!;
    return this.leaf(id, from ? `${label} (estimated from ${from})` : label, value * this.scale, 'mm', 'measure');
  }

  hasMeasure(id: string): boolean {
    return this.body[id] !== undefined;
  }

  /**
   * A girth of the body, mm: measured, or twice a garment laid flat; an estimate says what it was estimated from. Throws BadInput where there is neither.
   * `id` is "waist", "hip", "bust"; its tree says which it was.
   */
  girth(id: string): Quantity {
    const flat = `flat${id.charAt(0).toUpperCase()}${id.slice(1)}`;
    if (this.hasMeasure(`${id}-girth`) || !this.hasMeasure(flat)) return this.measure(`${id}-girth`);
    return this.measure(flat).times(2).named(`${id}-girth-from-flat`, `Round the ${id}, from a garment laid flat`, 'nearest');
  }

  /** A chosen number as a quantity. Throws FormulaError where the choice has no value of its own (see `isSet`). */
  number(id: string): Quantity {
    const { definition, value } = this.choice(id);
    if (typeof value !== 'number') throw new FormulaError(`choice ${id} has no number`);
    const scale = definition.scales ? this.scale : 1;
    const own = this.learned[id];
    const label = own ? `${definition.label} (${own})` : definition.label;
    return this.leaf(definition.inTree ?? id, label, value * scale, UNIT_OF_KIND[definition.kind]!, 'choice');
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

  /** A figure of the trade: the maker's own, or the default with its source. Throws FormulaError on an id there is none of. */
  figure(id: string): Quantity {
    const known = this.leaves.get(id);
    if (known) return known;
    const figure = Object.hasOwn(FIGURES, id) ? FIGURES[id]! : undefined;
    if (!figure) throw new FormulaError(`no figure ${id}`);
    const own = this.figures[id];
    const label = `${figure.label} (${own === undefined ? figure.source : (this.learned[id] ?? 'your figure')})`;
    return this.leaf(id, label, own ?? figure.value, UNIT_OF_FIGURE[figure.unit], 'figure');
  }

  /** The most the elastic gives; from a strip of it, where one was tried. */
  greatestStretch(): Quantity {
    const label = 'Greatest stretch of the elastic';
    const own = this.learned['elastic.greatestStretch'];
    return Quantity.leaf('greatest-stretch', own ? `${label} (${own})` : label, this.elastic.greatestStretch, 'ratio', 'elastic');
  }

  /** Where a figure of the maker's own comes from, to be put after its number: " (your figure, from 2 swatches of it)"; nothing where it is none. */
  sourceOf(id: string): string {
    const own = this.learned[id];
    return own ? ` (${own})` : '';
  }

  /** Minutes something takes at the pace in hand, by the name of its figures. */
  minutes(id: string): Quantity {
    return this.figure(`${id}-${this.oneOf('pace')}`);
  }

  /** Names a quantity and puts it on the plan. Throws FormulaError where the name is taken, by another or by a choice. */
  put(id: string, label: string, safeSide: SafeSide, quantity: Quantity, unit?: QuantityUnit): Quantity {
    if (this.quantityById.has(id)) throw new FormulaError(`two quantities are called ${id}`);
    if (this.choiceNames.has(id)) throw new FormulaError(`the quantity ${id} is called like a choice`);
    const named = (unit ? quantity.as(unit) : quantity).named(id, label, safeSide);
    this.quantities.push(named);
    this.quantityById.set(id, named);
    return named;
  }

  quantity(id: string): Quantity {
    const found = this.quantityById.get(id);
    if (!found) throw new FormulaError(`no quantity ${id} on this sheet`);
    return found;
  }

  /** Cuts a piece. Throws FormulaError where the id is taken, Unmakeable where it can't be drawn. */
  cut({ shape, turns, cloth = 'main', ...rest }: Cut): Piece {
    if (this.pieceById.has(rest.id)) throw new FormulaError(`two pieces are called ${rest.id}`);
    const values = shape.inputs.map(({ value }) => value);
    this.assertCuttable(rest.name, rest.copies, cloth);
    const along = rest.grain === 'along';
    const piece = makePiece({ ...rest, ...shape.draw(values), shape, cloth, turns: turns ?? allowedTurns(this.cloths.of(cloth), along) });
    this.pieces.push(piece);
    this.pieceById.set(piece.id, piece);
    return piece;
  }

  piece(id: string): Piece {
    const found = this.pieces.find((each) => each.id === id);
    if (!found) throw new FormulaError(`no piece ${id} on this sheet`);
    return found;
  }

  /** Length of one side of a piece along its seam line, mm, as it is drawn. */
  side(piece: Piece, id: string): Quantity {
    const key = `${piece.id} ${id}`;
    const known = this.sideLengths.get(key) ?? sideLength(piece, id);
    this.sideLengths.set(key, known);
    return known;
  }

  /** Adds joins. Throws FormulaError where an id is taken. */
  join(...joins: Join[]): void {
    for (const join of joins) {
      if (this.joinIds.has(join.id)) throw new FormulaError(`two joins are called ${join.id}`);
      this.joinIds.add(join.id);
      this.joins.push(join);
      if (join.how === 'raw') continue; // what becomes of an edge on its own keeps nothing else waiting
      for (const { piece, copy } of join.layers.flat()) {
        const of = `${piece} ${copy}`;
        const known = this.takenUp.get(of) ?? [];
        if (known[known.length - 1] !== join) known.push(join);
        this.takenUp.set(of, known);
      }
    }
  }

  /** The joins that have taken up a copy of a piece so far, in order. */
  joinsOf(piece: string, copy: number): readonly Join[] {
    return this.takenUp.get(`${piece} ${copy}`) ?? [];
  }

  check(...checks: Array<Check | undefined>): void {
    for (const check of checks) if (check) this.checks.push(check);
  }

  /** Adds a step. Throws FormulaError where the id is taken. */
  step({ handling, ...step }: StepToAdd): void {
    if (this.steps.some(({ id }) => id === step.id)) throw new FormulaError(`two steps are called ${step.id}`);
    this.steps.push({ ...step, ...handled(this, handling) });
  }

  /** A quantity as this person reads it, rounded to its safe side. */
  show(quantity: Quantity): string {
    return formatQuantity(quantity.value, quantity.unit, this.units, quantity.safeSide);
  }

  /** A bare length (mm) as this person reads it. */
  showLength(mm: number, side: SafeSide = 'nearest'): string {
    return formatLength(mm, this.units, side);
  }

  /** A rule of thumb in a round number of the person's own unit: so many mm, or so many inches. */
  about(mm: number, inches: number): string {
    return aboutIn(this.units)(mm, inches);
  }

  /** A length read off a drawing (a curve's length, the laid cloth), mm. */
  drawn(id: string, label: string, value: number): Quantity {
    return Quantity.leaf(id, label, value, 'mm', 'drawing');
  }

  /** Throws Unmakeable where there are more pieces of one cloth than anyone cuts. */
  private assertCuttable(name: string, more: number, role: ClothRole): void {
    const copies = this.pieces.reduce((sum, piece) => sum + (piece.cloth === role ? piece.copies : 0), more);
    if (copies <= MOST_COPIES) return;
    const usable = this.showLength(this.cloths.usableWidth(role).value, 'down');
    throw new Unmakeable(
      role === 'main' || !this.cloths.isNamed(role) ? 'cloth.width' : `cloths.${role}.width`,
      `${copies} pieces would have to be cut, ${more} of them “${name.toLowerCase()}” from cloth with ${usable} between the selvedges; nobody cuts more than ${MOST_COPIES}. Take wider cloth, or make it shorter or less full.`,
    );
  }

  private choice(id: string): { definition: Choice; value: ChoiceValue | null } {
    const definition = this.definitionById.get(id);
    if (!definition) throw new FormulaError(`no choice ${id} in this construction`);
    return { definition, value: this.choices.get(id) ?? null };
  }

  private leaf(id: string, label: string, value: number, unit: QuantityUnit, source: 'measure' | 'choice' | 'figure'): Quantity {
    const known = this.leaves.get(id);
    if (known) return known;
    const leaf = Quantity.leaf(id, label, value, unit, source);
    this.leaves.set(id, leaf);
    return leaf;
  }
}
