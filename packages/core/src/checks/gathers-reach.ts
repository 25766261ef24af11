import type { Worksheet } from '../sheet/worksheet.ts';
import type { Check, WayOut } from './check.ts';

/** Choices that set how much is gathered, wherever a construction has them. */
const SET_BY = ['fullness', 'seamFullness', 'skirtFullness', 'bodiceFullness', 'ruffleFullness', 'sleeveFullness'];

/**
 * Whether this cloth can be gathered as far as it must be: too much can be eased out, too little cannot be added (handbook 5). Known from
 * a strip of the cloth, where one was tried. None where nothing is gathered.
 */
export function gathersReach(sheet: Worksheet): Check | undefined {
  const worst = Math.max(1, ...sheet.steps.map(({ gathers = 1 }) => gathers));
  if (worst <= 1.001) return undefined;
  const reach = sheet.figure('gather-reach').value;
  const own = sheet.sourceOf('gather-reach');
  const numbers = { gathered: worst, reach };
  const so = `Gathered ${worst.toFixed(2)} to 1`;
  if (worst <= reach + 1e-9)
    return {
      id: 'gathers-reach',
      verdict: 'ok',
      numbers,
      says: own ? `${so}; this cloth gathers to ${reach.toFixed(2)} to 1${own}.` : `${so}. Gather a strip of this cloth first: it must reach that.`,
    };
  const less = Math.floor((reach / worst) * 100) / 100;
  const waysOut = SET_BY.flatMap((id): WayOut[] => {
    if (!sheet.hasChoice(id) || !sheet.isSet(id)) return [];
    const fuller = Math.floor(sheet.number(id).value * less * 20) / 20;
    return fuller < 1 ? [] : [{ says: `Gather less: ${fuller} to 1`, choices: { [id]: fuller } }];
  });
  return {
    id: 'gathers-reach',
    verdict: 'caution',
    numbers,
    waysOut,
    says: own
      ? `${so}, but your strip of this cloth went no further than ${reach.toFixed(2)} to 1${own}: the edge would stay too long for what it is sewn to. Gather less, or try another way of gathering on a strip.`
      : `${so}: more than ${reach} to 1 is seldom reached. Gather a strip of this cloth before you cut.`,
  };
}
