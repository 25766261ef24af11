import type { Choice, ChoiceValue } from '../garments/choice.ts';
import type { Construction } from '../garments/construction.ts';
import { constructionById } from '../garments/index.ts';
import { choiceShown } from '../garments/shown.ts';
import type { Layer } from '../plan/plan-lay.ts';
import type { PlanRequest } from '../plan/request.ts';
import { largestThatFits, planOrNone, takenOffBolt, withChoice } from './fitting.ts';

/** A way to make do with the cloth there is. */
export interface ClothWayOut {
  says: string;
  choices: Record<string, ChoiceValue>;
  /** Cloth it takes off the bolt, mm. */
  takes: number;
  /** How much of the wish it gives up: 0 nothing one sees, 1 all. */
  gives: number;
}

/** What one hardly sees gives up this share of the wish, what one sees (another seam, another hem) a little more. */
const UNSEEN = 0.02;
const SEEN = 0.08;

/** Cut in this many more parts at most to lie closer: more is another garment. */
const FEW = 3;

/** What else may be changed so that more of a shape fits: the first few counts that save cloth (panels). */
function inMoreParts({ choices }: Construction): Array<Record<string, ChoiceValue>> {
  return choices.flatMap(({ id, kind, saves }) =>
    kind === 'count' && Array.isArray(saves) ? saves.slice(0, FEW).map(({ to }) => ({ [id]: to })) : [],
  );
}

/** Those of the choices that were not asked for, in words: "cut it in 2 panels". */
function partsSaid({ choices }: Construction, taken: Record<string, ChoiceValue>): string[] {
  return choices.flatMap(({ id, saves }) => {
    const way = Array.isArray(saves) ? saves.find(({ to }) => to === taken[id]) : undefined;
    return way ? [way.says.charAt(0).toLowerCase() + way.says.slice(1)] : [];
  });
}

/**
 * Every way to get the garment out of `onHand` mm of cloth that changes one decision, the least painful first; none where it fits as
 * it is. Decisions that save cloth say so themselves (`saves`).
 */
export function waysOutOfTooLittle(request: PlanRequest, onHand: number, layer?: Layer): ClothWayOut[] {
  const construction = constructionById(request.construction);
  const now = planOrNone(request, layer);
  if (!construction || (now && takenOffBolt(now) <= onHand)) return [];
  const units = request.units ?? 'cm';
  const inForce = (choice: Choice) => request.choices?.[choice.id] ?? now?.choices.get(choice.id) ?? choice.default;
  const ways: ClothWayOut[] = [];
  for (const choice of construction.choices) {
    const value = inForce(choice);
    if (choice.when && !choice.when.is.includes(inForce(construction.choices.find(({ id }) => id === choice.when!.choice)!) as ChoiceValue)) continue;
    if (choice.saves === 'less' && typeof value === 'number') {
      const found = largestThatFits(request, choice, choice.min ?? 0, value, onHand, layer, choice.kind === 'ratio' ? inMoreParts(construction) : []);
      if (!found || found.value >= value) continue;
      const show = (x: number) => choiceShown(choice, x, units, 'down');
      ways.push({
        says: [`${choice.label}: ${show(found.value)} instead of ${show(value)}`, ...partsSaid(construction, found.choices)].join(', '),
        choices: found.choices,
        takes: takenOffBolt(found.plan),
        gives: 1 - found.value / value,
      });
    } else if (Array.isArray(choice.saves)) {
      // the first of several steps that is enough: no more panels than need be
      for (const { to, says } of choice.saves) {
        if (to === value) continue;
        const plan = planOrNone(withChoice(request, choice.id, to), layer);
        if (!plan || takenOffBolt(plan) > onHand) continue;
        ways.push({ says, choices: { [choice.id]: to }, takes: takenOffBolt(plan), gives: choice.fine ? UNSEEN : SEEN });
        break;
      }
    }
  }
  return ways.sort((a, b) => a.gives - b.gives);
}
