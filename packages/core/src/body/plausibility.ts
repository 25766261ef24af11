import { formatLength } from '../units/format.ts';
import { INCH, type Units } from '../units/units.ts';
import { measureById, type Body } from './measures.ts';

/** A question about a measure, never a refusal. */
export interface Doubt {
  measure: string;
  says: string;
  /** What it may have been meant to be, mm: offered to be taken. */
  take?: number;
}

/** A girth that moved by more than this share since last time is asked about (common practice, no source). */
const MOVED = 0.05;
/** Waist-to-hip of adults, mm (common practice, no source). Adults are taken as a hip of 760 mm or more. */
const ADULT_WAIST_TO_HIP = [150, 250] as const;
const ADULT_HIP = 760;

/**
 * What to ask about a set of measures (mm). `before` holds the last value of each measure, where there is one.
 * Covers: outside the usual range, inches typed as centimetres and the reverse, hip below waist, waist-to-hip, moved > 5 %.
 */
export function doubtsAbout(body: Body, units: Units, before: Body = {}): Doubt[] {
  const doubts: Doubt[] = [];
  const say = (measure: string, says: string, take?: number) => doubts.push({ measure, says, ...(take === undefined ? {} : { take }) });
  const show = (mm: number) => formatLength(mm, units);
  for (const [id, value] of Object.entries(body)) {
    const measure = measureById(id);
    if (!measure) continue;
    const [low, high] = measure.usual;
    const within = (mm: number) => mm >= low && mm <= high;
    if (!within(value)) {
      const asInches = (value / 10) * INCH;
      const asCentimetres = (value / INCH) * 10;
      if (value < low && within(asInches))
        say(id, `${show(value)} is very small for this. Were these inches? ${(value / 10).toFixed(1)} in would be ${show(asInches)}.`, asInches);
      else if (value > high && within(asCentimetres))
        say(id, `${show(value)} is very large for this. Were these centimetres? That would be ${show(asCentimetres)}.`, asCentimetres);
      else say(id, `${show(value)} is unusual: most people are between ${show(low)} and ${show(high)}. Measure once more?`);
    }
    const last = before[id];
    if (last !== undefined && measure.kind === 'girth' && Math.abs(value - last) > MOVED * last) {
      say(id, `It was ${show(last)} last time. A slip, another unit, or a real change?`);
    }
  }
  const { 'waist-girth': waist, 'hip-girth': hip, 'waist-to-hip': drop } = body;
  if (waist !== undefined && hip !== undefined && hip < waist)
    say('hip-girth', `The hip (${show(hip)}) is smaller than the waist (${show(waist)}). Were they swapped?`);
  if (drop !== undefined && hip !== undefined && hip >= ADULT_HIP && (drop < ADULT_WAIST_TO_HIP[0] || drop > ADULT_WAIST_TO_HIP[1])) {
    say('waist-to-hip', `From waist to hip is usually ${show(ADULT_WAIST_TO_HIP[0])} to ${show(ADULT_WAIST_TO_HIP[1])} on an adult.`);
  }
  return doubts;
}
