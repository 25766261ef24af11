/** mm: millimetres; ratio and count: plain numbers; deg: degrees; min: minutes; mm2 only inside a formula. */
export type QuantityUnit = 'mm' | 'mm2' | 'ratio' | 'count' | 'deg' | 'min';

/** The direction in which a rounding error can still be mended. */
export type SafeSide = 'down' | 'up' | 'nearest';

/** The power of length a unit carries: 1 for mm, 2 for mm2, 0 for the rest. */
export function lengthPower(unit: QuantityUnit): number {
  return unit === 'mm' ? 1 : unit === 'mm2' ? 2 : 0;
}

/** The unit of a product or quotient; plain numbers take on the unit of the other side. */
export function unitOfPower(power: number, left: QuantityUnit, right: QuantityUnit): QuantityUnit | undefined {
  if (power === 1) return 'mm';
  if (power === 2) return 'mm2';
  if (power !== 0) return undefined;
  if (lengthPower(left) > 0) return 'ratio';
  if (left === 'deg' || right === 'deg') return 'deg';
  if (left === 'min' || right === 'min') return 'min';
  return left === 'count' && right === 'count' ? 'count' : 'ratio';
}
