import { roundToStep } from '../quantity/rounding.ts';
import type { QuantityUnit, SafeSide } from '../quantity/unit.ts';
import { INCH, STEP, YARD, type StepName, type Units } from './units.ts';

/**
 * A length (mm) as the person reads it, rounded to the step towards the safe side: "11.1 cm", "4 3/8 in".
 * Steps default to 1 mm and 1/8 in.
 */
export function formatLength(mm: number, units: Units, side: SafeSide = 'nearest', step: StepName = units): string {
  const rounded = roundToStep(mm, STEP[step], side);
  return units === 'cm' ? `${(rounded / 10).toFixed(1)} cm` : `${fraction(rounded / INCH)} in`;
}

/** Long lengths of cloth, elastic and thread (mm) as shops speak of them: "1.60 m", "1 3/4 yd". Rounds up unless told otherwise. */
export function formatCloth(mm: number, units: Units, side: SafeSide = 'up'): string {
  if (units === 'cm') return `${(roundToStep(mm, 10, side) / 1000).toFixed(2)} m`;
  return `${fraction(roundToStep(mm, YARD / 8, side) / YARD)} yd`;
}

/** From here on a length is said as the shop says it, mm. */
export const LONG = 1000;

/** A length that may be short or long: "35.5 cm", "31.28 m"; inches, or yards. Rounded up. */
export const formatSewn = (mm: number, units: Units): string => (mm < LONG ? formatLength(mm, units, 'up') : formatCloth(mm, units));

/** Any quantity as the person reads it, rounded to its step towards the safe side. */
export function formatQuantity(value: number, unit: QuantityUnit, units: Units, side: SafeSide = 'nearest', step: StepName = units): string {
  switch (unit) {
    case 'mm':
      return formatLength(value, units, side, step);
    case 'mm2':
      return `${(value / 1e6).toFixed(2)} m²`;
    case 'count':
      return String(roundToStep(value, 1, side));
    case 'deg':
      return `${trim(roundToStep(value, 0.1, side), 1)}°`;
    case 'min':
      return formatMinutes(value);
    case 'ratio':
      return trim(roundToStep(value, 0.01, side), 2);
  }
}

/** Minutes as hours and minutes: "2 h 10 min". Rounded up to the minute. */
export function formatMinutes(minutes: number): string {
  const whole = Math.ceil(minutes - 1e-6);
  const hours = Math.floor(whole / 60);
  const rest = whole % 60;
  if (hours === 0) return `${rest} min`;
  return rest === 0 ? `${hours} h` : `${hours} h ${rest} min`;
}

/** A number in a working: one figure finer than it is shown, never rounded to a side. */
export function exactNumber(value: number, unit: QuantityUnit, units: Units): string {
  switch (unit) {
    case 'mm':
      return units === 'cm' ? `${atLeastOne(value / 10)} cm` : `${atLeastOne(value / INCH)} in`;
    case 'mm2':
      return units === 'cm' ? `${trim(value / 100, 1)} cm²` : `${trim(value / INCH ** 2, 1)} sq in`;
    case 'deg':
      return `${trim(value, 2)}°`;
    case 'min':
      return `${trim(value, 1)} min`;
    default:
      return trim(value, 3);
  }
}

function atLeastOne(value: number): string {
  const text = value.toFixed(2);
  return text.endsWith('0') ? text.slice(0, -1) : text;
}

function trim(value: number, digits: number): string {
  return String(Number(value.toFixed(digits)));
}

/** 4.375 as "4 3/8"; denominators are the powers of two a tape carries. */
function fraction(value: number): string {
  const sign = value < 0 ? '-' : '';
  const sixteenths = Math.round(Math.abs(value) * 16);
  const whole = Math.floor(sixteenths / 16);
  let [top, bottom] = [sixteenths % 16, 16];
  if (top === 0) return `${sign}${whole}`;
  while (top % 2 === 0) [top, bottom] = [top / 2, bottom / 2];
  return whole === 0 ? `${sign}${top}/${bottom}` : `${sign}${whole} ${top}/${bottom}`;
}
