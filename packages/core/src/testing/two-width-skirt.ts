import { addHemEdge } from '../components/hem-edge.ts';
import { addWaist } from '../components/waist.ts';
import { lengthChoice } from '../garments/choice.ts';
import type { Construction } from '../garments/construction.ts';
import { elasticChoices, sharedChoices } from '../garments/shared-choices.ts';
import { casingTurn } from '../joins/elastic-lengths.ts';
import { plain } from '../joins/plain.ts';
import { ringSeams } from '../joins/ring.ts';
import { along, copiesOf } from '../joins/run.ts';
import { rectangleShape } from '../shapes/rectangle.ts';

/** The worked example of docs/architecture.md: two rectangles, a casing, a hem. */
export const twoWidthSkirt: Construction = {
  id: 'two-width-skirt',
  name: 'Two-width skirt',
  summary: 'Two rectangles and an elastic.',
  group: 'skirts',
  needs: ['waist-girth', 'hip-girth'],
  optional: [],
  docket: ['panel-width', 'casing-turn', 'elastic-cut', 'cloth-to-buy'],
  choices: [lengthChoice('length', 'Length', 600, [100, 1200], 'From the waist to the hem.'), ...elasticChoices(), ...sharedChoices(24)],
  draft(s) {
    const [length, seam, hem, turn] = [s.number('length'), s.number('seam'), s.number('hem'), casingTurn(s)];
    const flat = s.girth('hip').plus(s.figure('hip-room')).named('flat', 'All round', 'up');
    const width = s.put('panel-width', 'Each width', 'up', flat.over(2));
    s.openings.push('waist', 'hem');
    const panel = s.cut({
      id: 'panel',
      name: 'Width',
      copies: 2,
      grain: 'along',
      shape: rectangleShape(width, length, { top: turn.value, bottom: hem.value, sides: seam.value }),
    });
    const ring = copiesOf(panel);
    const { seams } = ringSeams(s, { id: 'side', ring });
    plain(s, { step: 'sides', title: 'Sew the two widths together', edges: 'the side edges', seams, press: 'open' });
    addWaist(s, { kind: 'self-casing', edge: along(ring, 'top', true), girth: flat, waysOut: [], tryOnSays: 'Does it pass the hips?' });
    addHemEdge(s, { edge: along(ring, 'bottom'), curved: false, onto: panel.id });
  },
};
