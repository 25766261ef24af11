import { VULGAR } from './vulgar.ts';

/** Why a text is not a number, in words that name what would do. */
export interface NumberProblem {
  problem: string;
}

const PLAIN = /^([+\-−]?)\s*(?:(\d+)[\s-]+(\d+)\/(\d+)|(\d+)\/(\d+)|(\d*[.,]?\d+|\d+[.,]))$/;
/** A comma before exactly three digits: thousands to some, decimals to others. */
const TWO_WAYS = /^\d{1,3},\d{3}$/;

/** Reads a plain number as people write it: "2", "0,5", "1/2", "1 1/2", "1½". Returns a problem in words where the text is none; never throws. */
export function parseNumber(text: string): number | NumberProblem {
  const written = text.replace(/[½¼¾⅛⅜⅝⅞⅓⅔]/g, (sign) => ` ${VULGAR[sign]}`).trim();
  if (written === '') return { problem: 'Type a number such as “2”, “0,5” or “1 1/2”.' };
  if (TWO_WAYS.test(written)) return { problem: `“${text.trim()}” can be read two ways. Write it with a point, or without the comma.` };
  const match = PLAIN.exec(written);
  if (!match) return { problem: `“${text.trim()}” isn't a number we can read. Try “2”, “0,5” or “1 1/2”.` };
  const [, sign, whole, top, bottom, bareTop, bareBottom, decimal] = match;
  const denominator = Number(bottom ?? bareBottom ?? 1);
  if (denominator === 0) return { problem: `“${text.trim()}” divides by nothing.` };
  const value = decimal !== undefined ? Number(decimal.replace(',', '.')) : Number(whole ?? 0) + Number(top ?? bareTop ?? 0) / denominator;
  return sign === '' || sign === '+' ? value : -value;
}
