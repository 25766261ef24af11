import { BadInput } from '../errors/bad-input.ts';
import { Unmakeable } from '../errors/unmakeable.ts';
import type { ChoiceValue } from '../garments/choice.ts';
import { constructionById } from '../garments/index.ts';
import { draftFor } from '../plan/plan.ts';
import type { PlanRequest } from '../plan/request.ts';
import { formatLength } from '../units/format.ts';
import type { Outcome } from './experience.ts';

/** What one make taught the next of its kind. */
export interface Lesson {
  says: string;
  change: Record<string, ChoiceValue>;
}

/** Less than this is no lesson, mm. */
const LEAST = 5;

/**
 * What to choose otherwise when the same is made again, so that it comes out as it was meant: each from a number that came out otherwise,
 * each tried. `request`: the make as it would be made again.
 */
export function lessonsOf({ planned, actuals }: Pick<Outcome, 'planned' | 'actuals'>, request: PlanRequest): Lesson[] {
  const construction = constructionById(request.construction);
  if (!construction) return [];
  const units = request.units ?? 'cm';
  const choices = request.choices ?? {};
  const numberOf = (id: string) => {
    const choice = construction.choices.find((each) => each.id === id);
    const value = choices[id] ?? choice?.default;
    return choice && typeof value === 'number' ? value : undefined;
  };
  const more = (id: string) => (planned[id] === undefined || actuals[id] === undefined ? 0 : actuals[id] - planned[id]);
  const show = (mm: number) => formatLength(Math.abs(mm), units);
  const found: Lesson[] = [];
  const girth = more('finished-girth');
  const ease = ['waistEase', 'pullOnEase'].find((id) => numberOf(id) !== undefined && (id === 'pullOnEase') === (choices['closure'] === 'pull-on'));
  if (Math.abs(girth) >= LEAST && ease)
    found.push({
      says: `The waist came out ${show(girth)} too ${girth > 0 ? 'large' : 'small'}: ${girth > 0 ? 'less' : 'more'} ease this time`,
      change: { [ease]: numberOf(ease)! - girth },
    });
  const length = more('finished-length');
  const long = ['length', 'skirtLength', 'sideLength'].find((id) => numberOf(id) !== undefined);
  if (Math.abs(length) >= LEAST && long)
    found.push({
      says: `It came out ${show(length)} too ${length > 0 ? 'long' : 'short'}: cut it ${length > 0 ? 'shorter' : 'longer'}`,
      change: { [long]: numberOf(long)! - length },
    });
  const elastic = more('elastic-cut');
  if (Math.abs(elastic) >= LEAST && planned['elastic-finished'] !== undefined && numberOf('elasticSnug') !== undefined)
    found.push({
      says: `The elastic was cut ${show(elastic)} ${elastic > 0 ? 'longer' : 'shorter'} than planned: begin with that`,
      change: { elasticSchool: 'try-on', elasticTryOn: planned['elastic-finished'] + elastic },
    });
  return found.filter(({ change }) => {
    try {
      draftFor({ ...request, choices: { ...choices, ...change } });
      return true;
    } catch (error) {
      if (error instanceof Unmakeable || error instanceof BadInput) return false;
      throw error;
    }
  });
}
