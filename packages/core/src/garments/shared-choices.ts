import { INCH } from '../units/units.ts';
import { allowanceChoice, lengthChoice, oneOfChoice, ratioChoice, yesNoChoice, type Choice } from './choice.ts';

/** Seam allowance: 15 woven, 10 knit (common practice, no source). */
const SEAM_WOVEN = 15;
const SEAM_KNIT = 10;

/** The choices every construction has. `hem` is its default hem allowance, mm. */
export function sharedChoices(hem: number, rest: { seam?: number } = {}): Choice[] {
  return [
    allowanceChoice('seam', 'Seam allowance', rest.seam ?? SEAM_WOVEN, [3, 40], 'Wide enough to let out, narrow enough to lie flat; less on knits.', {
      knitDefault: rest.seam ?? SEAM_KNIT,
      proposed: { in: INCH / 2 },
    }),
    allowanceChoice(
      'hem',
      'Hem allowance',
      hem,
      [0, 150],
      'Curved edges take a narrow hem, straight ones can take a deep one. 0 leaves the edge raw or bound.',
      { saves: [{ to: 0, says: 'Bind or face the hem instead of turning it up' }] },
    ),
    allowanceChoice('reserve', 'Extra cloth to be safe', 0, [0, 5000], 'Bought on top, for a slip of the scissors or a pocket more.', { step: 50 }),
    allowanceChoice('bladeGap', 'Room between pieces', 0, [0, 5], 'For a rotary cutter that wants air on both sides; scissors need none.'),
    oneOfChoice(
      'fold',
      'Cloth while you cut',
      'open',
      { open: 'Open, in one layer', along: 'Folded along', across: 'Folded across', 'in-four': 'Folded in four' },
      'Open takes the least cloth. Folded, two or four layers are cut at once and left and right come out alike.',
      {
        fine: true,
        saves: [
          { to: 'open', says: 'Cut it open in one layer instead of folded' },
          { to: 'in-four', says: 'Cut it folded in four' },
          { to: 'along', says: 'Cut it folded along' },
          { to: 'across', says: 'Cut it folded across' },
        ],
      },
    ),
    oneOfChoice(
      'machine',
      'Sewn with',
      'zigzag',
      { zigzag: 'A machine with zigzag', straight: 'A machine that only sews straight', hands: 'Needle and thread, by hand' },
      'Stitches, times and what to buy follow. By hand it takes three times as long, and holds as well.',
      { fine: true },
    ),
    oneOfChoice(
      'finish',
      'Raw edges',
      'zigzag',
      { zigzag: 'Zigzag', overlock: 'Overlock', pinking: 'Pinking shears' },
      'What keeps the edges from fraying. Cloth that does not fray gets none.',
      { fine: true },
    ),
    oneOfChoice(
      'pace',
      'Sewing pace',
      'beginner',
      { beginner: 'Taking it slowly', practised: 'Practised' },
      'Half a metre of seam a minute, or one and a half.',
      { fine: true },
    ),
    oneOfChoice(
      'sampleSize',
      'Make it',
      'full',
      { full: 'Full size', half: 'Half size, to practise', quarter: 'Quarter size, to practise' },
      'A small one teaches the order of work. Body and lengths shrink; allowances, elastic and stitches stay.',
      { fine: true },
    ),
  ];
}

/** What is proposed to adults: 6 % shorter than the waist (handbook 13a: 4 to 8). */
export const SNUG_PROPOSED = 0.94;

/** A knit band that stays up by its own stretch is cut so much smaller than the waist, mm (common practice, no source). */
export const STRETCH_EASE = -40;

/** Ease at the waist, mm; negative on snug knits. */
export const waistEaseChoice: Choice = allowanceChoice(
  'waistEase',
  'Ease at the waist',
  0,
  [-200, 400],
  (about) => `Room on top of the waist measure. None for a firm band, ${about(10, 0.375)} to ${about(20, 0.75)} to sit and eat.`,
  { fine: false },
);

/** What a separate waistband is cut from. A bare request lays the skirt alone; a new make starts with the band on the same cloth. */
export const bandClothChoice: Choice = oneOfChoice(
  'bandCloth',
  'Band cut from',
  'main',
  { main: 'The same cloth', contrast: 'Another cloth' },
  'The same cloth takes a little more length; another one saves it, and can be plain where the skirt is printed.',
  { fine: true, saves: [{ to: 'contrast', says: 'Cut the band from another cloth' }] },
);

/** The elastic schools (handbook 7); `school` is the construction's default, `figures` what tells them apart where the elastics have names of their own. */
export function elasticChoices(school = 'body', rest: { snug?: number; when?: Choice['when']; tryOn?: false; figures?: string[] } = {}): Choice[] {
  const when = rest.when ? { when: rest.when } : {};
  const { tryOn = true } = rest;
  return [
    oneOfChoice(
      'elasticSchool',
      'Elastic length',
      school,
      { body: 'As the body', 'less-an-inch': 'An inch less', snug: 'Snug', ...(tryOn ? { 'try-on': 'As tried on' } : {}) },
      'As the body rests on the waist; an inch less or a few per cent less holds; pinned on the person is surest.',
      {
        ...when,
        proposed: { child: 'body', adult: 'snug' },
        compare: { quantities: rest.figures ?? ['elastic-finished', 'elastic-cut', 'elastic-stretch-needed', 'elastic-sewn-ratio'] },
      },
    ),
    ratioChoice('elasticSnug', 'Snug: share of the body', rest.snug ?? 0.92, [0.7, 1], '0.90 to 0.97 in a casing, 0.85 to 0.92 sewn on or exposed.', {
      proposed: { adult: SNUG_PROPOSED },
      step: 0.01,
      when: { choice: 'elasticSchool', is: ['snug'] },
    }),
    ...(tryOn
      ? [
          allowanceChoice('elasticTryOn', 'Length tried on', null, [50, 3000], 'Pinned round the person, without the join.', {
            when: { choice: 'elasticSchool', is: ['try-on'] },
            scales: true,
            fine: false,
          }),
        ]
      : []),
    oneOfChoice(
      'elasticJoin',
      'Elastic join',
      'overlap',
      { overlap: 'Ends overlapped', seam: 'Ends sewn into a seam' },
      'Overlapped and zigzagged lies flat; into a seam when it is sewn to the cloth.',
      { fine: true, ...when },
    ),
    allowanceChoice('elasticOverlap', 'Overlap of the ends', 20, [0, 60], (about) => `${about(6, 0.25)} to ${about(25, 1)}, one overlap.`, when),
  ];
}

/** The three ways of gathering (handbook 5 and 16). */
export const gatherByChoice: Choice = oneOfChoice(
  'gatherBy',
  'Gather with',
  'thread',
  { thread: 'Two threads', overlocker: 'Overlocker', cord: 'Zigzag over cord' },
  'Threads for the evenest gathers, the overlocker for long ruffles, cord for heavy cloth.',
  { fine: true, compare: { quantities: ['sewing-minutes', 'thread-length'] } },
);

/**
 * How a gathered skirt holds at the waist (handbook 3 and 10.3), with what hangs on it. `figures`: what of the skirt itself tells the
 * ways apart; `onlyGathersHere`: nothing else of it is gathered.
 */
export function gatheredWaistChoices({ figures, onlyGathersHere }: { figures: string[]; onlyGathersHere: boolean }): Choice[] {
  const elasticWaist = { choice: 'waist', is: ['self-casing', 'tube-band', 'exposed-elastic'] };
  return [
    oneOfChoice(
      'waist',
      'Waist',
      'self-casing',
      {
        'self-casing': 'Casing of the skirt itself',
        'tube-band': 'Tube band',
        'exposed-elastic': 'Wide elastic to show',
        'fitted-band': 'Fitted band, zip',
      },
      'A casing is quickest; a tube band lies flatter; wide elastic is the band; a fitted band is dressiest and needs a zip.',
      { compare: { quantities: [...figures, 'elastic-cut', 'band-cut-length', 'elastic-sewn-ratio', 'sewing-minutes'] } },
    ),
    allowanceChoice('hipClearance', 'Room over the hips', 50, [0, 400], 'What the flat edge has beyond the hips, to slide over them and to sit in.'),
    { ...waistEaseChoice, when: { choice: 'waist', is: ['fitted-band'] } },
    allowanceChoice('bandWidth', 'Finished band', 30, [10, 150], 'How high the waistband stands.', {
      when: { choice: 'waist', is: ['fitted-band'] },
    }),
    { ...bandClothChoice, when: { choice: 'waist', is: ['tube-band', 'fitted-band'] } },
    ...elasticChoices('body', { when: elasticWaist }),
    // a casing of its own draws the cloth in by its elastic alone: nothing is gathered by thread
    { ...gatherByChoice, ...(onlyGathersHere ? { when: { choice: 'waist', is: ['tube-band', 'exposed-elastic', 'fitted-band'] } } : {}) },
  ];
}

/** A ruffle's height, fullness and fold; `when` it is shown. */
export function ruffleChoices(when: NonNullable<Choice['when']>, { height, fullness }: { height: number; fullness: number }): Choice[] {
  return [
    lengthChoice('ruffleHeight', 'Ruffle height', height, [20, 600], 'What it adds below the edge.', { when }),
    ratioChoice('ruffleFullness', 'Ruffle fullness', fullness, [1, 4], 'Twice the edge is usual.', { step: 0.1, when }),
    yesNoChoice('ruffleDouble', 'Ruffle folded double', false, 'Needs no hem of its own, takes twice the cloth, stands out more.', { when }),
  ];
}

/** How the hem edge is finished: turned up, bound, or with a ruffle (handbook 3). */
export function hemEdgeChoices(): Choice[] {
  const ruffle = { choice: 'hemEdge', is: ['ruffle'] };
  return [
    oneOfChoice(
      'hemEdge',
      'Hem edge',
      'turned',
      { turned: 'Turned up', bound: 'Bound', ruffle: 'A ruffle' },
      'Turned up is quickest. A binding costs no length and lies flat on a curve. A ruffle adds length and swing.',
      { compare: { quantities: ['finished-length', 'ruffle-flat', 'binding-length', 'binding-square', 'sewing-minutes'] } },
    ),
    ...ruffleChoices(ruffle, { height: 150, fullness: 2 }),
  ];
}

/** Two patch pockets and their size. */
export function pocketChoices(): Choice[] {
  const when = { choice: 'pockets', is: [true] };
  return [
    yesNoChoice('pockets', 'Patch pockets', false, 'Two, at hip level.'),
    allowanceChoice('pocketWidth', 'Pocket width', 150, [60, 300], 'A hand and a little.', { when, fine: false }),
    allowanceChoice('pocketDepth', 'Pocket depth', 170, [60, 350], 'Deep enough that nothing falls out.', { when, fine: false }),
  ];
}
