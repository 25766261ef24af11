import type { Worksheet } from '../sheet/worksheet.ts';
import { byHandWords, handCaution } from './by-hand-words.ts';
import type { Step } from './step.ts';
import { STITCHES, type StitchId } from './stitches.ts';

/** What stands on the table: a machine that sews zigzag, one that only sews straight, or none. */
export type Machine = 'zigzag' | 'straight' | 'hands';

/** What takes the place of a machine's stitch when it is sewn by hand (handbook 13a). */
const BY_HAND: Partial<Record<StitchId, StitchId>> = { '301': 'backstitch', '304': 'diagonal', '504': 'overcast', '514': 'overcast' };

const HOW: Partial<Record<StitchId, string>> = {
  backstitch: 'By hand: backstitch, each stitch 2 to 3 mm, close together, the thread waxed and no longer than your arm.',
  diagonal: 'By hand: small diagonal stitches, up and down in a band 2 mm wide, drawn up just so far that they can stretch with the cloth.',
  running: 'By hand: running stitches of 4 mm; leave tails of 15 cm at both ends to pull.',
  overcast: 'By hand: overcast the edge, 4 mm deep and 4 mm apart, without pulling it together.',
};

/**
 * Steps as they are done with what is there: by hand everything, or what a machine without zigzag can't do (a straight stitch pops where it
 * must stretch, handbook 9). Times and thread follow from the stitch.
 */
export function withWhatIsThere(sheet: Worksheet): void {
  const machine = sheet.oneOf('machine') as Machine;
  if (machine === 'zigzag') return;
  sheet.steps.splice(0, sheet.steps.length, ...sheet.steps.map((step) => adapted(sheet, step, machine)));
}

function adapted(sheet: Worksheet, step: Step, machine: Machine): Step {
  if (step.id === 'test' && machine === 'hands')
    return {
      ...step,
      how: 'Thread a hand needle (sharps 7 to 9) with an arm’s length of thread, waxed. Fold a scrap double and sew a hand’s breadth of every stitch you will use. Pull it along and across: nothing may pop, nothing may pucker.',
      why: 'Stitches and thread that suit this cloth, before they are in the garment.',
      caution: 'A thimble saves the finger. Take a break every half hour: hands and back tire before the eye does.',
    };
  const { stitch } = step;
  if (!stitch || STITCHES[stitch].byHand || (machine === 'straight' && stitch === '301')) return step;
  const gathers = stitch === '301' && step.section === 'gather';
  const finishes = step.id.startsWith('finish-') || step.id.includes('-finish');
  const byHand = gathers ? 'running' : finishes ? 'overcast' : BY_HAND[stitch]!;
  const { foot: _foot, stitchLength: _length, stitchWidth: _width, ...rest } = step;
  return {
    ...rest,
    stitch: byHand,
    pace: sheet.figure('pace-hand').value,
    how: `${byHandWords(step.how)} ${HOW[byHand]}`,
    caution: handCaution(step.caution),
  };
}
