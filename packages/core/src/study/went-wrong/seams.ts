import type { Fault } from './fault.ts';
import { againSays, sews } from './reading.ts';

/** Handbook 9 and 14: stitches break when it is put on. */
export const seamPops: Fault = {
  id: 'seam-pops',
  label: 'A seam pops when it is stretched',
  at: (step, plan) =>
    (plan.cloth.kind === 'knit' || step.section === 'elastic-on') &&
    (step.kind === 'fit' || sews(step, plan, 'plain', 'hem', 'elastic', 'gather').length > 0),
  remedies: (plan, _, step) => [
    {
      says: 'Sew it again with a narrow zigzag (304), 0.5 to 1 mm wide and 2.5 mm long, or overlock it; a straight stitch can’t stretch. Stretch a scrap with the new seam until the cloth gives, not the thread.',
      cost: step.seam ? againSays(plan, step.seam.value) : 'The length of the seam again.',
    },
    { says: 'Does the stitch skip? A new stretch needle (ball point) mends more seams than any setting.', cost: 'A needle.' },
  ],
};

/** Handbook 14: see-through. */
export const seeThrough: Fault = {
  id: 'see-through',
  label: 'One sees through it',
  at: ({ kind }) => kind === 'fit' || kind === 'press',
  remedies: (plan) => [
    ...(plan.choices.get('lining') === false
      ? [
          {
            says: 'Line it: the lining is sewn like the outer layer, ends 5 cm above the hem, and goes into the waist seam.',
            cost: 'Lining cloth, and an evening; the waist has to be opened if it is closed.',
            change: { lining: true },
          },
        ]
      : []),
    {
      says: 'Or wear a half slip of the same length less 5 cm, made of two rectangles and an elastic: it serves under others too.',
      cost: 'A slip to sew, nothing to unpick.',
    },
  ],
};

/** Handbook 14: twisting at the side seam. */
export const twists: Fault = {
  id: 'twists',
  label: 'It twists: a side seam wanders to the front',
  at: ({ kind, id }) => kind === 'fit' || kind === 'press' || id === 'hang',
  remedies: (plan) => [
    {
      says: 'Unpick the seam that wanders, hang it a night, lay both layers flat without pulling, match waist and hem first, then the rest, and sew again from the hem up; let the longer layer lie below, on the feed.',
      cost: againSays(plan, 700),
    },
    {
      says: 'Was a piece cut off the grain? Then it stays: swing the waist round a little until the seams hang straight, before the band goes on.',
      cost: 'The opening no longer lies exactly at the side.',
    },
  ],
};

/** A zip that waves or gapes (handbook 13a). */
export const zipWaves: Fault = {
  id: 'zip-waves',
  label: 'The zip waves, or its sides don’t meet',
  at: (step, plan) => sews(step, plan, 'zip').length > 0,
  remedies: (plan, _, step) => [
    {
      says: 'Unpick it, press the edges flat without pulling, stay them with a strip of interfacing, and sew both sides from the bottom up: cloth that is sewn from different ends creeps apart.',
      cost: step.seam ? againSays(plan, step.seam.value) : '',
    },
    {
      says: 'Is one side longer at the top? Unpick that side only, pin it closed from the waist down, hand-baste, and sew over the basting.',
      cost: 'Half of that.',
    },
  ],
};
