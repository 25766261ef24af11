import type { Quantity } from '../quantity/quantity.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import type { Check, WayOut } from './check.ts';

/** Relaxed it may be no more than these shares of the bust: held by straps, or by itself alone (handbook 8, common practice). */
const HELD = 0.95;
const STRAPLESS = 0.88;
/** Below this share of the bust it presses (common practice, no source). */
const PRESSES = 0.6;

/** Whether what is shirred holds and still lets its wearer breathe and dress: relaxed against the body where it sits, and flat against it. */
export function shirringFit(
  sheet: Worksheet,
  {
    round,
    at,
    flat,
    relaxed,
    straps,
    waysOut,
  }: { round: Quantity; at: string; flat: Quantity; relaxed: Quantity; straps: boolean; waysOut: WayOut[] },
): Check {
  const most = round.value * (straps ? HELD : STRAPLESS);
  const least = round.value + sheet.figure('breath').value * sheet.scale;
  const numbers = { relaxed: relaxed.value, flat: flat.value, most, least };
  const [rests, body] = [sheet.show(relaxed), sheet.show(round)];
  const say = (verdict: Check['verdict'], says: string): Check => ({
    id: 'shirring-fit',
    verdict,
    numbers,
    says,
    ...(verdict === 'ok' ? {} : { waysOut }),
  });
  if (flat.value < round.value - 1e-6)
    return say('stop', `Pulled flat it is ${sheet.show(flat)}, less than the ${at} (${body}): it can’t be put on.`);
  if (flat.value < least - 1e-6)
    return say('tight', `Pulled flat it is ${sheet.show(flat)} for a ${at} of ${body}: ${sheet.showLength(least, 'up')} lets you breathe and dress.`);
  if (relaxed.value > most + 1e-6)
    return say(
      straps ? 'caution' : 'stop',
      `At rest it is ${rests} round for a ${at} of ${body}: ${straps ? 'it hangs from its straps' : 'without straps it slips down'}. ${sheet.showLength(most, 'down')} or less holds. Add rows, steam it, or take less cloth.`,
    );
  if (relaxed.value < PRESSES * round.value)
    return say('tight', `At rest it is ${rests} round for a ${at} of ${body}: it will press and leave marks.`);
  return say('ok', `At rest it is ${rests} round for a ${at} of ${body}, pulled flat ${sheet.show(flat)}: it holds, and gives.`);
}
