import { needsLining, hangBeforeHem, clothWideEnough } from '../checks/cloth-checks.ts';
import { stretchDirection } from '../checks/stretch-direction.ts';
import { weightSuitsCircle } from '../checks/weight-suits.ts';
import { bandSheet } from '../components/band.ts';
import { circleWaist, circleWaistSteps } from '../components/circle-waist.ts';
import { addHemEdge, hemAdds, hemAllowance, hemEdgeSteps } from '../components/hem-edge.ts';
import { liningShorter } from '../components/lining.ts';
import { Unmakeable } from '../errors/unmakeable.ts';
import { cutSteps, finishStep, fitStep, hangStep, hungLiningStep, prepareSteps, pressStep, seamStep } from '../make/common-steps.ts';
import { discSheet, sectorSheet } from '../marks/circle-marks.ts';
import type { Worksheet } from '../plan/worksheet.ts';
import { Quantity, TWO_PI } from '../quantity/quantity.ts';
import { circle, sector } from '../shapes/sector.ts';
import { footprint, makePiece, type Piece, type Turn } from '../shapes/piece.ts';
import { allowanceChoice, countChoice, lengthChoice, oneOfChoice, ratioChoice, yesNoChoice } from './choice.ts';
import type { Construction } from './construction.ts';
import { bandClothChoice, elasticChoices, gatherByChoice, hemEdgeChoices, sharedChoices, waistEaseChoice } from './shared-choices.ts';
import { zipStep } from '../components/zip.ts';

/** A panel wider than this that must open is slit and faced: there is no cloth left for two side allowances, degrees. */
const SLIT_ABOVE = 330;
/** More panels than this are gores, not a circle. */
const MOST_PANELS = 48;

/** A skirt cut from a circle or any part of one: one radius for the waist, one for the hem. */
export const circleSkirt: Construction = {
  id: 'circle-skirt',
  name: 'Circle skirt',
  summary: 'A ring of cloth, or part of one: smooth at the waist, wide at the hem.',
  needs: ['waist-girth', 'hip-girth'],
  optional: [],
  docket: ['waist-radius-cut', 'hem-radius-cut', 'hem-sweep', 'elastic-cut', 'cloth-to-buy', 'sewing-minutes'],
  choices: [
    lengthChoice('length', 'Length below the band', 600, [20, 1500], 'From the band to the finished hem.', { saves: 'less' }),
    ratioChoice(
      'fraction',
      'Part of a circle',
      1,
      [0.1, 4],
      'Half a circle hangs in gentle folds, a full one swings. Heavy cloth looks better in parts, light cloth in full.',
      { step: 0.05, saves: 'less' },
    ),
    oneOfChoice(
      'closure',
      'How it goes on',
      'zip',
      { zip: 'Zip', stretch: 'The cloth stretches', 'pull-on': 'Elastic' },
      'A zip fits closest. Elastic needs a waist as wide as the hips, drawn in. Stretch only works in a knit.',
      { compare: { quantities: ['seam-girth', 'waist-radius-cut', 'hem-sweep', 'fullness', 'finished-girth', 'sewing-minutes'] } },
    ),
    allowanceChoice('pullOnEase', 'Room over the hips', 50, [0, 400], 'What the waist seam has beyond the hips, so that it slides over them.', {
      when: { choice: 'closure', is: ['pull-on'] },
      fine: false,
    }),
    { ...waistEaseChoice, when: { choice: 'closure', is: ['zip', 'stretch'] } },
    countChoice('panels', 'Panels', null, [1, MOST_PANELS], 'The fewest that fit your cloth, unless you want more seams.', {
      saves: [2, 3, 4, 6, 8].map((to) => ({ to, says: `Cut it in ${to} panels` })),
    }),
    allowanceChoice('bandWidth', 'Finished band', 30, [10, 150], 'How high the waistband stands.', {
      when: { choice: 'closure', is: ['zip', 'stretch'] },
    }),
    yesNoChoice('lining', 'Lining', false, 'The same shape, 5 cm shorter. Sheer cloth wants one.'),
    ...hemEdgeChoices(),
    { ...gatherByChoice, when: { choice: 'hemEdge', is: ['ruffle'] } },
    bandClothChoice,
    ...elasticChoices('body', { when: { choice: 'closure', is: ['pull-on'] } }),
    ...sharedChoices(12),
  ],
  draft(sheet) {
    const closure = sheet.oneOf('closure');
    const [waist, hip] = [sheet.measure('waist-girth'), sheet.measure('hip-girth')];
    const [seam, hem, length, fraction] = [sheet.number('seam'), hemAllowance(sheet), sheet.number('length'), sheet.number('fraction')];

    const worn = closure === 'pull-on' ? hip.plus(sheet.number('pullOnEase')) : waist.plus(sheet.number('waistEase'));
    const seamGirth = sheet.put('seam-girth', 'Waist seam', 'nearest', worn);
    if (seamGirth.value <= 0) throw new Unmakeable('choices.waistEase', 'The waist seam would have no length.', 0);
    const inner = sheet.put('waist-radius', 'Waist radius', 'down', seamGirth.over(TWO_PI.times(fraction)));
    const innerCut = sheet.put('waist-radius-cut', 'Waist radius, to cut', 'down', inner.minus(seam));
    if (innerCut.value <= 0) {
      const most = seamGirth.value / (2 * Math.PI * seam.value);
      throw new Unmakeable(
        'choices.fraction',
        `The allowance (${sheet.show(seam)}) is wider than the waist radius (${sheet.show(inner)}): no hole is left to cut.`,
        Math.floor(most * 100 - 1) / 100,
      );
    }
    const outer = sheet.put('hem-radius', 'Hem radius', 'up', inner.plus(length));
    const outerCut = sheet.put('hem-radius-cut', 'Hem radius, to cut', 'up', outer.plus(hem));
    const sweep = sheet.put('hem-sweep', 'Round the hem', 'nearest', TWO_PI.times(fraction).times(outer));
    if (closure === 'pull-on') sheet.put('fullness', 'Gathered at the waist', 'nearest', seamGirth.over(waist));

    const { panels, piece } = cutPanels(sheet, { inner, outer, fraction, closure });
    const panelAngle = sheet.put('panel-angle', 'Angle of a panel', 'nearest', Quantity.constant(360, 'deg').times(fraction).over(panels));
    const chord = sheet.put(
      'side-chord',
      'From the fold to the side, at the hem',
      'nearest',
      sheet.drawn('chord', 'Straight across the hem arc', 2 * outerCut.value * Math.sin((panelAngle.value * Math.PI) / 720)),
    );
    const whole = piece.cutHoles.length > 0;
    const slit = closure === 'zip' && panelAngle.value > SLIT_ABOVE;
    sheet.put('finished-length', 'Finished length', 'nearest', hemAdds(sheet, length));
    const held = closure === 'pull-on' ? waist.value : seamGirth.value;
    sheet.view = {
      hangsFrom: 'waist',
      band: closure === 'pull-on' ? sheet.elastic.width + 5 : sheet.number('bandWidth').value,
      verticalSeams: whole ? 0 : panels.value,
      levels: [0, 0.25, 0.5, 0.75, 1].map((share) => ({
        drop: share * length.value,
        clothGirth: 2 * Math.PI * fraction.value * (inner.value + share * length.value),
        ...(share === 0 ? { heldGirth: held } : {}),
      })),
    };

    const marks = { piece, inner: innerCut, outer: outerCut, hole: 'waist', seam };
    sheet.chalk.push(whole ? discSheet(sheet, { ...marks, slit }) : sectorSheet(sheet, { ...marks, angle: panelAngle, chord }));
    if (sheet.yes('lining')) addLining(sheet, { inner, length, piece, angle: panelAngle });
    circleWaist(sheet, { closure, waist, hip, seamGirth });
    bandSheet(sheet);
    addHemEdge(sheet, sweep);

    sheet.check(widthCheck(sheet, piece, panels, fraction));
    sheet.check(weightSuitsCircle(sheet, fraction));
    sheet.check(stretchDirection(sheet, closure === 'stretch'));
    sheet.check(needsLining(sheet, sheet.yes('lining')));
    sheet.check(hangBeforeHem(sheet));
    writeSteps(sheet, { closure, seamGirth, panels, length, sweep, whole, slit });
  },
};

interface Radii {
  inner: Quantity;
  outer: Quantity;
  fraction: Quantity;
  closure: string;
}

/** The panels as chosen, or the fewest that fit the cloth. Throws Unmakeable where none does. */
function cutPanels(sheet: Worksheet, radii: Radii): { panels: Quantity; piece: Piece } {
  const least = Math.max(1, Math.ceil(radii.fraction.value - 1e-9), radii.closure === 'zip' && Math.abs(radii.fraction.value - 1) < 1e-9 ? 2 : 1);
  const fits = (count: number): Piece | undefined => {
    try {
      return panelPiece(sheet, radii, count);
    } catch (error) {
      if (error instanceof Unmakeable) return undefined;
      throw error;
    }
  };
  const firstFit = (from: number): number | undefined => {
    for (let count = from; count <= MOST_PANELS; count++) if (fits(count)) return count;
    return undefined;
  };
  if (!sheet.isSet('panels')) {
    const count = firstFit(least);
    if (count === undefined) throw new Unmakeable('cloth.width', `No panel of this skirt fits ${sheet.show(sheet.usableWidth)} of usable width.`);
    const fixed = Quantity.constant(count, 'count', undefined, `fewest that fit ${sheet.show(sheet.usableWidth)} between the selvedges`);
    return {
      panels: sheet.put('panels', 'Panels', 'up', fixed),
      piece: sheet.piece(panelSketch(sheet, radii, count, turnsThatFit(sheet, fits(count)!)!)),
    };
  }
  const chosen = sheet.number('panels');
  const fewest = Math.ceil(radii.fraction.value - 1e-9);
  if (chosen.value < fewest)
    throw new Unmakeable(
      'choices.panels',
      `A panel can't be more than a whole circle: ${radii.fraction.value} circles take at least ${fewest}.`,
      fewest,
    );
  const piece = fits(chosen.value);
  if (!piece)
    throw new Unmakeable(
      'choices.panels',
      `Panels this wide don't fit ${sheet.show(sheet.usableWidth)} of usable width.`,
      firstFit(chosen.value + 1),
    );
  return {
    panels: sheet.put('panels', 'Panels', 'up', chosen),
    piece: sheet.piece(panelSketch(sheet, radii, chosen.value, turnsThatFit(sheet, piece)!)),
  };
}

function panelPiece(sheet: Worksheet, radii: Radii, count: number): Piece {
  const piece = makePiece(panelSketch(sheet, radii, count, [0]));
  if (!turnsThatFit(sheet, piece)) throw new Unmakeable('choices.panels', 'The panel is wider than the cloth.');
  return piece;
}

function panelSketch(sheet: Worksheet, { inner, outer, fraction, closure }: Radii, count: number, turns: Turn[]) {
  const angleDeg = (360 * fraction.value) / count;
  const [seam, hem] = [sheet.number('seam').value, hemAllowance(sheet).value];
  const common = { id: 'skirt', copies: count, grain: 'any' as const, turns, quantityIds: ['waist-radius-cut', 'hem-radius-cut'] };
  if (angleDeg > 360 - 1e-9) {
    const slit = closure === 'zip' ? [{ name: 'slit', from: [0, -inner.value] as const, to: [0, -outer.value] as const }] : [];
    return {
      ...common,
      name: 'Skirt, whole circle',
      seam: circle('hem', outer.value, hem),
      holes: [circle('waist', inner.value, seam, false)],
      lines: slit,
    };
  }
  const side = closure === 'zip' && angleDeg > SLIT_ABOVE ? 0 : seam;
  const name = count === 1 ? 'Skirt' : count === 2 && Math.abs(fraction.value - 1) < 1e-9 ? 'Skirt half' : 'Skirt panel';
  return { ...common, name, seam: sector({ inner: inner.value, outer: outer.value, angleDeg, waist: seam, side, hem }) };
}

/** Lying as the print wants it, else (no print) standing on end; all panels the same way, so that they hang alike. */
function turnsThatFit(sheet: Worksheet, piece: Piece): Turn[] | undefined {
  const { print, oneWay } = sheet.cloth;
  const bases: Turn[] = print === 'none' ? [0, 90] : print === 'up' ? [0] : [90];
  const base = bases.find((turn) => footprint(piece, turn).width <= sheet.usableWidth.value + 1e-6);
  if (base === undefined) return undefined;
  return oneWay ? [base] : [base, (base + 180) as Turn];
}

function widthCheck(sheet: Worksheet, piece: Piece, panels: Quantity, fraction: Quantity) {
  const widest = footprint(piece, piece.turns[0]).width;
  const least = Math.ceil(fraction.value - 1e-9);
  if (panels.value <= Math.max(2, least) || sheet.isSet('panels')) return clothWideEnough(sheet, widest);
  return clothWideEnough(
    sheet,
    widest,
    `The cloth is too narrow for fewer panels: it takes ${panels.value}, with ${panels.value} seams. A wider cloth or a shorter skirt needs fewer.`,
  );
}

function addLining(sheet: Worksheet, parts: { inner: Quantity; length: Quantity; piece: Piece; angle: Quantity }): void {
  const shorter = liningShorter(sheet, parts.length);
  const [inner, outer] = [parts.inner.value, parts.inner.plus(shorter).value];
  const [seam, hem] = [sheet.number('seam').value, sheet.number('hem').value];
  const whole = parts.piece.cutHoles.length > 0;
  sheet.piece({
    id: 'lining',
    name: 'Lining',
    copies: parts.piece.copies,
    grain: 'any',
    turns: parts.piece.turns,
    cloth: 'lining',
    quantityIds: ['lining-length'],
    seam: whole
      ? circle('hem', outer, hem)
      : sector({ inner, outer, angleDeg: parts.angle.value, waist: seam, side: parts.piece.seam[1]!.allowance, hem }),
    holes: whole ? [circle('waist', inner, seam, false)] : [],
  });
}

interface Sewing {
  closure: string;
  seamGirth: Quantity;
  panels: Quantity;
  length: Quantity;
  sweep: Quantity;
  whole: boolean;
  slit: boolean;
}

function writeSteps(sheet: Worksheet, { closure, seamGirth, panels, length, sweep, whole, slit }: Sewing): void {
  const sides = panels.times(length).named('side-seams', 'All side seams', 'up');
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
    how: 'One line just inside the seam line, at once, before the piece is lifted or tried on.',
    why: 'The curved edge stretches as soon as it is handled.',
  });
  if (!whole && !slit) {
    finishStep(sheet, 'finish-sides', 'Finish the side edges', sides.times(2));
    seamStep(
      sheet,
      {
        id: 'sides',
        title: panels.value > 1 ? 'Sew the panels together' : 'Sew the side seam',
        how:
          closure === 'zip'
            ? `Right sides together. Leave ${sheet.show(sheet.quantity('zip-length'))} open at the top of one seam for the zip. Press open.`
            : 'Right sides together, press open.',
      },
      sides,
    );
  }
  if (slit)
    seamStep(
      sheet,
      {
        id: 'facing',
        title: 'Slit and face the opening',
        how: `Slit one radius as far as the zip (${sheet.show(sheet.quantity('zip-length'))}), lay a strip of cloth on the slit, stitch round it in a narrow V, cut, turn, press.`,
        setUp: 15,
      },
      sheet.quantity('zip-length').times(2),
    );
  if (closure === 'zip') zipStep(sheet);
  if (sheet.yes('lining')) hungLiningStep(sheet, sides.plus(sweep).plus(seamGirth), 20);
  circleWaistSteps(sheet, closure, seamGirth);
  fitStep(sheet, 'Does it pass the hips, sit level, let you sit down? Pin what is too wide; sew inside the old line.');
  hangStep(sheet, 'Where it hangs on the bias the cloth drops.');
  hemEdgeSteps(sheet, sweep, true);
  pressStep(sheet, 'Press the seams and the hem, lifting the iron rather than pushing it.');
}
