import type { Worksheet } from '../sheet/worksheet.ts';
import type { Check } from './check.ts';

/** Sheer cloth wants a lining. `lined` says whether the plan has one. */
export function needsLining(sheet: Worksheet, lined: boolean): Check | undefined {
  if (!sheet.cloth.sheer) return undefined;
  if (lined)
    return {
      id: 'needs-lining',
      verdict: 'ok',
      says: `The cloth is sheer; the lining is planned, ${sheet.show(sheet.figure('lining-shorter'))} shorter.`,
      numbers: { shorter: sheet.figure('lining-shorter').value },
    };
  const canLine = sheet.hasChoice('lining') || sheet.hasChoice('underlay');
  return {
    id: 'needs-lining',
    verdict: 'caution',
    says: `The cloth is see-through: line it, same width or less full, ${sheet.show(sheet.figure('lining-shorter'))} shorter than the outside.`,
    numbers: { shorter: sheet.figure('lining-shorter').value },
    ...(canLine ? { waysOut: [{ says: 'Add a lining', choices: { [sheet.hasChoice('lining') ? 'lining' : 'underlay']: true } }] } : {}),
  };
}

/** Unwashed cloth is washed before it is cut, and more of it is bought. */
export function prewash(sheet: Worksheet): Check {
  const { prewashed, shrinkAlong, shrinkAcross } = sheet.cloth;
  if (prewashed)
    return { id: 'prewash', verdict: 'ok', says: 'The cloth is washed: it is cut as it lies.', numbers: { shrinkAlong: 0, shrinkAcross: 0 } };
  const share = (x: number) => `${Number((x * 100).toFixed(1))} %`;
  return {
    id: 'prewash',
    verdict: 'caution',
    says: `Wash, dry and press the cloth before you cut. It is reckoned to lose ${share(shrinkAlong)} in length${sheet.sourceOf('cloth.shrinkAlong')} and ${share(shrinkAcross)} in width${sheet.sourceOf('cloth.shrinkAcross')}; the length to buy allows for it.`,
    numbers: { shrinkAlong, shrinkAcross },
  };
}

/** Whether anything can be cut with the cloth folded as chosen; else it is laid open. */
export function foldSuits(fold: string, suits: boolean): Check {
  const how = { along: 'folded along', across: 'folded across', 'in-four': 'folded in four' }[fold] ?? fold;
  return {
    id: 'fold-suits',
    verdict: suits ? 'ok' : 'caution',
    says: suits
      ? `The cloth is cut ${how}; what can't be cut so lies on open cloth after it.`
      : `Nothing here can be cut with the cloth ${how}: it is laid open, in one layer. Pairs and pieces that are the same left and right are cut folded along or across, whole circles and squares in four.`,
    numbers: {},
    ...(suits ? {} : { waysOut: [{ says: 'Lay it open', choices: { fold: 'open' } }] }),
  };
}

/** A print with a repeat is matched at the seams: pieces lie whole repeats apart, which costs cloth. */
export function matchesPrint(sheet: Worksheet): Check | undefined {
  const { repeat = 0 } = sheet.cloth;
  if (repeat === 0) return undefined;
  return {
    id: 'matches-print',
    verdict: 'ok',
    says: `The print repeats every ${sheet.showLength(repeat)}: pieces lie whole repeats apart so that it meets at the seams, and the cloth to buy allows for it.`,
    numbers: { repeat },
  };
}

/** Whether the pieces fit between the selvedges; says what the width decided. */
export function clothWideEnough(sheet: Worksheet, widest: number, says?: string): Check {
  const usable = sheet.usableWidth.value;
  return {
    id: 'cloth-wide-enough',
    verdict: says ? 'caution' : 'ok',
    says: says ?? `The widest piece takes ${sheet.showLength(widest, 'up')} of ${sheet.showLength(usable, 'down')} between the selvedges.`,
    numbers: { widest, usable },
  };
}

/** Whether the cloth in the cupboard is long enough. `needed` and `onHand` in mm, both as bought. */
export function clothLongEnough(sheet: Worksheet, needed: number): Check | undefined {
  const onHand = sheet.cloth.lengthOnHand;
  if (onHand === undefined) return undefined;
  const numbers = { needed, onHand, spare: onHand - needed };
  if (needed <= onHand)
    return {
      id: 'cloth-long-enough',
      verdict: 'ok',
      says: `There is enough: ${sheet.showLength(needed, 'nearest')} needed, ${sheet.showLength(onHand, 'nearest')} in the cupboard.`,
      numbers,
    };
  return {
    id: 'cloth-long-enough',
    verdict: 'stop',
    says: `There is too little cloth: ${sheet.showLength(needed, 'up')} needed, ${sheet.showLength(onHand, 'down')} in the cupboard. ${sheet.showLength(needed - onHand, 'up')} are missing.`,
    numbers,
    waysOut: [],
  };
}

/** Hours a hem on the bias hangs before it is levelled (handbook 4, common practice). */
export function hangHours(weight: 'light' | 'medium' | 'heavy'): number {
  return weight === 'heavy' ? 48 : 24;
}

/** A circle hem drops where it hangs on the bias; it hangs before it is levelled. */
export function hangBeforeHem(sheet: Worksheet, level: 'floor' | 'handkerchief' = 'floor'): Check {
  const hours = hangHours(sheet.cloth.weight);
  const drop = `${sheet.showLength(30)} to ${sheet.showLength(50)}`;
  return {
    id: 'hang-before-hem',
    verdict: 'caution',
    says: `Let it hang ${hours} hours before you level the hem: parts of it hang on the bias and drop, ${drop} on loose cloth. ${level === 'floor' ? 'Level it from the floor.' : 'Check it along the cloth from the waist, not from the floor.'}`,
    numbers: { hours },
  };
}
