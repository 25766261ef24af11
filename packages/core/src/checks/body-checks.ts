import { doubtsAbout } from '../body/plausibility.ts';
import { SMALL_WAIST } from './elastic-checks.ts';
import type { Worksheet } from '../plan/worksheet.ts';
import type { Check } from './check.ts';

/** Asks about measures that look like slips; never refuses them. */
export function plausibleBody(sheet: Worksheet): Check {
  const doubts = doubtsAbout(sheet.body, sheet.units);
  return {
    id: 'plausible-body',
    verdict: doubts.length > 0 ? 'caution' : 'ok',
    says: doubts.length > 0 ? doubts.map((doubt) => doubt.says).join(' ') : 'The measures look like a person.',
    numbers: { doubts: doubts.length },
  };
}

/**
 * What to mind when the garment is for a child. A waist below 560 mm counts as one.
 * Sources: EN 14682, ASTM F1816 (cords, from memory), 16 CFR 1615/1616, EN 14878 (flame, from memory).
 */
export function childSafety(sheet: Worksheet, always = false): Check | undefined {
  const waist = sheet.body['waist-girth'] ?? (sheet.body['flatWaist'] === undefined ? undefined : 2 * sheet.body['flatWaist']!);
  if (!always && (waist === undefined || waist >= SMALL_WAIST)) return undefined;
  return {
    id: 'child-safety',
    verdict: 'caution',
    says: 'For a child: no drawstrings or long ties, no loose buttons or bows within reach under three, nothing loose near a flame, elastic that leaves no marks. Leave the gap in the casing open so the elastic can be changed. Local rules and trained advice come first.',
    numbers: waist === undefined ? {} : { waist },
  };
}
