import { Quantity } from '../quantity/quantity.ts';
import type { ClothRole } from '../shapes/piece.ts';
import type { Join, Span } from '../sheet/join.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { addJoin } from './join.ts';
import { runLength } from './run.ts';
import { finishStep, sewStep } from './stitching.ts';

export interface HemOptions {
  /** Names join and step: "hem", "lining-hem". */
  id: string;
  title: string;
  edge: Span[];
  curved: boolean;
  /** Hem allowance, mm. */
  allowance: Quantity;
  role?: ClothRole;
  /** Not the length one sees: a ruffle's or a lining's. */
  inner?: boolean;
  /** What comes before the turning up. */
  before?: string;
  /** What is special while it is turned up. */
  extra?: string;
  /** What is caught in with it: ends of straps. */
  also?: readonly Join[];
}

/**
 * An edge turned up:
 *
 *      │         │
 *      │╮ twice  │╮ once, on a knit
 *      ╰╯        ╰─
 */
export function hem(
  sheet: Worksheet,
  { id, title, edge, curved, allowance, role = 'main', inner = false, before, extra, also = [] }: HemOptions,
): Join {
  const { frays, kind } = sheet.cloths.of(role);
  const long = runLength(sheet, edge);
  const metres = long.over(Quantity.constant(1000, 'mm'));
  if (allowance.value === 0) return rawHem(sheet, { id, title, edge, role });
  const join = addJoin(sheet, { id, how: 'hem', layers: [edge], step: id });
  const knit = kind === 'knit';
  const [all, half] = [sheet.show(allowance.named('hem', 'Hem', 'nearest')), sheet.showLength(allowance.value / 2)];
  if (knit && frays) finishStep(sheet, id, { title: 'Finish the hem edge', length: long, shows: [join], together: false, role });
  sewStep(sheet, {
    id,
    title,
    sews: [join, ...also],
    role,
    handling: [['hem'], [curved ? 'hem-curved' : 'hem-straight', metres.value]],
    section: knit ? 'hem-single' : 'hem-double',
    drawn: { hem: allowance.value },
    ...(knit ? { stitch: '304' as const, stitchLength: 3, stitchWidth: 2 } : { stitch: '301' as const, stitchLength: 3, stitchWidth: 0 }),
    how: [
      ...(before ? [before] : []),
      knit
        ? `Turn ${all} up to the wrong side once, press without pulling, and zigzag from the right side.`
        : curved
          ? `Run one line of long stitches ${half} from the edge. Turn the edge up to the wrong side along it, drawing the thread in a little where it is too full; press. Turn up ${half} once more, press, pin, and stitch close to the inner fold.`
          : `Turn ${half} to the wrong side, press; turn ${half} again, press, pin across the fold, and stitch close to the inner fold.`,
      ...(extra ? [extra] : []),
    ].join(' '),
    ...(inner ? {} : { why: 'Last of all: only now is the length known.' }),
    ...(inner || !catches(sheet, long) ? {} : { caution: 'Long and wide hems catch on stairs, bicycles and escalators; keep them from open fire.' }),
  });
  return join;
}

/** A hem this wide, or this far down, catches (common practice, no source), mm. */
const WIDE = 1800;
const LONG = 800;

/** Whether a hem is so wide, or hangs so low, that it catches (handbook 17: long hems and circles). */
const catches = ({ quantities }: Worksheet, round: Quantity): boolean =>
  round.value >= WIDE || quantities.some(({ id, value }) => id === 'finished-length' && value >= LONG);

/** An edge left as it is cut; overcast where the cloth frays. */
function rawHem(sheet: Worksheet, { id, title, edge, role }: Pick<HemOptions, 'id' | 'title' | 'edge'> & { role: ClothRole }): Join {
  const { frays } = sheet.cloths.of(role);
  const join = addJoin(sheet, { id, how: 'raw', layers: [edge], step: id, why: frays ? 'Overcast and left flat.' : 'This cloth does not fray.' });
  const long = runLength(sheet, edge);
  sheet.step({
    id,
    kind: 'sew',
    title: `${title}: left as it is cut`,
    handling: [['finish']],
    joins: [id],
    ...(frays ? { seam: long, stitch: '304' as const, stitchLength: 2, stitchWidth: 4 } : {}),
    how: frays
      ? 'This cloth frays and no hem is planned: overcast the edge with a close zigzag or an overlocker, without pulling.'
      : 'This cloth does not fray: a clean cut is the hem. Cut it in long strokes.',
  });
  return join;
}
