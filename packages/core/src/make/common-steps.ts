import type { Worksheet } from '../sheet/worksheet.ts';
import { handled } from '../sheet/handling.ts';
import { needleFor } from './needle.ts';
import type { Step } from './step.ts';

/** What comes before the machine: wash, test, chalk, cut. Once all pieces are there. */
export const firstSteps = (sheet: Worksheet): Step[] => [...washStep(sheet), testStep(sheet), chalkStep(sheet), cutStep(sheet)];

function washStep(sheet: Worksheet): Step[] {
  if (sheet.cloth.prewashed) return [];
  return [
    {
      id: 'wash',
      kind: 'wait',
      title: 'Wash, dry and press the cloth',
      ...handled(sheet, [['wash']]),
      waitHours: 24,
      how: 'Wash it the way the garment will be washed, dry it, press it flat.',
      why: 'It shrinks now and not after the first wear; finishes that irritate skin go too.',
    },
  ];
}

function testStep(sheet: Worksheet): Step {
  const { cloth } = sheet;
  return {
    id: 'test',
    kind: 'prepare',
    title: 'Test on a scrap',
    ...handled(sheet, [['test']]),
    how: `Needle ${needleFor(cloth)}. Fold a scrap double and sew a hand’s breadth of every stitch you will use. Pull it along and across: nothing may pop, nothing may pucker.`,
    why:
      cloth.kind === 'knit'
        ? 'A plain straight seam pops on a knit: the test shows it before the garment does.'
        : 'Tension and length that suit this cloth.',
    caution: 'Stop the machine to thread the needle or clear the foot. Take pins out before the needle reaches them.',
  };
}

function chalkStep(sheet: Worksheet): Step {
  const kinds = sheet.pieces.length;
  return {
    id: 'chalk',
    kind: 'chalk',
    title: kinds === 1 ? 'Chalk the piece' : `Chalk the ${kinds} kinds of piece`,
    ...handled(sheet, [['chalk', kinds]]),
    how: 'Follow the chalk page, one piece after the other, on the wrong side of the cloth. Check the first radius or width with a second tape before you go on.',
  };
}

function cutStep(sheet: Worksheet): Step {
  const pieces = sheet.pieces.reduce((sum, piece) => sum + piece.copies, 0);
  return {
    id: 'cut',
    kind: 'cut',
    title: `Cut ${pieces === 1 ? 'the piece' : `the ${pieces} pieces`}`,
    ...handled(sheet, [['cut', pieces]]),
    how: 'Cut on the solid line. Where several pieces are alike, the first one cut is the template for the others. Snip the notches no deeper than half the allowance and pin a label on every piece before it leaves the table.',
    caution: 'With a rotary cutter: close the blade when you put it down, cut away from your hand.',
  };
}

/** Tells the cutting step that the cloth lies folded: fewer outlines of all cloths, more layers at once. */
export function cutFolded(sheet: Worksheet, cuts: number, layers: number): void {
  const step = sheet.steps.find(({ id }) => id === 'cut');
  if (!step) return;
  step.title = `Cut ${cuts === 1 ? 'the one outline' : `the ${cuts} outlines`}, up to ${layers} layers at once`;
  Object.assign(step, handled(sheet, [['cut', cuts]]));
  step.how = `Pin the layers together so that none creeps; never cut into a fold that is part of a piece. ${step.how}`;
}
