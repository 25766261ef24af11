import fc from 'fast-check';
import type { Choice, ChoiceValue } from '../garments/choice.ts';
import type { Construction } from '../garments/construction.ts';
import type { PlanRequest } from '../plan/request.ts';
import { anyBody } from './bodies.ts';

/** Values of a choice worth trying: every option, or for numbers their ends, their default and what lies between. */
export function valuesOf(choice: Choice): ChoiceValue[] {
  if (choice.kind === 'yes-no') return [true, false];
  if (choice.kind === 'one-of') return choice.options!;
  const { min = 0, max = 1000 } = choice;
  const middle = choice.kind === 'count' ? Math.round((min + max) / 2) : (min + max) / 2;
  return [...new Set([min, max, middle, ...(typeof choice.default === 'number' ? [choice.default] : [])])];
}

const anyValue = (choice: Choice): fc.Arbitrary<ChoiceValue> => {
  if (choice.kind === 'yes-no') return fc.boolean();
  if (choice.kind === 'one-of') return fc.constantFrom(...choice.options!);
  const { min = 0, max = 1000 } = choice;
  return choice.kind === 'count'
    ? fc.integer({ min, max })
    : fc.double({ min, max, noNaN: true, noDefaultInfinity: true }).map((value) => Number(value.toFixed(2)));
};

const WOVEN = { kind: 'woven' as const, frays: true };
const KNIT = { kind: 'knit' as const, stretchAcross: 0.6, stretchAlong: 0.2, frays: false };

/** Any body with any of a construction's choices, on any cloth. */
export function anyRequest(construction: Construction): fc.Arbitrary<PlanRequest> {
  const choices = fc.record(
    Object.fromEntries(construction.choices.map((choice) => [choice.id, fc.option(anyValue(choice), { nil: undefined, freq: 2 })])),
  );
  return fc
    .record({
      body: anyBody,
      choices,
      width: fc.integer({ min: 600, max: 2800 }),
      kind: fc.constantFrom(WOVEN, KNIT),
      print: fc.constantFrom('none' as const, 'up' as const, 'across' as const),
      oneWay: fc.boolean(),
      units: fc.constantFrom('cm' as const, 'in' as const),
    })
    .map(({ body, choices: chosen, width, kind, print, oneWay, units }) => ({
      construction: construction.id,
      body,
      choices: Object.fromEntries(Object.entries(chosen).filter(([, value]) => value !== undefined)) as Record<string, ChoiceValue>,
      cloth: { width, print, oneWay, ...kind },
      units,
    }));
}

/** Every pair of values of two of a construction's choices that are no plain numbers; each numeric choice at its ends on its own. */
export function optionPairs(construction: Construction): Array<Record<string, ChoiceValue>> {
  const picked = construction.choices.filter(({ kind }) => kind === 'one-of' || kind === 'yes-no');
  const ends = construction.choices
    .filter(({ kind }) => kind !== 'one-of' && kind !== 'yes-no')
    .flatMap((choice) => valuesOf(choice).map((value) => ({ [choice.id]: value })));
  const pairs = picked.flatMap((one, i) =>
    picked.slice(i + 1).flatMap((other) => valuesOf(one).flatMap((a) => valuesOf(other).map((b) => ({ [one.id]: a, [other.id]: b })))),
  );
  return [...pairs, ...ends];
}
