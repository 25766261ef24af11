/** Thrown when a well-formed request describes something no piece can be drawn for, or that fits no cloth (HTTP 422). */
export class Unmakeable extends Error {
  override readonly name = 'Unmakeable';
  constructor(
    /** The field that would have to change: "choices.fullness". */
    readonly field: string,
    /** Why it can't be made, in words for the person at the table. */
    readonly says: string,
    /** The nearest value of that field which can be made, in the field's own unit (mm, ratio, count). */
    readonly nearest?: number | string,
  ) {
    super(
      `${field}: ${says}${nearest === undefined ? '' : ` The nearest that can be made: ${typeof nearest === 'number' ? Number(nearest.toFixed(3)) : nearest}.`}`,
    );
  }
}
