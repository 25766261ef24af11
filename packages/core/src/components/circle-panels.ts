import { Unmakeable } from '../errors/unmakeable.ts';
import { addJoin } from '../joins/join.ts';
import { sewStep } from '../joins/stitching.ts';
import { Quantity } from '../quantity/quantity.ts';
import { footprint, makePiece, type ClothRole, type Piece, type Turn } from '../shapes/piece.ts';
import { circleShape, type CircleShapeOptions } from '../shapes/sector.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { hemAllowance } from './hem-edge.ts';

/** A panel wider than this that must open is slit and faced: there is no cloth left for two side allowances, degrees. */
const SLIT_ABOVE = 330;
/** More panels than this are gores, not a circle. */
export const MOST_PANELS = 48;

interface Radii {
  inner: Quantity;
  innerCut: Quantity;
  length: Quantity;
  fraction: Quantity;
  zip: boolean;
  /** It never closes to a ring: its first and last edges stay edges. */
  open?: boolean;
  /** Allowance of the hole where it is not a seam, mm. */
  hole?: number;
  /** What it is called where it is no skirt, and what its hole goes round. */
  called?: { name: string; around: 'waist' | 'neck' };
}

export interface CirclePanels {
  piece: Piece;
  panels: Quantity;
  angle: Quantity;
  /** The same as it is drawn: a ring that is slit is a hair less. */
  panelAngle: Quantity;
  outer: Quantity;
  turns: Turn[];
  /** One whole ring of cloth. */
  whole: boolean;
  /** One panel that has no cloth left for side allowances. */
  slit: boolean;
}

/** The panels as chosen, or the fewest that fit the cloth. Throws Unmakeable where none does. */
export function cutCirclePanels(sheet: Worksheet, radii: Radii): CirclePanels {
  const hem = hemAllowance(sheet);
  const outer = sheet.put('hem-radius', 'Hem radius', 'up', radii.inner.plus(radii.length));
  const outerCut = sheet.put('hem-radius-cut', 'Hem radius, to cut', 'up', outer.plus(hem));
  const options = { ...radii, outer, outerCut, hem: hem.value };
  const count = panelCount(sheet, options);
  const panels = sheet.put('panels', 'Panels', 'up', count);
  const angle = sheet.put('panel-angle', 'Angle of a panel', 'nearest', Quantity.constant(360, 'deg').times(radii.fraction).over(panels));
  const sketch = panelSketch(sheet, options, angle, panels.value);
  const turns = turnsThatFit(sheet, sketched(sketch))!;
  const piece = cutCircle(sheet, { ...sketch, id: 'skirt', name: nameOf(radii, panels.value, angle.value), copies: panels.value, turns });
  const whole = piece.cutHoles.length > 0;
  return { piece, panels, angle, panelAngle: sketch.angle, outer, turns, whole, slit: !whole && sketch.side === 0 };
}

type Sketch = CircleShapeOptions & { quantityIds: string[] };

/** Cuts panels of a circle, or a ring. */
export function cutCircle(
  sheet: Worksheet,
  {
    id,
    name,
    copies,
    turns,
    cloth,
    quantityIds = [],
    ...shape
  }: CircleShapeOptions & { id: string; name: string; copies: number; turns: Turn[]; cloth?: ClothRole; quantityIds?: string[] },
): Piece {
  const slit = shape.slit ? [{ name: 'slit', from: [0, -shape.inner.value] as const, to: [0, -shape.outer.value] as const }] : [];
  return sheet.cut({
    id,
    name,
    copies,
    grain: 'any',
    turns,
    ...(cloth ? { cloth } : {}),
    quantityIds: cloth ? ['lining-length'] : quantityIds,
    lines: slit,
    shape: circleShape(shape),
  });
}

function nameOf({ fraction, called }: Radii, count: number, angleDeg: number): string {
  const name = called?.name ?? 'Skirt';
  if (angleDeg > 360 - 1e-9) return count === 1 ? `${name}, whole circle` : `${name}, whole circle, slit`;
  return count === 1 ? name : count === 2 && Math.abs(fraction.value - 1) < 1e-9 ? `${name} half` : `${name} panel`;
}

interface Options extends Radii {
  outer: Quantity;
  outerCut: Quantity;
  hem: number;
}

/** A ring that is joined to others is slit by so much at the waist, mm: a cut has no width. */
const SLIT = 0.002;

function panelSketch(
  sheet: Worksheet,
  { inner, innerCut, outer, outerCut, hem, zip, open = false, hole, called }: Options,
  of: Quantity,
  panels: number,
): Sketch {
  const seam = sheet.number('seam').value;
  const full = of.value > 360 - 1e-9;
  const whole = full && panels === 1 && !open;
  // whole rings that are joined to each other are each slit along one radius
  const angle = full && !whole ? of.minus(Quantity.constant(((SLIT / inner.value) * 180) / Math.PI, 'deg', undefined, 'a slit')) : of;
  return {
    inner,
    innerCut,
    outer,
    outerCut,
    angle,
    waist: hole ?? seam,
    side: !open && angle.value > SLIT_ABOVE && (zip || full) && !whole ? 0 : seam,
    hem,
    slit: whole && zip,
    around: called?.around ?? 'waist',
    open: open && panels === 1,
    quantityIds: ['waist-radius-cut', 'hem-radius-cut'],
  };
}

const sketched = (sketch: Sketch): Piece => {
  const shape = circleShape(sketch);
  return makePiece({ id: 'skirt', name: 'Skirt', copies: 1, grain: 'any', turns: [0], ...shape.draw(shape.inputs.map(({ value }) => value)) });
};

function panelCount(sheet: Worksheet, options: Options): Quantity {
  const { fraction, zip } = options;
  const fewest = Math.ceil(fraction.value - 1e-9);
  const fits = (count: number): boolean => {
    const angle = Quantity.constant((360 * fraction.value) / count, 'deg');
    try {
      return turnsThatFit(sheet, sketched(panelSketch(sheet, options, angle, count))) !== undefined;
    } catch (error) {
      if (error instanceof Unmakeable) return false;
      throw error;
    }
  };
  const firstFit = (from: number): number | undefined => {
    for (let count = from; count <= MOST_PANELS; count++) if (fits(count)) return count;
    return undefined;
  };
  if (!sheet.isSet('panels')) {
    const least = Math.max(1, fewest, zip && Math.abs(fraction.value - 1) < 1e-9 ? 2 : 1);
    const count = firstFit(least);
    if (count === undefined)
      throw new Unmakeable(
        'cloth.width',
        `No panel of this ${(options.called?.name ?? 'Skirt').toLowerCase()} fits ${sheet.show(sheet.usableWidth)} of usable width.`,
      );
    return Quantity.constant(count, 'count', undefined, `fewest that fit ${sheet.show(sheet.usableWidth)} between the selvedges`);
  }
  const chosen = sheet.number('panels');
  if (chosen.value < fewest)
    throw new Unmakeable(
      'choices.panels',
      `A panel can't be more than a whole circle: ${fraction.value} circles take at least ${fewest}.`,
      firstFit(fewest),
    );
  if (!fits(chosen.value))
    throw new Unmakeable(
      'choices.panels',
      `Panels this wide don't fit ${sheet.show(sheet.usableWidth)} of usable width.`,
      firstFit(chosen.value + 1),
    );
  return chosen;
}

/** Lying as the print wants it, else (no print) standing on end; all panels the same way, so that they hang alike. */
function turnsThatFit(sheet: Worksheet, piece: Piece): Turn[] | undefined {
  const { print, oneWay } = sheet.cloth;
  const bases: Turn[] = print === 'none' ? [0, 90] : print === 'up' ? [0] : [90];
  const base = bases.find((turn) => footprint(piece, turn).width <= sheet.usableWidth.value + 1e-6);
  if (base === undefined) return undefined;
  return oneWay ? [base] : [base, (base + 180) as Turn];
}

/** A whole ring of lining slit where the skirt is, its edges turned back beside the zip. */
export function slitLining(sheet: Worksheet, lining: string, long: Quantity): void {
  const join = addJoin(sheet, { id: 'lining-slit', how: 'face', layers: [], onto: lining, long, step: 'lining-zip' });
  sewStep(sheet, {
    id: 'lining-zip',
    title: 'Slit the lining and catch it to the zip by hand',
    sews: [join],
    byHand: true,
    handling: [['facing']],
    how: `Slit the lining behind the zip, ${sheet.show(long)} down. Turn both edges back in a narrow V, clear of the teeth, and sew them to the zip tape by hand; work a few stitches over and over at the end of the slit.`,
    why: 'Then the lining cannot get into the teeth, and the slit cannot tear further.',
  });
}
