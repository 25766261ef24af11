import { allowanceChoice, lengthChoice, oneOfChoice, yesNoChoice, type Choice } from './choice.ts';

/** Straps over the shoulders, or ties; `shown` where they apply. */
export function strapChoices(shown: NonNullable<Choice['when']>): Choice[] {
  const when = { choice: 'straps', is: ['plain', 'tie'] };
  return [
    oneOfChoice(
      'straps',
      'Straps',
      'tie',
      { none: 'None', plain: 'Sewn straps', tie: 'Ties, in a bow' },
      'Ties fit every shoulder; sewn straps need one measure; without any the rows alone have to hold.',
      { proposed: { child: 'plain' }, when: shown },
    ),
    ...strapSizeChoices(when),
  ];
}

/** Length and width of straps. */
export const strapSizeChoices = (when?: Choice['when']): Choice[] => [
  lengthChoice(
    'strapLength',
    'Strap length',
    null,
    [80, 900],
    'What shows from front to back: over the shoulder as measured, unless you say. Of a tie: half of it and the bow.',
    {
      ...(when ? { when } : {}),
    },
  ),
  allowanceChoice('strapWidth', 'Strap width', 25, [5, 120], 'Finished. A strap of no width can’t be turned.', {
    fine: false,
    ...(when ? { when } : {}),
  }),
];

/** Sleeves that are rectangles, drawn in at cuff and shoulder; `shown` where they apply. */
export function sleeveChoices(shown: NonNullable<Choice['when']>): Choice[] {
  const when = { choice: 'sleeves', is: [true] };
  return [
    yesNoChoice(
      'sleeves',
      'Gathered sleeves',
      false,
      'Rectangles shirred at cuff and shoulder; their corners are cut away like those of the dress.',
      { when: shown },
    ),
    lengthChoice('sleeveLength', 'Sleeve length', 480, [110, 800], 'From the top edge over the shoulder to the cuff.', { when, saves: 'less' }),
    lengthChoice('sleeveWidth', 'Sleeve width, flat', null, [200, 1200], 'Twice the upper arm, unless you want it fuller or plainer.', {
      when,
      saves: 'less',
    }),
    lengthChoice('sleeveShirr', 'Shirring on the sleeve', 40, [10, 120], 'Its depth at the cuff and at the shoulder.', { when }),
    lengthChoice(
      'cornerAlong',
      'Armhole corner, along the top',
      90,
      [30, 160],
      (about) => `Cut away alike from dress and sleeve: about ${about(90, 3.5)} for an adult, ${about(60, 2.5)} for a child.`,
      { when, fine: true, proposed: { child: 60 } },
    ),
    lengthChoice(
      'cornerDown',
      'Armhole corner, down the side',
      75,
      [30, 200],
      (about) => `About ${about(75, 3)} for an adult, ${about(50, 2)} for a child.`,
      {
        when,
        fine: true,
        proposed: { child: 50 },
      },
    ),
  ];
}

/** Whether a neck that is too small for the head gets a slit. */
export const keyholeChoice: Choice = yesNoChoice(
  'keyhole',
  'Keyhole at the back where the head needs it',
  true,
  'A slit as long as it takes, faced, with a loop and a button.',
);
