import { hangBeforeHem, needsLining } from '../checks/cloth-checks.ts';
import { stretchDirection } from '../checks/stretch-direction.ts';
import { circleWaist, circleWaistSteps } from '../components/circle-waist.ts';
import { bandSheet } from '../components/band.ts';
import { Unmakeable } from '../errors/unmakeable.ts';
import { cutSteps, fitStep, hangStep, hemStep, prepareSteps, pressStep, seamStep } from '../make/common-steps.ts';
import { squareSheet } from '../marks/square-marks.ts';
import { Quantity, TWO_PI } from '../quantity/quantity.ts';
import { circle } from '../shapes/sector.ts';
import { rectangle } from '../shapes/rectangle.ts';
import type { Edge } from '../geometry/edge.ts';
import type { Turn } from '../shapes/piece.ts';
import { allowanceChoice, lengthChoice, oneOfChoice } from './choice.ts';
import type { Construction } from './construction.ts';
import { bandClothChoice, elasticChoices, sharedChoices, waistEaseChoice } from './shared-choices.ts';
import { zipStep } from '../components/zip.ts';

/** A square with a round hole: the corners hang longest. */
export const handkerchiefSkirt: Construction = {
  id: 'handkerchief-skirt',
  name: 'Handkerchief skirt',
  summary: 'A square with a round hole: four corners hang lowest.',
  needs: ['waist-girth', 'hip-girth'],
  optional: [],
  docket: ['waist-radius-cut', 'square-side-cut', 'corner-length', 'elastic-cut', 'cloth-to-buy', 'sewing-minutes'],
  choices: [
    lengthChoice('sideLength', 'Length at the sides', 500, [20, 1200], 'The shortest length, in the middle of each side; the corners hang lower.', {
      saves: 'less',
    }),
    oneOfChoice(
      'closure',
      'How it goes on',
      'zip',
      { zip: 'Zip', stretch: 'The cloth stretches', 'pull-on': 'Elastic' },
      'A zip fits closest. Elastic needs a waist as wide as the hips, drawn in.',
      { compare: { quantities: ['seam-girth', 'waist-radius-cut', 'corner-length', 'finished-girth', 'sewing-minutes'] } },
    ),
    allowanceChoice('pullOnEase', 'Room over the hips', 50, [0, 400], 'What the waist seam has beyond the hips.', {
      when: { choice: 'closure', is: ['pull-on'] },
      fine: false,
    }),
    { ...waistEaseChoice, when: { choice: 'closure', is: ['zip', 'stretch'] } },
    allowanceChoice('bandWidth', 'Finished band', 30, [10, 150], 'How high the waistband stands.', {
      when: { choice: 'closure', is: ['zip', 'stretch'] },
    }),
    bandClothChoice,
    ...elasticChoices('body', { when: { choice: 'closure', is: ['pull-on'] } }),
    ...sharedChoices(12),
  ],
  draft(sheet) {
    const closure = sheet.oneOf('closure');
    const [waist, hip] = [sheet.measure('waist-girth'), sheet.measure('hip-girth')];
    const [seam, hem, length] = [sheet.number('seam'), sheet.number('hem'), sheet.number('sideLength')];
    const two = Quantity.constant(2, 'ratio');
    const seamGirth = sheet.put(
      'seam-girth',
      'Waist seam',
      'nearest',
      closure === 'pull-on' ? hip.plus(sheet.number('pullOnEase')) : waist.plus(sheet.number('waistEase')),
    );
    if (seamGirth.value <= 0) throw new Unmakeable('choices.waistEase', 'The waist seam would have no length.', 0);
    const inner = sheet.put('waist-radius', 'Waist radius', 'down', seamGirth.over(TWO_PI));
    const innerCut = sheet.put('waist-radius-cut', 'Waist radius, to cut', 'down', inner.minus(seam));
    if (innerCut.value <= 0) throw new Unmakeable('choices.seam', 'The allowance leaves no hole to cut.', Math.floor(inner.value / 2));
    const reach = inner.plus(length).named('reach', 'From the centre to a side', 'nearest');
    const side = sheet.put('square-side', 'Side of the square', 'nearest', two.times(reach));
    const sideCut = sheet.put('square-side-cut', 'Side of the square, to cut', 'up', side.plus(two.times(hem)));
    const corner = sheet.put('corner-length', 'Length at the corners', 'nearest', reach.times(two.sqrt()).minus(inner));
    if (closure === 'pull-on') sheet.put('fullness', 'Gathered at the waist', 'nearest', seamGirth.over(waist));
    sheet.put('finished-length', 'Finished length, at the sides', 'nearest', length);
    sheet.put('hem-sweep', 'Round the hem', 'nearest', side.times(4));

    const whole = sideCut.value <= sheet.usableWidth.value + 1e-6;
    if (!whole) assertHalfFits(sheet, reach.value + hem.value + seam.value, length.value);
    const turns: Turn[] = sheet.cloth.oneWay ? [whole ? 0 : 90] : whole ? [0, 180] : [90, 270];
    const half = { name: 'Skirt half', copies: 2, seam: halfSquare(inner.value, reach.value, seam.value, hem.value), holes: [] };
    const one = { name: 'Skirt', copies: 1, seam: centredSquare(side.value, hem.value), holes: [circle('waist', inner.value, seam.value, false)] };
    const piece = sheet.piece({
      id: 'skirt',
      grain: 'any',
      turns,
      quantityIds: ['square-side-cut', 'waist-radius-cut'],
      ...(whole ? one : half),
      lines: whole && closure === 'zip' ? [{ name: 'slit', from: [0, -inner.value], to: [0, -reach.value] }] : [],
    });
    sheet.chalk.push(
      squareSheet(sheet, { piece, inner: innerCut, half: sideCut.over(two).named('half-side-cut', 'Half the side, to cut', 'up'), seam, whole }),
    );
    circleWaist(sheet, { closure, waist, hip, seamGirth });
    bandSheet(sheet);
    sheet.view = {
      hangsFrom: 'waist',
      band: closure === 'pull-on' ? sheet.elastic.width + 5 : sheet.number('bandWidth').value,
      verticalSeams: 0,
      corners: corner.value - length.value,
      levels: [0, 0.33, 0.66, 1].map((share) => ({
        drop: share * length.value,
        clothGirth: 2 * Math.PI * (inner.value + share * length.value),
        ...(share === 0 ? { heldGirth: closure === 'pull-on' ? waist.value : seamGirth.value } : {}),
      })),
    };

    sheet.check(stretchDirection(sheet, closure === 'stretch'));
    sheet.check(needsLining(sheet, false));
    sheet.check(hangBeforeHem(sheet));

    prepareSteps(sheet);
    cutSteps(sheet);
    sheet.step({
      id: 'stay-stitch',
      kind: 'sew',
      title: 'Stay-stitch the waist',
      setUp: 3,
      seam: seamGirth,
      stitch: '301',
      stitchLength: 2,
      stitchWidth: 0,
      how: 'One line just inside the seam line, at once.',
      why: 'The curved edge stretches as soon as it is handled.',
    });
    if (!whole)
      seamStep(
        sheet,
        {
          id: 'sides',
          title: 'Sew the halves together',
          how: `Right sides together, press open.${closure === 'zip' ? ' Leave the zip length open at the top of one seam.' : ''}`,
        },
        length.times(2),
      );
    if (closure === 'zip')
      zipStep(
        sheet,
        whole
          ? {
              title: 'Slit, face and put in the zip',
              how: 'Slit one radius as far as the zip reaches, face it with a strip, stitch the zip behind it.',
              setUp: 25,
            }
          : {},
      );
    circleWaistSteps(sheet, closure, seamGirth);
    fitStep(sheet, 'Do the corners hang alike? Turn it until they do.');
    hangStep(sheet, 'The corners hang on the bias and drop.');
    hemStep(sheet, side.times(4), false);
    pressStep(sheet, 'The four sides straight, the corners sharp.');
  },
};

function centredSquare(side: number, hem: number): Edge[] {
  return rectangle(side, side, { top: hem, bottom: hem, sides: hem }).map((edge) => ({
    ...edge,
    name: 'hem',
    from: [edge.from[0], edge.from[1] - side / 2],
    to: [edge.to[0], edge.to[1] - side / 2],
  }));
}

/** Half of the square below the centre, cut through the hole. */
function halfSquare(inner: number, reach: number, seam: number, hem: number): Edge[] {
  const line = (name: string, from: readonly [number, number], to: readonly [number, number], allowance: number): Edge => ({
    name,
    from,
    to,
    allowance,
  });
  return [
    line('hem', [-reach, -reach], [reach, -reach], hem),
    line('hem', [reach, -reach], [reach, 0], hem),
    line('side-right', [reach, 0], [inner, 0], seam),
    { name: 'waist', from: [inner, 0], to: [-inner, 0], arc: { centre: [0, 0], ccw: false }, allowance: seam },
    line('side-left', [-inner, 0], [-reach, 0], seam),
    line('hem', [-reach, 0], [-reach, -reach], hem),
  ];
}

function assertHalfFits(sheet: Parameters<Construction['draft']>[0], needed: number, length: number): void {
  const usable = sheet.usableWidth.value;
  if (needed <= usable + 1e-6 && sheet.cloth.print === 'none') return;
  const says =
    sheet.cloth.print === 'none'
      ? 'Not even half the square fits this cloth.'
      : 'The square is wider than the cloth, and a printed cloth leaves no seam to hide.';
  const nearest = sheet.cloth.print === 'none' ? length - (needed - usable) : usable / 2 - (needed - length) + sheet.number('seam').value;
  throw new Unmakeable('choices.sideLength', says, nearest > 20 ? Math.floor(nearest / sheet.scale) : undefined);
}
