import { Quantity } from '../quantity/quantity.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import type { Check, WayOut } from './check.ts';
import { betterThan } from './check.ts';
import { passesOver } from './passes-over.ts';

/** A narrow place of a garment: what it is, how high it is worn (mm below the waist, less than 0 above), and how far it opens, mm. */
export interface NarrowPlace {
  what: string;
  drop: number;
  opens: Quantity;
}

/** What of the body has to get through a garment, in the order it does. */
export interface WayInOptions {
  /** Places the body goes through, whichever way it goes in. */
  places: readonly NarrowPlace[];
  /** The hole the head goes through, where there is one. */
  neck?: NarrowPlace;
  /** It can be stepped into: nothing is sewn over the shoulders. */
  stepIn: boolean;
  waysOut: WayOut[];
  /** Ways out of a neck too small for the head. */
  neckWaysOut?: WayOut[];
}

/** A place on the way in, what goes through it, how it stands and at what height, for the figure. */
export interface PassedPlace {
  what: string;
  body: string;
  drop: number;
  opens: number;
  girth: number;
  verdict: Check['verdict'];
}

/** Round the shoulders: measured, or the bust and what arms add to it (handbook 9); mm. Undefined where neither was taken. */
export function shoulderGirth(sheet: Worksheet): Quantity | undefined {
  if (sheet.hasMeasure('shoulder-girth')) return sheet.measure('shoulder-girth');
  if (!sheet.hasMeasure('bust-girth')) return undefined;
  const arms = sheet.figure(`shoulders-over-bust-${sheet.wearer}`).times(sheet.scale);
  return sheet.measure('bust-girth').plus(arms).named('shoulders', 'Shoulders and arms, estimated', 'up');
}

/** Nobody was measured: a garment laid flat says how wide it is, not how it went on. */
const untried = (sheet: Worksheet, place: NarrowPlace): Check => ({
  id: 'passes-over-shoulder',
  verdict: 'caution',
  numbers: { opening: place.opens.value },
  says: `Nobody measured round bust or shoulders, and ${place.what} opens to ${sheet.show(place.opens.named('opening', 'Opens to', 'down'))}. A T-shirt stretches on its way in, this cloth does not: hold a tape closed to that length and pull it over the shoulders.`,
});

/** Round the head: measured, or the usual for who wears it; mm. */
export function headGirth(sheet: Worksheet): Quantity {
  return sheet.hasMeasure('head-girth') ? sheet.measure('head-girth') : sheet.figure(`head-${sheet.wearer}`).times(sheet.scale);
}

/**
 * The way into a garment, place by place (handbook 9): head first over the shoulders, or feet first over the hips where it can be stepped
 * into. Of two ways the one that goes better counts; where neither goes both are said.
 */
export function wayIn(sheet: Worksheet, { places, neck, stepIn, waysOut, neckWaysOut = [] }: WayInOptions): Check[] {
  const checks: Check[] = [];
  const narrowest = places.reduce<NarrowPlace | undefined>(
    (least, each) => (!least || each.opens.value < least.opens.value ? each : least),
    undefined,
  );
  if (neck) checks.push(through(sheet, 'passes-over-head', 'the head', headGirth(sheet), neck, neckWaysOut));
  if (narrowest) {
    const shoulders = shoulderGirth(sheet);
    const over = shoulders && through(sheet, 'passes-over-shoulder', 'the shoulders', shoulders, narrowest, waysOut);
    const feet =
      stepIn && sheet.hasMeasure('hip-girth') ? through(sheet, 'passes-over-hip', 'the hips', sheet.girth('hip'), narrowest, waysOut) : undefined;
    checks.push(...((over ?? feet) ? better(over, feet) : sheet.cloth.kind === 'woven' ? [untried(sheet, narrowest)] : []));
  }
  for (const check of checks) notePlace(sheet, check, check.id === 'passes-over-head' ? neck! : narrowest!);
  return checks;
}

const BODY: Record<string, string> = { 'passes-over-head': 'the head', 'passes-over-shoulder': 'the shoulders', 'passes-over-hip': 'the hips' };

/** Keeps a narrow place and how it stands for the figure. Nothing where nobody was measured. */
export function notePlace(sheet: Worksheet, { id, verdict, numbers }: Check, { what, drop }: Pick<NarrowPlace, 'what' | 'drop'>): void {
  const { opening, girth } = numbers;
  if (opening !== undefined && girth !== undefined) sheet.wayIn.push({ what, body: BODY[id]!, drop, opens: opening, girth, verdict });
}

function better(over: Check | undefined, feet: Check | undefined): Check[] {
  if (!over || !feet) return [over, feet].filter((check) => check !== undefined);
  const both = [over, feet];
  if (over.verdict === 'stop' && feet.verdict === 'stop') return both;
  return both.filter((check) => check.verdict !== 'stop' && !both.some((other) => betterThan(other, check)));
}

const through = (
  sheet: Worksheet,
  id: Parameters<typeof passesOver>[1]['id'],
  what: string,
  girth: Quantity,
  place: NarrowPlace,
  waysOut: WayOut[],
) => passesOver(sheet, { id, what, girth, opening: place.opens.named(`${id}-opening`, 'Opens to', 'down'), by: place.what, waysOut });

/** How far cloth opens when it is pulled across, mm. */
export function clothOpens(sheet: Worksheet, girth: Quantity): Quantity {
  if (sheet.cloth.stretchAcross === 0) return girth;
  return girth.times(sheet.cloths.gives());
}
