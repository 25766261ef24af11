import { wearerOf } from '../body/wearer.ts';
import { measureById, type Body } from '../body/measures.ts';
import type { Cloth } from '../cloth/cloth.ts';
import { BadInput } from '../errors/bad-input.ts';
import type { ChoiceValue } from '../garments/choice.ts';
import type { Construction } from '../garments/construction.ts';
import { CONSTRUCTIONS } from '../garments/index.ts';
import { proposalsFor } from '../garments/proposals.ts';
import type { Layer } from '../plan/plan-lay.ts';
import type { Plan } from '../plan/plan.ts';
import type { PlanRequest } from '../plan/request.ts';
import type { Units } from '../units/units.ts';
import { largestThatFits, takenOffBolt, withChoice } from './fitting.ts';

/** One thing a cloth can become. */
export interface Becomes {
  construction: string;
  name: string;
  /** Solved: the longest, then (where the length is as long as one wears it) the fullest that fits. */
  choices: Record<string, ChoiceValue>;
  /** Which of them make it fuller than usual. */
  fuller: string[];
  plan: Plan;
  /** Cloth it takes off the bolt, mm. */
  takes: number;
}

/** Why a garment can't come of this cloth, in words. */
export interface BecomesNot {
  construction: string;
  name: string;
  why: string;
}

/** Nobody wears them longer than this where the height isn't known, mm. */
const LONGEST_SKIRT = 1000;
const LONGEST_DRESS = 1400;
/** Hem clear of the floor, mm (common practice, no source). */
const ABOVE_FLOOR = 40;

/**
 * Everything `onHand` mm of a cloth can become for a person, each in its longest or fullest version that fits; solved by laying, not
 * guessed. What can't be made of it comes with its reason.
 */
export function whatItBecomes(
  body: Body,
  cloth: Partial<Cloth>,
  onHand: number,
  units: Units,
  layer?: Layer,
): { can: Becomes[]; cannot: BecomesNot[] } {
  const can: Becomes[] = [];
  const cannot: BecomesNot[] = [];
  for (const construction of CONSTRUCTIONS) {
    const { id, name } = construction;
    try {
      const found = solve(
        construction,
        {
          construction: id,
          body,
          cloth,
          units,
          choices: proposalsFor(construction, { units, wearer: wearerOf(body), body, ...(cloth.kind ? { kind: cloth.kind } : {}) }),
        },
        onHand,
        layer,
      );
      if (typeof found === 'string') cannot.push({ construction: id, name, why: found });
      else can.push(found);
    } catch (error) {
      if (!(error instanceof BadInput)) throw error;
      cannot.push({
        construction: id,
        name,
        why: `It needs a measure: ${measureById(error.field.replace('body.', ''))?.label.toLowerCase() ?? error.field}.`,
      });
    }
  }
  return { can: can.sort((a, b) => b.takes - a.takes), cannot };
}

function solve(construction: Construction, request: PlanRequest, onHand: number, layer?: Layer): Becomes | string {
  const [length, ...others] = construction.choices.filter(({ saves, when }) => saves === 'less' && !when);
  if (!length) return 'There is nothing to solve for.';
  // what hangs from the shoulders counts from there; the rest from the waist or near it
  const fromShoulder = [...construction.needs, ...construction.optional].includes('shoulder-to-floor');
  const floor = request.body[fromShoulder ? 'shoulder-to-floor' : 'waist-to-floor'];
  const longest = fromShoulder ? LONGEST_DRESS : LONGEST_SKIRT;
  const most = Math.min(length.max ?? longest, floor === undefined ? longest : floor - ABOVE_FLOOR);
  const least = Math.max(length.min ?? 0, Math.min(Number(length.default ?? 0), most) * 0.5);
  let best = largestThatFits(request, length, least, most, onHand, layer);
  if (!best) return 'There is too little cloth, or it is too narrow.';
  let choices = { ...request.choices, [length.id]: best.value };
  const fuller: string[] = [];
  // as long as one wears it and cloth to spare: make it fuller
  for (const choice of best.value >= most - 10 ? others : []) {
    const usual = Number(choice.default);
    const more = largestThatFits({ ...request, choices }, choice, usual, Math.min(choice.max ?? usual, usual * 2), onHand, layer);
    if (!more || more.value <= usual) continue;
    fuller.push(choice.id);
    choices = { ...choices, [choice.id]: more.value };
    best = more;
  }
  const stop = best.plan.checks.find(({ verdict, id }) => verdict === 'stop' && id !== 'cloth-long-enough');
  if (stop) {
    const way = stop.waysOut?.find(({ choices: change }) => change)?.choices;
    if (!way) return stop.says;
    const again = Object.entries(way).reduce((changed, [id, value]) => withChoice(changed, id, value), request);
    return construction.choices.every(({ id }) => way[id] === undefined || request.choices?.[id] !== way[id])
      ? solve(construction, again, onHand, layer)
      : stop.says;
  }
  return { construction: construction.id, name: construction.name, choices, fuller, plan: best.plan, takes: takenOffBolt(best.plan) };
}
