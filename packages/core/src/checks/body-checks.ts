import { measureById } from '../body/measures.ts';
import { doubtsAbout } from '../body/plausibility.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import type { Check } from './check.ts';

/** Asks about measures that look like slips; never refuses them. */
export function plausibleBody(sheet: Worksheet): Check {
  const estimates = Object.entries(sheet.estimated).map(([id, from]) => ({
    measure: id,
    says: `${measureById(id)!.label} is an estimate from ${from}: measure it before you cut.`,
  }));
  const doubts = [...estimates, ...doubtsAbout(sheet.body, sheet.units)];
  return {
    id: 'plausible-body',
    verdict: doubts.length > 0 ? 'caution' : 'ok',
    says: doubts.length > 0 ? doubts.map((doubt) => doubt.says).join(' ') : 'The measures look like a person.',
    numbers: { doubts: doubts.length },
  };
}

/**
 * What to mind when the garment is for a child. `always` where it is made for one whoever was measured.
 * Sources: EN 14682, ASTM F1816 (cords, from memory), 16 CFR 1615/1616, EN 14878 (flame, from memory).
 */
export function childSafety(sheet: Worksheet, always = false): Check | undefined {
  if (!always && sheet.wearer === 'adult') return undefined;
  const infant =
    sheet.wearer === 'infant'
      ? ' No buttons, hooks or bows within reach: they come off and are swallowed.'
      : ' No loose buttons or bows within reach under three.';
  return {
    id: 'child-safety',
    verdict: 'caution',
    says: `For a child: no drawstrings or long ties, nothing loose near a flame, elastic that leaves no marks.${infant} Leave the gap in the band open so that the elastic can be changed. Local rules and trained advice come first.`,
    numbers: {},
  };
}
