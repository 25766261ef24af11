/** Thrown when a formula adds unlike units or divides by nothing: a mistake in our code, never in a person's input. */
export class FormulaError extends Error {
  override readonly name = 'FormulaError';
}
