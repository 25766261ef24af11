import { formatCloth, formatLength } from './format.ts';
import type { Units } from './units.ts';

const MM: Record<string, number> = { mm: 1, cm: 10, m: 1000 };
const METRIC = /(\d+(?:\.\d+)?)(?:( to | and | or )(\d+(?:\.\d+)?))? (mm|cm|m)\b/g;

/**
 * Prose that speaks metric, for a person who thinks in `units`: "1.5 cm on woven" becomes "5/8 in on woven", "15 to 20 cm" becomes
 * "5 7/8 to 7 7/8 in". Lengths are rounded to the nearest eighth of an inch; metres become yards.
 */
export function inUnits(text: string, units: Units): string {
  if (units === 'cm') return text;
  return text.replace(METRIC, (_all, first: string, joint: string | undefined, second: string | undefined, unit: string) => {
    const say = (figure: string) => {
      const mm = Number(figure) * MM[unit]!;
      return unit === 'm' ? formatCloth(mm, 'in', 'nearest') : formatLength(mm, 'in');
    };
    if (joint === undefined) return say(first);
    // the unit stands once, at the end
    return `${say(first).replace(/ (in|yd)$/, '')}${joint}${say(second!)}`;
  });
}
