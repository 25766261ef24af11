import type { Plan } from '../plan/plan.ts';

/** What to look at on this garment while it is tried on, the most telling first (handbook 14). */
export function tryOnOf(plan: Pick<Plan, 'quantities' | 'wearer' | 'joins' | 'construction' | 'cloth' | 'choices' | 'body' | 'steps'>): string[] {
  const has = (id: string) => plan.quantities.some((each) => each.id === id);
  const how = new Set(plan.joins.map((join) => join.how));
  const skirt = plan.construction.group === 'skirts';
  const child = plan.wearer !== 'adult';
  return [
    skirt ? 'Does it pass the hips, and sit where you measured?' : 'Does it go on over head or shoulders without a pull, and off again?',
    ...(how.has('zip') ? ['Close the zip: do its sides meet without force, and does the tip of the slide lie below the waist seam?'] : []),
    child
      ? 'Let the child run, squat and lift both arms: does anything pull or ride up?'
      : 'Sit, walk, climb a stair, lift both arms: does anything pull?',
    ...(has('narrowest-girth') ? ['Take your longest stride at the narrowest place.'] : []),
    ...(has('shirr-relaxed')
      ? ['Measure the shirring at rest, before and after steam, and breathe in deeply: it may not slide down or dig in.']
      : []),
    ...(has('elastic-finished') || has('bust-elastic-finished') ? ['After ten minutes: does the elastic leave marks, twist or slip?'] : []),
    ...(how.has('gather') ? ['Do the gathers lie evenly, front and back, left and right?'] : []),
    ...(plan.choices.get('pockets') === true ? ['Do your hands find the pockets without stretching?'] : []),
    ...(plan.steps.some(({ id }) => id === 'level')
      ? ['From the side, with the shoes: is the hem level from the floor?']
      : ['Is the hem straight, and right for the shoes?']),
    ...(plan.cloth.sheer || plan.cloth.weight === 'light' ? ['Against the light: can one see through?'] : []),
    ...(plan.cloth.kind === 'knit' ? ['Stretch every seam that goes over something: no stitch may pop.'] : []),
    ...(child ? ['Are there no cords, loose buttons or long ends within reach?'] : []),
  ];
}
