import { BadInput } from '../errors/bad-input.ts';
import { Unmakeable } from '../errors/unmakeable.ts';
import { betterThan, type Check, type WayOut } from '../checks/check.ts';
import { sewingMinutes } from '../make/sewing.ts';
import { netArea } from '../shapes/piece.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import type { PlanRequest } from './request.ts';

/**
 * Leaves of every check only the ways out that help: tried alone, one lifts the verdict and brings no other check to stop. Of ways that
 * take more or less of the same things the first that helps is enough. What only says something in words stays.
 */
export function keepWaysThatHelp(sheet: Worksheet, request: PlanRequest, sheetOf: (request: PlanRequest) => Worksheet): void {
  const { checks } = sheet;
  checks.forEach((check, i) => {
    if (!check.waysOut) return;
    if (check.verdict === 'ok') {
      const { waysOut: _, ...bare } = check;
      checks[i] = bare;
      return;
    }
    const taken = new Set<string>();
    const waysOut = check.waysOut.flatMap((way): WayOut[] => {
      const changes = [...Object.keys(way.choices ?? {}), ...(way.elastic ? ['elastic'] : [])].join(' ');
      if (changes === '') return [way];
      // more and more of one thing: the least that helps; other ways of doing it are each worth a word
      const more = Object.values(way.choices ?? {}).every((value) => typeof value === 'number');
      if (more && taken.has(changes)) return [];
      const after = tried(way, request, sheetOf);
      if (!after || !helps(check, checks, after.checks)) return [];
      taken.add(changes);
      return [{ ...way, costs: costs(sheet, after) }];
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

/** What a way out leads to; undefined where that can't be made. */
function tried(way: WayOut, request: PlanRequest, sheetOf: (request: PlanRequest) => Worksheet): Worksheet | undefined {
  try {
    return sheetOf(taking(request, way));
  } catch (error) {
    // what can't be made is no way out
    if (error instanceof Unmakeable || error instanceof BadInput) return undefined;
    throw error;
  }
}

function helps(check: Check, before: readonly Check[], after: readonly Check[]): boolean {
  const same = after.find(({ id }) => id === check.id);
  // a check that no longer applies has been lifted too
  if (same && !betterThan(same, check)) return false;
  return after.every(({ id, verdict }) => verdict !== 'stop' || before.some((each) => each.id === id && each.verdict === 'stop'));
}

/** Square millimetres in a square metre. */
const M2 = 1e6;

/** Minutes and cloth a sheet takes more than another. */
function costs(before: Worksheet, after: Worksheet): NonNullable<WayOut['costs']> {
  const covered = ({ pieces }: Worksheet) => pieces.reduce((sum, piece) => sum + piece.copies * netArea(piece), 0);
  return { minutes: sewingMinutes(after).value - sewingMinutes(before).value, cloth: (covered(after) - covered(before)) / M2 };
}
