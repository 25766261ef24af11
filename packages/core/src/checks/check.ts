import type { Elastic } from '../cloth/elastic.ts';

export type Verdict = 'ok' | 'tight' | 'caution' | 'stop';

/** One way out of a stop or a caution: what it says, and what it changes in the request. */
export interface WayOut {
  says: string;
  choices?: Record<string, number | string | boolean>;
  /** Another elastic. */
  elastic?: Partial<Elastic>;
  /** What it costs beside the plan as it is: minutes at the table, and cloth covered, m2; less than 0 where it saves. */
  costs?: { minutes: number; cloth: number };
}

/** What was looked at, how it stands, and what to do about it. */
export interface Check {
  id: string;
  verdict: Verdict;
  says: string;
  /** The figures behind the verdict: mm, ratios, counts. */
  numbers: Record<string, number>;
  waysOut?: WayOut[];
}

const GRAVITY: Record<Verdict, number> = { ok: 0, tight: 1, caution: 2, stop: 3 };

/** Whether a check stands better than another. */
export const betterThan = (one: Check, other: Check): boolean => GRAVITY[one.verdict] < GRAVITY[other.verdict];

/** The gravest of several checks; undefined of none. */
export function gravest(checks: readonly Check[]): Check | undefined {
  return checks.reduce<Check | undefined>((worst, check) => (!worst || GRAVITY[check.verdict] > GRAVITY[worst.verdict] ? check : worst), undefined);
}
