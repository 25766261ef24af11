/** One line of a person's ledger, mm. */
interface Taken {
  measure: string;
  value: number;
  /** ISO 8601. */
  takenOn: string;
  struck: boolean;
}

/** How one measure has changed from the first time it was taken on. */
export interface Growth {
  measure: string;
  /** Oldest first; the last of a day counts. */
  points: Array<{ on: string; value: number }>;
  /** Since the first, mm. */
  grew: number;
  /** At that pace in a year, mm. */
  perYear: number;
}

const DAY = 86_400_000;
const YEAR = 365.25;

/** What was taken on two days or more, and how it has grown; slips that were struck out don't count. */
export function growthOf(ledger: readonly Taken[]): Growth[] {
  const byMeasure = new Map<string, Map<string, number>>();
  for (const { measure, value, takenOn, struck } of ledger) {
    if (struck) continue;
    byMeasure.set(measure, (byMeasure.get(measure) ?? new Map<string, number>()).set(takenOn, value));
  }
  return [...byMeasure].flatMap(([measure, days]) => {
    const points = [...days].map(([on, value]) => ({ on, value })).sort((a, b) => a.on.localeCompare(b.on));
    const [first, last] = [points[0]!, points[points.length - 1]!];
    const passed = (Date.parse(last.on) - Date.parse(first.on)) / DAY;
    if (passed <= 0) return [];
    const grew = last.value - first.value;
    return [{ measure, points, grew, perYear: (grew / passed) * YEAR }];
  });
}
