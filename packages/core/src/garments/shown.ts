import { formatLength, formatQuantity } from '../units/format.ts';
import type { Units } from '../units/units.ts';
import type { Choice, ChoiceValue } from './choice.ts';

/** The value of a choice as one reads it: a length in the person's unit, a ratio with two places, an option by its name. */
export function choiceShown(choice: Choice, value: ChoiceValue, units: Units, round: 'down' | 'nearest' = 'nearest'): string {
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value !== 'number') return choice.optionLabels?.[String(value)] ?? String(value);
  if (choice.kind === 'length') return formatLength(value, units, round);
  return choice.kind === 'ratio' ? formatQuantity(value, 'ratio', units, round) : String(value);
}

/** Whether a choice applies: what it hangs on has the value it needs, and applies itself. `valueOf`: the value in force of a choice. */
export function isOffered(choice: Choice, all: readonly Choice[], valueOf: (id: string) => ChoiceValue | null): boolean {
  const { when } = choice;
  if (!when) return true;
  const value = valueOf(when.choice);
  const above = all.find(({ id }) => id === when.choice);
  return value !== null && when.is.includes(value) && (!above || isOffered(above, all, valueOf));
}
