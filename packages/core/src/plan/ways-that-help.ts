import { BadInput } from '../errors/bad-input.ts';
import { Unmakeable } from '../errors/unmakeable.ts';
import { betterThan, type Check, type WayOut } from '../checks/check.ts';
import type { PlanRequest } from './request.ts';

/**
 * Leaves of every check only the ways out that help: tried alone, one lifts the verdict and brings no other check to stop. Of ways that
 * take more or less of the same things the first that helps is enough. What only says something in words stays.
 */
export function keepWaysThatHelp(checks: Check[], request: PlanRequest, checksOf: (request: PlanRequest) => readonly Check[]): void {
  checks.forEach((check, i) => {
    if (!check.waysOut) return;
    if (check.verdict === 'ok') {
      const { waysOut: _, ...bare } = check;
      checks[i] = bare;
      return;
    }
    const taken = new Set<string>();
    const waysOut = check.waysOut.filter((way) => {
      const changes = [...Object.keys(way.choices ?? {}), ...(way.elastic ? ['elastic'] : [])].join(' ');
      if (changes === '') return true;
      // more and more of one thing: the least that helps; other ways of doing it are each worth a word
      const more = Object.values(way.choices ?? {}).every((value) => typeof value === 'number');
      if ((more && taken.has(changes)) || !helps(check, way, checks, request, checksOf)) return false;
      taken.add(changes);
      return true;
    });
    checks[i] = { ...check, waysOut };
  });
}

/** The request with a way out taken. */
export const taking = (request: PlanRequest, { choices, elastic }: WayOut): PlanRequest => ({
  ...request,
  choices: { ...request.choices, ...choices },
  ...(elastic ? { elastic: { ...request.elastic, ...elastic } } : {}),
});

function helps(
  check: Check,
  way: WayOut,
  before: readonly Check[],
  request: PlanRequest,
  checksOf: (request: PlanRequest) => readonly Check[],
): boolean {
  let after: readonly Check[];
  try {
    after = checksOf(taking(request, way));
  } catch (error) {
    // what can't be made is no way out
    if (error instanceof Unmakeable || error instanceof BadInput) return false;
    throw error;
  }
  const same = after.find(({ id }) => id === check.id);
  // a check that no longer applies has been lifted too
  if (same && !betterThan(same, check)) return false;
  return after.every(({ id, verdict }) => verdict !== 'stop' || before.some((each) => each.id === id && each.verdict === 'stop'));
}
