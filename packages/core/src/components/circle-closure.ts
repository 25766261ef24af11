import type { WayOut } from '../checks/check.ts';
import { Unmakeable } from '../errors/unmakeable.ts';
import { Quantity, TWO_PI } from '../quantity/quantity.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import type { Span } from '../sheet/join.ts';
import type { Lining } from './lining.ts';
import { addWaist, type WaistKind } from './waist.ts';

/** No less of a circle can be chosen, and no narrower allowance, mm. */
const LEAST_FRACTION = 0.1;
const LEAST_SEAM = 3;

/** How a skirt with a round hole at the waist goes on, and the numbers that follow. */
export interface CircleClosure {
  kind: WaistKind;
  zip: boolean;
  /** Girth of the waist seam, radius of the hole on the seam line and as cut, mm. */
  seamGirth: Quantity;
  inner: Quantity;
  innerCut: Quantity;
  waysOut: WayOut[];
}

const KINDS: Record<string, WaistKind> = { zip: 'fitted-band', stretch: 'stretch-band', 'pull-on': 'tube-band' };

/** The waist seam and its radius for part of a circle. Throws Unmakeable where no waist or no hole is left. */
export function circleClosure(sheet: Worksheet, fraction: Quantity = Quantity.constant(1, 'ratio')): CircleClosure {
  const closure = sheet.oneOf('closure');
  const [waist, seam] = [sheet.girth('waist'), sheet.number('seam')];
  const pullOn = closure === 'pull-on';
  const worn = pullOn ? sheet.girth('hip').plus(sheet.number('pullOnEase')) : waist.plus(sheet.number('waistEase'));
  const seamGirth = sheet.put('seam-girth', 'Waist seam', 'nearest', worn);
  if (seamGirth.value <= 0) throw new Unmakeable('choices.waistEase', 'The waist seam would have no length.', 0);
  const whole = fraction.formula.op === 'constant';
  const inner = sheet.put('waist-radius', 'Waist radius', 'down', seamGirth.over(whole ? TWO_PI : TWO_PI.times(fraction)));
  const innerCut = sheet.put('waist-radius-cut', 'Waist radius, to cut', 'down', inner.minus(seam));
  if (innerCut.value <= 0) throw noHole(sheet, inner, whole ? undefined : seamGirth.value / (2 * Math.PI * seam.value));
  if (pullOn) sheet.put('fullness', 'Gathered at the waist', 'nearest', seamGirth.over(waist));
  const zipOut: WayOut = { says: 'Put in a zip', choices: { closure: 'zip' } };
  const pullOut: WayOut = { says: 'Make it wide enough for the hips and draw it in with elastic', choices: { closure: 'pull-on' } };
  return {
    kind: KINDS[closure]!,
    zip: closure === 'zip',
    seamGirth,
    inner,
    innerCut,
    waysOut: pullOn ? [{ says: 'More room over the hips', choices: { pullOnEase: 50 } }, zipOut] : closure === 'zip' ? [pullOut] : [zipOut, pullOut],
  };
}

/** Where the allowance leaves no hole: less of a circle, a narrower allowance, or a wider waist, whichever can be. `most`: what fraction would. */
export function noHole(sheet: Worksheet, inner: Quantity, most?: number): Unmakeable {
  const seam = sheet.number('seam');
  const says = `The allowance (${sheet.show(seam)}) is wider than the waist radius (${sheet.show(inner)}): no hole is left to cut.`;
  const less = most === undefined ? 0 : Math.floor(most * 100 - 1) / 100;
  if (less >= LEAST_FRACTION) return new Unmakeable('choices.fraction', says, less);
  const narrower = Math.floor(inner.value / 2);
  if (narrower >= LEAST_SEAM) return new Unmakeable('choices.seam', says, narrower);
  const girth = 2 * Math.PI * (most === undefined ? 1 : LEAST_FRACTION) * seam.value * 2;
  return new Unmakeable('choices.waistEase', says, Math.ceil(girth - sheet.girth('waist').value));
}

/** The waist of a round hole closed as it was decided. Returns the girth it is held to when worn, mm. */
export function addCircleWaist(
  sheet: Worksheet,
  { kind, seamGirth, waysOut }: CircleClosure,
  { edge, lining, zip, tryOnSays }: { edge: Span[]; lining?: Lining | undefined; zip?: Quantity | undefined; tryOnSays: string },
): Quantity {
  return addWaist(sheet, { kind, edge, girth: seamGirth, waysOut, tryOnSays, ...(lining ? { lining } : {}), ...(zip ? { zip } : {}) });
}
