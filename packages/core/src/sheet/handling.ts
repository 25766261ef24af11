import { Quantity } from '../quantity/quantity.ts';
import type { Worksheet } from './worksheet.ts';
import type { Step } from '../make/step.ts';

/** Names of the figures of a step's handling, in minutes, each so often; once where nothing is said. */
export type HandlingOf = ReadonlyArray<readonly [figure: string, times?: number]>;

/** A step before its minutes are worked out. */
export type StepToAdd = Omit<Step, 'setUp' | 'handling'> & { handling: HandlingOf };

/** What a step's handling comes to at the pace in hand: what it consists of, and minutes. */
export function handled(sheet: Worksheet, handling: HandlingOf): Pick<Step, 'handling' | 'setUp'> {
  const all = handling.map(([figure, times = 1]) => [figure, times] as const);
  return { handling: all, setUp: all.reduce((sum, [figure, times]) => sum + sheet.minutes(figure).value * times, 0) };
}

/** Minutes of the handling of all steps: every kind of work with its own figure, as often as it comes. */
export function handlingMinutes(sheet: Worksheet): Quantity {
  const times = new Map<string, number>();
  for (const { handling } of sheet.steps) for (const [figure, count] of handling) times.set(figure, (times.get(figure) ?? 0) + count);
  const minutes = [...times].map(([figure, count]) => (count === 1 ? sheet.minutes(figure) : sheet.minutes(figure).times(count)));
  return minutes.length === 0 ? Quantity.constant(0, 'min') : Quantity.sum(minutes).as('min');
}
