import { bulkUnderFoot } from '../checks/bulk-under-foot.ts';
import { tieBand } from '../components/tie-band.ts';
import { addPockets, pocketsSeen } from '../components/patch-pocket.ts';
import { press } from '../components/press.ts';
import { Unmakeable } from '../errors/unmakeable.ts';
import { gatherStep } from '../joins/gather.ts';
import { hem } from '../joins/hem.ts';
import { along, copiesOf } from '../joins/run.ts';
import { rectangleShape } from '../shapes/rectangle.ts';
import { allowanceChoice, lengthChoice, ratioChoice } from './choice.ts';
import type { Construction } from './construction.ts';
import { bandClothChoice, gatherByChoice, pocketChoices, sharedChoices } from './shared-choices.ts';

/** An apron covers this share of the waist (common practice, no source). */
const COVERS = 0.5;

/** One width of cloth gathered to a band that runs on into its ties. */
export const gatheredApron: Construction = {
  id: 'gathered-apron',
  name: 'Gathered apron',
  summary: 'One width gathered to a band that ties behind; hemmed on three sides, with pockets if you like.',
  group: 'ties',
  needs: ['waist-girth'],
  optional: ['waist-to-hip', 'hip-girth'],
  docket: ['apron-width', 'apron-flat', 'band-cut-length', 'finished-length', 'cloth-to-buy'],
  choices: [
    lengthChoice('length', 'Length', 550, [100, 1200], 'Below the band.', { saves: 'less' }),
    ratioChoice('covers', 'How far round', COVERS, [0.25, 0.95], 'The share of the waist the apron covers: half is usual.', { step: 0.05 }),
    ratioChoice('fullness', 'Fullness', 1.6, [1, 4], 'Flat width for each width of band.', { step: 0.1, saves: 'less' }),
    allowanceChoice('sideHem', 'Side hems', 24, [0, 60], 'Turned in twice at both sides.'),
    lengthChoice('tieLength', 'Ties, each', 750, [150, 1500], 'Long enough for a bow behind, or round to the front.'),
    allowanceChoice('bandWidth', 'Finished band', 35, [15, 120], 'How high the band stands.', { fine: false }),
    ...pocketChoices(),
    gatherByChoice,
    bandClothChoice,
    ...sharedChoices(40),
  ],
  draft(sheet) {
    const [seam, length, side] = [sheet.number('seam'), sheet.number('length'), sheet.number('sideHem')];
    const wide = sheet.put('apron-width', 'Apron, at the band', 'nearest', sheet.girth('waist').times(sheet.number('covers')));
    const flat = sheet.put('apron-flat', 'Apron, flat', 'up', wide.times(sheet.number('fullness')));
    const usable = sheet.usableWidth.value;
    if (flat.value + 2 * side.value > usable + 1e-6) {
      const most = Math.floor(((usable - 2 * side.value) / wide.value) * 100) / 100;
      const says = `The apron is one width of cloth: ${sheet.show(flat)} and its side hems are more than ${sheet.show(sheet.usableWidth)}.`;
      if (most >= 1) throw new Unmakeable('choices.fullness', says, most);
      throw new Unmakeable('cloth.width', says, Math.ceil(sheet.cloth.width + flat.value + 2 * side.value - usable));
    }
    sheet.put('finished-length', 'Finished length', 'nearest', length);
    sheet.openings.push('edge');
    const piece = sheet.cut({
      id: 'apron',
      name: 'Apron',
      copies: 1,
      grain: 'along',
      quantityIds: ['apron-flat', 'finished-length'],
      shape: rectangleShape(flat, length, { top: seam.value, bottom: sheet.number('hem').value, sides: side.value }),
    });
    const one = copiesOf(piece);
    hem(sheet, {
      id: 'side-hem',
      title: 'Hem both sides',
      edge: [...along(one, 'side-right'), ...along(one, 'side-left')],
      curved: false,
      allowance: side,
      inner: true,
    });
    hem(sheet, { id: 'hem', title: 'Hem the lower edge', edge: along(one, 'bottom'), curved: false, allowance: sheet.number('hem'), inner: true });
    if (sheet.yes('pockets')) addPockets(sheet, { onto: piece });
    const top = along(one, 'top', true);
    if (flat.value > wide.value * 1.001)
      gatherStep(sheet, {
        id: 'gather',
        title: `Gather the top edge to ${sheet.show(wide)}`,
        edge: top,
        to: wide,
        names: ['on the apron', 'on the band'],
        shows: [{ id: 'band' }],
      });
    tieBand(sheet, {
      edge: top,
      held: wide,
      tie: sheet.number('tieLength'),
      height: sheet.number('bandWidth'),
      title: 'Sew on the band and its ties',
    });
    sheet.check(bulkUnderFoot(sheet, sheet.number('fullness'), 'fullness'));
    press(sheet, 'Press it from the hem up, into the gathers with the tip of the iron.');
    sheet.view = {
      hangsFrom: 'waist',
      band: sheet.number('bandWidth').value,
      verticalSeams: 0,
      levels: [0, 0.5, 1].map((share) => ({
        drop: share * length.value,
        clothGirth: 2 * flat.value,
        ...(share === 0 ? { heldGirth: sheet.girth('waist').value } : {}),
      })),
      parts: [...(sheet.yes('pockets') ? [pocketsSeen(sheet)] : []), { kind: 'bow', drop: -sheet.number('bandWidth').value / 2, only: 'back' }],
    };
  },
};
