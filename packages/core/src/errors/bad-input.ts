/** Thrown when a request names something unknown, or a value is of the wrong type or outside what its field can mean (HTTP 400). */
export class BadInput extends Error {
  override readonly name = 'BadInput';
  constructor(
    /** The field, as the request spells it: "choices.fraction". */
    readonly field: string,
    /** What is wrong and what would do. */
    readonly says: string,
  ) {
    super(`${field}: ${says}`);
  }
}
