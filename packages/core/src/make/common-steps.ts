import { hangHours } from '../checks/cloth-checks.ts';
import type { Worksheet } from '../plan/worksheet.ts';
import type { Quantity } from '../quantity/quantity.ts';
import { needleFor } from './needle.ts';
import type { Step } from './step.ts';
import type { StitchId } from './stitches.ts';

/** Wash (if need be), press, test: what comes before the chalk. */
export function prepareSteps(sheet: Worksheet): void {
  const { cloth } = sheet;
  if (!cloth.prewashed) {
    sheet.step({
      id: 'wash',
      kind: 'wait',
      title: 'Wash, dry and press the cloth',
      setUp: 20,
      waitHours: 24,
      how: 'Wash it the way the garment will be washed, dry it, press it flat.',
      why: 'It shrinks now and not after the first wear; finishes that irritate skin go too.',
    });
  }
  sheet.step({
    id: 'test',
    kind: 'prepare',
    title: 'Test on a scrap',
    setUp: 10,
    how: `Needle ${needleFor(cloth)}. Sew a few centimetres of every stitch you will use on a doubled scrap and pull it.`,
    why:
      cloth.kind === 'knit'
        ? 'A plain straight seam pops on a knit: the test shows it before the garment does.'
        : 'Tension and length that suit this cloth.',
    caution: 'Stop the machine to thread the needle or clear the foot.',
  });
}

/** Minutes to cut so many outlines: getting ready, and three for each (common practice, no source). */
const cuttingMinutes = (outlines: number) => 3 + 3 * outlines;

/** Chalk everything, label everything, then cut. `pieces` is the number of pieces on the table. */
export function cutSteps(sheet: Worksheet): void {
  const pieces = sheet.pieces.reduce((sum, piece) => sum + piece.copies, 0);
  sheet.step({
    id: 'chalk',
    kind: 'chalk',
    title: 'Fold and chalk',
    setUp: 5 + 4 * sheet.pieces.length,
    how: 'Follow the chalk page. Check the first radius or width with a second tape before you swing the rest.',
  });
  sheet.step({
    id: 'cut',
    kind: 'cut',
    title: `Cut ${pieces === 1 ? 'the piece' : `the ${pieces} pieces`}`,
    setUp: cuttingMinutes(pieces),
    how: 'Cut on the solid line. Snip the notches no deeper than half the allowance and pin a label on every piece before it leaves the table.',
    caution: 'With a rotary cutter: close the blade when you put it down, cut away from your hand.',
  });
}

/** Tells the cutting step that the cloth lies folded: fewer outlines of all cloths, more layers at once. */
export function cutFolded(sheet: Worksheet, cuts: number, layers: number): void {
  const step = sheet.steps.find(({ id }) => id === 'cut');
  if (!step) return;
  step.title = `Cut ${cuts === 1 ? 'the one outline' : `the ${cuts} outlines`}, up to ${layers} layers at once`;
  step.setUp = cuttingMinutes(cuts);
  step.how = `Pin the layers together so that none creeps; never cut into a fold that is part of a piece. ${step.how}`;
}

/** How a seam that carries the garment is sewn on this cloth. */
export function seamStitch(sheet: Worksheet): Pick<Step, 'stitch' | 'stitchLength' | 'stitchWidth'> {
  return sheet.cloth.kind === 'knit' ? { stitch: '304', stitchLength: 2.5, stitchWidth: 1 } : { stitch: '301', stitchLength: 2.5, stitchWidth: 0 };
}

/** A plain seam with its pressing; raw edges are finished where the cloth frays. `length` is all the seam sewn, mm. */
export function seamStep(sheet: Worksheet, step: Pick<Step, 'id' | 'title' | 'how'> & Partial<Step>, length: Quantity): void {
  sheet.step({ kind: 'sew', setUp: 6, seam: length, ...seamStitch(sheet), ...step });
}

const FINISH: Record<string, { stitch?: StitchId; how: string; stitchLength?: number; stitchWidth?: number }> = {
  zigzag: { stitch: '304', stitchLength: 2, stitchWidth: 4, how: 'Zigzag over the raw edges, the right swing of the needle just off the cloth.' },
  overlock: { stitch: '504', stitchLength: 2.5, stitchWidth: 5, how: 'Overlock the raw edges without cutting into the allowance.' },
  pinking: { how: 'Trim the raw edges with pinking shears.' },
};

/** Keeps raw edges from fraying; left out on cloth that doesn't. `length` is all the edge finished, mm. */
export function finishStep(sheet: Worksheet, id: string, title: string, length: Quantity): void {
  if (!sheet.cloth.frays) return;
  const { stitch, how, ...settings } = FINISH[sheet.oneOf('finish')]!;
  sheet.step({ id, kind: 'sew', title, how, setUp: 4, why: 'This cloth frays.', ...settings, ...(stitch ? { stitch, seam: length } : {}) });
}

/** A double-turned narrow hem, a single-turned stretch hem, or a raw edge, by the hem allowance and the cloth. */
export function hemStep(sheet: Worksheet, sweep: Quantity, curved: boolean): void {
  const hem = sheet.number('hem');
  if (hem.value === 0) {
    sheet.step({
      id: 'hem',
      kind: 'sew',
      title: 'Leave the hem raw, or bind it',
      setUp: 2,
      how: sheet.cloth.frays
        ? 'This cloth frays: bind the edge with a strip of 5 cm folded to four.'
        : 'This cloth does not fray: a clean cut is the hem.',
    });
    return;
  }
  const knit = sheet.cloth.kind === 'knit';
  const half = sheet.showLength(hem.value / 2);
  sheet.step({
    id: 'hem',
    kind: 'sew',
    title: 'Hem',
    setUp: curved ? 20 : 12,
    seam: sweep,
    ...(knit ? { stitch: '304' as const, stitchLength: 3, stitchWidth: 2 } : { stitch: '301' as const, stitchLength: 3, stitchWidth: 0 }),
    how: knit
      ? `Turn ${sheet.show(hem)} up once and zigzag from the right side without pulling.`
      : `Turn up ${half}, press, turn up ${half} again, press, stitch close to the inner fold.${curved ? ' On a curve run a long stitch at the first fold and draw it in a little.' : ''}`,
    why: 'Last of all: only now is the length known.',
    caution: 'Long and wide hems catch on stairs, bicycles and escalators; keep them from open fire.',
  });
}

/** Elastic threaded into its casing and closed. `cut` and `join` say how long. */
export function threadElasticStep(sheet: Worksheet, cut: Quantity): void {
  const overlap = sheet.oneOf('elasticJoin') === 'overlap';
  sheet.step({
    id: 'elastic',
    kind: 'sew',
    title: 'Thread the elastic',
    setUp: 20,
    how: `Cut ${sheet.show(cut)}. Pin the tail by the gap, thread with a safety pin, keep it flat. Try it on, ${overlap ? `overlap the ends by ${sheet.show(sheet.number('elasticOverlap'))} and zigzag them` : 'sew the ends together half an inch in'}, close the gap, spread the fullness.`,
    why: 'Trying on before the gap is closed costs a minute and saves an evening.',
    caution: 'Most elastic holds rubber: mind a latex allergy.',
  });
}

/** Trying it on before the hem, with what to look at on this garment. */
export function fitStep(sheet: Worksheet, how: string, rest: Partial<Step> = {}): void {
  sheet.step({ id: 'try-on', kind: 'fit', title: 'Try it on', setUp: 10, how, why: 'Everything can still be mended before the hem.', ...rest });
}

/** What is cut on the bias hangs before its hem is levelled: 24 hours, 48 where the cloth is heavy (handbook 4). */
export function hangStep(sheet: Worksheet, drops: string): void {
  const hours = hangHours(sheet.cloth.weight);
  sheet.step({
    id: 'hang',
    kind: 'wait',
    title: `Let it hang for ${hours} hours`,
    setUp: 2,
    waitHours: hours,
    how: 'On a hanger or a stand, by the band.',
    why: `${drops} Level the hem from the floor afterwards.`,
  });
}

/** The last pressing, with what to mind on this garment. */
export function pressStep(sheet: Worksheet, how: string, setUp = 8): void {
  sheet.step({ id: 'press', kind: 'press', title: 'Press', setUp, how, caution: 'Test on a scrap: sequins and foils melt, and steam burns.' });
}

/** A lining sewn like the skirt itself. `length`: all its seams, mm. */
export function hungLiningStep(sheet: Worksheet, length: Quantity, setUp: number): void {
  const how = 'Sew it like the skirt, hem it, baste it to the waist wrong sides together.';
  seamStep(sheet, { id: 'lining', title: 'Sew and hang in the lining', how, setUp }, length);
}
