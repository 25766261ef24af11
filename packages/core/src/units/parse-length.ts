import { INCH, YARD, type Units } from './units.ts';
import { VULGAR } from './vulgar.ts';

const PER_UNIT: Record<string, number> = {
  mm: 1,
  cm: 10,
  m: 1000,
  in: INCH,
  inch: INCH,
  inches: INCH,
  '"': INCH,
  "''": INCH,
  '″': INCH,
  '”': INCH,
  ft: 12 * INCH,
  "'": 12 * INCH,
  '′': 12 * INCH,
  '’': 12 * INCH,
  yd: YARD,
  yds: YARD,
  yard: YARD,
  yards: YARD,
};
const TERM = /^\s*(?:(\d+)[\s-]+(\d+)\/(\d+)|(\d+)\/(\d+)|(\d*[.,]?\d+|\d+[.,]))\s*(mm|cm|m|inches|inch|in|ft|yards|yard|yds|yd|''|["″”'′’])?\.?/i;

/** Why a text is not a length, in words that name what would do. */
export interface LengthProblem {
  problem: string;
}

/**
 * Reads a length as people write it and returns millimetres: "66", "66.5 cm", "26 1/2", "26½"", "2 yd", "1.5 m", "5' 4"".
 * A bare number is in `units` (cm or in). Terms add up. Returns a problem in words where the text is no length; never throws.
 */
export function parseLength(text: string, units: Units): number | LengthProblem {
  const example = units === 'cm' ? '“66”, “66.5 cm” or “26 1/2 in”' : '“26”, “26 1/2” or “66.5 cm”';
  let rest = text.replace(/[½¼¾⅛⅜⅝⅞⅓⅔]/g, (sign) => ` ${VULGAR[sign]}`).trim();
  if (rest === '') return { problem: `Type a length such as ${example}.` };
  let total = 0;
  while (rest !== '') {
    const match = TERM.exec(rest);
    if (!match) return { problem: `“${text.trim()}” isn't a length we can read. Try ${example}.` };
    const [all, whole, top, bottom, bareTop, bareBottom, decimal, unit] = match;
    const denominator = Number(bottom ?? bareBottom ?? 1);
    if (denominator === 0) return { problem: `“${text.trim()}” divides by nothing. Try ${example}.` };
    // thousands to some, decimals to others
    if (decimal !== undefined && /^\d{1,3},\d{3}$/.test(decimal))
      return { problem: `“${text.trim()}” can be read two ways. Write it with a point, or without the comma.` };
    const number = decimal !== undefined ? Number(decimal.replace(',', '.')) : Number(whole ?? 0) + Number(top ?? bareTop ?? 0) / denominator;
    total += number * (unit ? PER_UNIT[unit.toLowerCase()]! : units === 'cm' ? 10 : INCH);
    rest = rest.slice(all.length).trim();
    // "12 34" could be anything; "5' 4" could not
    if (rest !== '' && !unit) return { problem: `“${text.trim()}” isn't a length we can read. Try ${example}.` };
  }
  return Number.isFinite(total) ? total : { problem: `“${text.trim()}” is too long to be a length.` };
}
