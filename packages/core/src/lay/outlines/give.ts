/** What two pieces may share where they touch, mm2, and how deep at most, mm: edges drawn to a thousandth of a millimetre close with it. */
const SHARED = 0.4;
const DEEPEST = 1e-3;

/** How deep two pieces may overlap along `side` mm of touching edges, mm. No scissors know it, and drawings rounded in their last digit close. */
export function giveAlong(side: number): number {
  return Math.min(DEEPEST, SHARED / side);
}
