import { STRETCH_RESERVE } from '../cloth/elastic.ts';
import type { Quantity } from '../quantity/quantity.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import type { Check, WayOut } from './check.ts';

/** Shorter than the body by more than this digs in (common practice, no source). */
const DIGS_IN = 0.2;
/** The most for babies and small children (common practice, no source). */
const DIGS_IN_SMALL = 0.05;
/** Whether the elastic stretches far enough to go on: girth to pass / finished <= greatest stretch x 0.95. */
export function elasticStretch(sheet: Worksheet, needed: Quantity, waysOut: WayOut[]): Check {
  const allowed = sheet.elastic.greatestStretch * STRETCH_RESERVE;
  const own = sheet.sourceOf('elastic.greatestStretch');
  const fits = needed.value <= allowed + 1e-9;
  return {
    id: 'elastic-stretch',
    verdict: fits ? (needed.value > allowed * 0.97 ? 'tight' : 'ok') : 'stop',
    says: fits
      ? `The elastic stretches enough to go on: ${needed.value.toFixed(2)} times its length, ${allowed.toFixed(2)} can be counted on${own}.`
      : `The elastic can't stretch enough to go on: it would have to give ${needed.value.toFixed(2)} times its length, ${allowed.toFixed(2)} can be counted on${own}. Use a longer or a stretchier one.`,
    numbers: { needed: needed.value, allowed },
    ...(fits ? {} : { waysOut }),
  };
}

/** Whether an elastic sewn on stretched can be pulled as long as the cloth: cloth girth / finished <= greatest stretch x 0.95. */
export function elasticSewn(sheet: Worksheet, ratio: Quantity, waysOut: WayOut[]): Check {
  const allowed = sheet.elastic.greatestStretch * STRETCH_RESERVE;
  const own = sheet.sourceOf('elastic.greatestStretch');
  const fits = ratio.value <= allowed + 1e-9;
  return {
    id: 'elastic-sewn',
    verdict: fits ? 'ok' : 'stop',
    says: fits
      ? `Sewn on stretched, the elastic is pulled to ${ratio.value.toFixed(2)} times its length; ${allowed.toFixed(2)} can be counted on${own}.`
      : `The elastic can't be pulled as long as the cloth: ${ratio.value.toFixed(2)} times its length, ${allowed.toFixed(2)} can be counted on${own}. Gather the cloth first, or use a stretchier elastic.`,
    numbers: { needed: ratio.value, allowed },
    ...(fits ? {} : { waysOut }),
  };
}

/** Whether the elastic sits without digging in: 3-15 % shorter than the body is usual, above 20 % digs in, 5 % for the small. */
export function elasticComfort(sheet: Worksheet, finished: Quantity, girth: Quantity): Check {
  const shorter = 1 - finished.value / girth.value;
  const most = sheet.wearer === 'adult' ? DIGS_IN : DIGS_IN_SMALL;
  const digs = shorter > most + 1e-9;
  const share = `${(shorter * 100).toFixed(0)} %`;
  return {
    id: 'elastic-comfort',
    verdict: digs ? 'caution' : 'ok',
    says: digs
      ? `The elastic is ${share} shorter than the body: it will dig in and leave marks. Loosen it to ${sheet.showLength(girth.value * (1 - most), 'up')} or more.`
      : shorter > 0
        ? `The elastic is ${share} shorter than the body: comfortable.`
        : 'The elastic is as long as the body: it rests without pulling. Try it on before closing the gap.',
    numbers: { shorter, most },
    ...(digs ? { waysOut: [{ says: 'Cut the elastic to the body', choices: { elasticSchool: 'body' } }] } : {}),
  };
}

/** Braided elastic narrows and frays where a needle goes through it: it is threaded, not sewn on (handbook 7). */
export function elasticKind(sheet: Worksheet, use: 'threaded' | 'sewn-through'): Check {
  const { kind } = sheet.elastic;
  const wrong = kind === 'braided' && use === 'sewn-through';
  return {
    id: 'elastic-kind',
    verdict: wrong ? 'caution' : 'ok',
    says: wrong
      ? 'Braided elastic narrows where it is sewn through and loses its pull. Take a knitted or woven one here.'
      : use === 'threaded'
        ? 'This elastic is drawn through a channel; any kind will do.'
        : 'This kind of elastic can be sewn through.',
    numbers: {},
    ...(wrong ? { waysOut: [{ says: 'Take a knitted elastic', elastic: { kind: 'knitted' as const } }] } : {}),
  };
}
