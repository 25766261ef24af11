import { casingTurn } from '../joins/elastic-lengths.ts';
import type { WayOut } from '../checks/check.ts';
import { Unmakeable } from '../errors/unmakeable.ts';
import type { Quantity } from '../quantity/quantity.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import type { WaistKind } from './waist.ts';

/** No band is shorter, not even on a practice sample, mm. */
const LEAST_WAIST = 50;

/** What a gathered edge needs at the waist before its panels can be cut. */
export interface GatheredWaist {
  kind: WaistKind;
  /** The girth it is worn at: the waist, with its ease on a fitted band; mm. */
  worn: Quantity;
  /** The least flat length that passes, and that is worn over the hips whatever opens at the top, mm (handbook 13a). */
  mustPass: Quantity;
  /** What it is sewn at: the band's girth, or what must pass; mm. */
  girth: Quantity;
  /** Allowance above the finished top edge, mm. */
  top: Quantity;
  /** Whether it opens with a zip. */
  zipped: boolean;
  waysOut: WayOut[];
}

/** Decides the top of a gathered skirt: what it is worn at, what must pass, what is turned over. */
export function gatheredWaist(sheet: Worksheet): GatheredWaist {
  const kind = sheet.oneOf('waist') as WaistKind;
  const seam = sheet.number('seam');
  const mustPass = sheet.girth('hip').plus(sheet.number('hipClearance')).named('hip-with-room', 'Hip with room to pass', 'up');
  if (kind === 'fitted-band') {
    const worn = fittedWaist(sheet);
    return { kind, worn, mustPass, girth: worn, top: seam, zipped: true, waysOut: [{ says: 'Elastic instead', choices: { waist: 'self-casing' } }] };
  }
  return {
    kind,
    worn: sheet.girth('waist'),
    mustPass,
    girth: mustPass,
    top: kind === 'self-casing' ? casingTurn(sheet) : seam,
    zipped: false,
    waysOut: [
      { says: 'More room over the hips', choices: { hipClearance: 50 } },
      { says: 'A fitted band with a zip', choices: { waist: 'fitted-band' } },
    ],
  };
}

/** The waist with its ease, mm. Throws Unmakeable where the ease leaves nothing of it. */
function fittedWaist(sheet: Worksheet): Quantity {
  const waist = sheet.girth('waist');
  const worn = waist.plus(sheet.number('waistEase')).named('band-girth', 'Waist with its ease', 'nearest');
  if (worn.value < LEAST_WAIST)
    throw new Unmakeable(
      'choices.waistEase',
      `The ease leaves ${sheet.showLength(Math.max(0, worn.value))} of the waist.`,
      Math.ceil(LEAST_WAIST - waist.value),
    );
  return worn;
}
