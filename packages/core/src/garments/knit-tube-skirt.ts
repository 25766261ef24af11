import { needsLining } from '../checks/cloth-checks.ts';
import { elasticComfort, elasticSewn, elasticStretch } from '../checks/elastic-checks.ts';
import { knitStretch } from '../checks/knit-stretch.ts';
import { passesOver } from '../checks/passes-over.ts';
import { stretchDirection } from '../checks/stretch-direction.ts';
import { walkingRoom } from '../checks/walking-room.ts';
import { liningShorter } from '../components/lining.ts';
import { addPeplum } from '../components/peplum.ts';
import { Unmakeable } from '../errors/unmakeable.ts';
import type { Edge } from '../geometry/edge.ts';
import { elasticLengths, elasticOpensTo, elasticWidth } from '../joins/elastic-lengths.ts';
import { sectionTable } from '../joins/gather.ts';
import { cutSteps, finishStep, fitStep, hemStep, prepareSteps, seamStep } from '../make/common-steps.ts';
import { panelSheet } from '../marks/panel-marks.ts';
import { rectangleSheet } from '../marks/rectangle-marks.ts';
import type { Worksheet } from '../plan/worksheet.ts';
import { Quantity } from '../quantity/quantity.ts';
import { allowedTurns } from '../shapes/allowed-turns.ts';
import { panel } from '../shapes/panel.ts';
import { rectangle } from '../shapes/rectangle.ts';
import { lengthChoice, oneOfChoice, yesNoChoice } from './choice.ts';
import type { Construction } from './construction.ts';
import { elasticChoices, sharedChoices, waistEaseChoice } from './shared-choices.ts';

/** Hem of a shaped tube where the legs were not measured: twice the knee, or this share of the hip (contract). */
const HEM_OF_HIP = 0.85;
const FOUR = Quantity.constant(4, 'count');

interface Tube {
  /** Girth of the cloth at waist, hip and hem, mm. */
  waist: Quantity;
  hip: Quantity;
  hem: Quantity;
}

/** A tube that lives by its stretch, straight or shaped to the hip. */
export const knitTubeSkirt: Construction = {
  id: 'knit-tube-skirt',
  name: 'Knit tube skirt',
  summary: 'A tube of knit, straight or shaped to the hip; no opening at all.',
  needs: ['waist-girth', 'hip-girth', 'waist-to-hip'],
  optional: ['legs-girth', 'knee-girth'],
  knitOnly: true,
  docket: ['tube-girth', 'quarter-waist', 'quarter-hip', 'quarter-hem', 'stretch-needed-hip', 'elastic-cut', 'cloth-to-buy'],
  choices: [
    lengthChoice('length', 'Length', 600, [60, 1400], 'From the waist to the finished hem.', { saves: 'less' }),
    oneOfChoice(
      'profile',
      'Profile',
      'straight',
      { straight: 'Straight rectangle', shaped: 'Shaped in quarters' },
      'A rectangle clings by stretch alone; shaped follows the hip and needs less stretch.',
      { compare: { quantities: ['tube-girth', 'quarter-waist', 'quarter-hip', 'stretch-needed-hip', 'stretch-needed-waist'] } },
    ),
    { ...waistEaseChoice },
    yesNoChoice('peplum', 'Peplum', false, 'A short circle at the waist.'),
    lengthChoice('peplumLength', 'Peplum length', 150, [30, 400], 'From the waist seam.', { when: { choice: 'peplum', is: [true] } }),
    yesNoChoice('underlay', 'Underlay', false, 'The same tube again under a sheer or scratchy cloth, 5 cm shorter.'),
    ...elasticChoices('less-an-inch'),
    ...sharedChoices(16),
  ],
  draft(sheet) {
    const [waist, hip, hipDepth, length] = [
      sheet.measure('waist-girth'),
      sheet.measure('hip-girth'),
      sheet.measure('waist-to-hip'),
      sheet.number('length'),
    ];
    const worn = waist.plus(sheet.number('waistEase'));
    if (worn.value <= 0) throw new Unmakeable('choices.waistEase', 'The tube would have no girth.', 0);
    const tube = sheet.oneOf('profile') === 'straight' ? straightTube(sheet, worn) : shapedTube(sheet, worn, hip, hipDepth, length);
    const needed = (id: string, label: string, at: Quantity) => sheet.put(id, label, 'up', hip.minus(at).over(at));
    const neededHip = needed('stretch-needed-hip', 'Stretch needed at the hip', tube.hip);
    const neededWaist = needed('stretch-needed-waist', 'Stretch needed at the waist, to get in', tube.waist);
    sheet.put('finished-length', 'Finished length', 'nearest', length);
    sheet.put('hem-sweep', 'Round the hem', 'nearest', tube.hem);
    const { finished, cut } = elasticLengths(sheet, waist);
    sheet.put('finished-girth', 'Finished waist', 'nearest', finished);
    const toGoOn = sheet.put('elastic-stretch-needed', 'Stretch needed to go on', 'up', hip.over(finished));
    const ratio = sheet.put('elastic-sewn-ratio', 'Elastic stretched while sewing', 'up', tube.waist.over(finished));
    sheet.shopping.push({
      id: 'elastic',
      what: `Elastic, ${sheet.showLength(sheet.elastic.width)} wide`,
      amount: sheet.show(cut),
      length: cut.value,
    });
    if (sheet.yes('underlay')) addUnderlay(sheet, length);
    if (sheet.yes('peplum')) addPeplum(sheet, tube.waist);
    sheet.view = {
      hangsFrom: 'waist',
      band: 0,
      verticalSeams: 2,
      levels: [
        { drop: 0, clothGirth: finished.value, heldGirth: finished.value },
        ...(hipDepth.value < length.value ? [{ drop: hipDepth.value, clothGirth: Math.max(tube.hip.value, hip.value) }] : []),
        { drop: length.value, clothGirth: tube.hem.value },
      ],
    };

    const wider = {
      says: 'Cut the tube to the hips; the elastic draws it in',
      choices: { waistEase: Math.max(0, Math.ceil((hip.value - waist.value) / sheet.scale)) },
    };
    const shaped = { says: 'Shape it to the hip', choices: { profile: 'shaped' } };
    const longer = { says: 'Cut the elastic as long as the body', choices: { elasticSchool: 'body' } };
    const give = Quantity.constant(1, 'ratio').plus(
      Quantity.leaf('stretch-across', 'Stretch across the cloth', sheet.cloth.stretchAcross, 'ratio', 'cloth'),
    );
    const opening = Quantity.smaller(tube.waist.times(give), elasticOpensTo(sheet, finished)).named('opening', 'Opens to', 'down');
    sheet.check(passesOver(sheet, { id: 'passes-over-hip', what: 'the hips', girth: hip, opening, by: 'the waist', waysOut: [wider, longer] }));
    sheet.check(knitStretch(sheet, 'hip', neededHip, [wider, shaped]));
    sheet.check(knitStretch(sheet, 'waist', neededWaist, [wider]));
    sheet.check(elasticStretch(sheet, toGoOn, [longer]));
    sheet.check(elasticSewn(sheet, ratio, [longer]));
    sheet.check(elasticComfort(sheet, finished, waist));
    sheet.check(stretchDirection(sheet, true));
    sheet.check(walkingRoom(sheet, Quantity.smaller(tube.hip, tube.hem).named('narrowest-girth', 'Narrowest girth below the waist', 'down')));
    sheet.check(needsLining(sheet, sheet.yes('underlay')));
    writeSteps(sheet, { tube, length, finished });
  },
};

/** Turned in at the top over the elastic: its width and 5 mm of room. */
const topTurn = (sheet: Worksheet) => elasticWidth(sheet).plus(Quantity.constant(5, 'mm', undefined, 'common practice'));

function straightTube(sheet: Worksheet, worn: Quantity): Tube {
  const girth = sheet.put('tube-girth', 'Girth of the tube', 'up', worn);
  const seam = sheet.number('seam').value;
  const usable = sheet.usableWidth.value;
  if (usable <= 2 * seam) throw new Unmakeable('cloth.width', 'The cloth is narrower than its own seams.', Math.ceil(2 * seam + 200));
  const parts = Math.max(1, Math.ceil(girth.value / (usable - 2 * seam) - 1e-9));
  const turn = sheet.put('top-turn', 'Turned in over the elastic', 'up', topTurn(sheet));
  const piece = sheet.piece({
    id: 'tube',
    name: parts === 1 ? 'Tube' : 'Tube part',
    copies: parts,
    grain: 'along',
    turns: allowedTurns(sheet.cloth, true),
    quantityIds: ['tube-girth'],
    seam: rectangle(girth.value / parts, sheet.number('length').value, { top: turn.value, bottom: sheet.number('hem').value, sides: seam }),
  });
  sheet.chalk.push(rectangleSheet(sheet, piece));
  return { waist: girth, hip: girth, hem: girth };
}

function shapedTube(sheet: Worksheet, worn: Quantity, hip: Quantity, hipDepth: Quantity, length: Quantity): Tube {
  if (length.value <= hipDepth.value)
    throw new Unmakeable(
      'choices.length',
      `A shaped skirt reaches below the hip (${sheet.show(hipDepth)}).`,
      Math.ceil((hipDepth.value + 20) / sheet.scale),
    );
  const quarter = (id: string, label: string, girth: Quantity) => sheet.put(id, label, 'up', girth.over(FOUR));
  const waistQuarter = quarter('quarter-waist', 'Quarter of the waist', worn);
  const hipQuarter = quarter('quarter-hip', 'Quarter of the hip', hip);
  const hemQuarter = quarter('quarter-hem', 'Quarter of the hem', hemGirth(sheet, hip));
  const turn = sheet.put('top-turn', 'Turned in over the elastic', 'up', topTurn(sheet));
  const stations = [
    { id: 'waist', name: 'Waist', down: Quantity.constant(0, 'mm').named('waist-line', 'Waist line', 'nearest'), half: waistQuarter },
    { id: 'hip', name: 'Hip', down: hipDepth, half: hipQuarter, hint: 'round the curve from waist to hip, straight below' },
    { id: 'hem', name: 'Hem', down: length, half: hemQuarter },
  ];
  const piece = sheet.piece({
    id: 'skirt',
    name: 'Front and back',
    copies: 2,
    grain: 'along',
    turns: allowedTurns(sheet.cloth, true),
    quantityIds: ['quarter-waist', 'quarter-hip', 'quarter-hem'],
    seam: shapedOutline(sheet, stations, turn.value),
  });
  sheet.chalk.push(panelSheet(sheet, piece, stations, { hem: 'Hem: straight across, square to the fold' }));
  const round = (quantity: Quantity, id: string, label: string) => quantity.times(4).named(id, label, 'nearest');
  return {
    waist: round(waistQuarter, 'tube-waist', 'Tube at the waist'),
    hip: round(hipQuarter, 'tube-hip', 'Tube at the hip'),
    hem: round(hemQuarter, 'tube-hem', 'Tube at the hem'),
  };
}

function shapedOutline(sheet: Worksheet, stations: ReadonlyArray<{ id: string; down: Quantity; half: Quantity }>, top: number): Edge[] {
  return panel({
    stations: stations.map(({ id, down, half }) => ({ name: id, down: down.value, half: half.value })),
    hipCurve: true,
    allow: { top, side: sheet.number('seam').value, hem: sheet.number('hem').value },
  });
}

/** Round both legs at the hem; where that was not measured, twice the knee but no less than 0.85 of the hip. */
function hemGirth(sheet: Worksheet, hip: Quantity): Quantity {
  if (sheet.hasMeasure('legs-girth')) return sheet.measure('legs-girth');
  const ofHip = hip.times(Quantity.constant(HEM_OF_HIP, 'ratio', undefined, 'common practice'));
  return sheet.hasMeasure('knee-girth') ? Quantity.larger(sheet.measure('knee-girth').times(2), ofHip) : ofHip;
}

function addUnderlay(sheet: Worksheet, length: Quantity): void {
  const shorter = liningShorter(sheet, length);
  const outer = sheet.pieces[0]!;
  // the same piece with its hem raised: the sides end where the underlay ends
  const seam = outer.id === 'tube' ? raisedRectangle(sheet, outer.seam, shorter.value) : raisedPanel(sheet, shorter);
  sheet.piece({
    id: 'underlay',
    name: 'Underlay',
    copies: outer.copies,
    grain: 'along',
    turns: outer.turns,
    cloth: 'lining',
    quantityIds: ['lining-length'],
    seam,
  });
}

function raisedRectangle(sheet: Worksheet, outer: readonly Edge[], height: number): Edge[] {
  const width = outer[0]!.to[0] - outer[0]!.from[0];
  return rectangle(width, height, { top: sheet.quantity('top-turn').value, bottom: sheet.number('hem').value, sides: sheet.number('seam').value });
}

function raisedPanel(sheet: Worksheet, shorter: Quantity): Edge[] {
  const [hipDepth, length] = [sheet.measure('waist-to-hip').value, sheet.number('length').value];
  const [hip, hem] = [sheet.quantity('quarter-hip'), sheet.quantity('quarter-hem')];
  const share = Math.max(0, (shorter.value - hipDepth) / (length - hipDepth));
  const end = Quantity.constant(hip.value + share * (hem.value - hip.value), 'mm');
  const stations = [
    { id: 'waist', down: Quantity.constant(0, 'mm'), half: sheet.quantity('quarter-waist') },
    { id: 'hip', down: sheet.measure('waist-to-hip'), half: hip },
    { id: 'hem', down: shorter, half: end },
  ].filter((each, i) => i < 2 || each.down.value > hipDepth + 1);
  return shapedOutline(sheet, stations, sheet.quantity('top-turn').value);
}

function writeSteps(sheet: Worksheet, { tube, length, finished }: { tube: Tube; length: Quantity; finished: Quantity }): void {
  const count = Quantity.constant(sheet.pieces[0]!.copies, 'count');
  prepareSteps(sheet);
  cutSteps(sheet);
  finishStep(sheet, 'finish-sides', 'Finish the side edges', count.times(length).times(2));
  seamStep(
    sheet,
    {
      id: 'sides',
      title: sheet.pieces[0]!.copies === 1 ? 'Close the tube' : 'Sew the side seams',
      how: 'Right sides together, narrow zigzag or overlock, without pulling.',
      why: 'A plain straight stitch pops the first time it is pulled on.',
    },
    count.times(length),
  );
  if (sheet.yes('underlay'))
    seamStep(
      sheet,
      { id: 'underlay', title: 'Close the underlay and baste it in', how: 'Wrong sides together at the waist; its hem hangs free.' },
      count.times(sheet.quantity('lining-length')).plus(tube.waist),
    );
  if (sheet.yes('peplum'))
    seamStep(
      sheet,
      {
        id: 'peplum',
        title: 'Sew on the peplum',
        how: 'Centre front and back at the snips, stretch stitch: this seam has to pass the hips too.',
        setUp: 15,
      },
      tube.waist,
    );
  seamStep(
    sheet,
    {
      id: 'elastic-on',
      title: 'Sew the elastic in, stretched',
      stitch: '304',
      stitchLength: 3,
      stitchWidth: 4,
      setUp: 15,
      how: `Cut ${sheet.show(sheet.quantity('elastic-cut'))}, close it to a ring. Quarter ring and edge, match, stretch the ELASTIC ONLY, zigzag on the wrong side. Turn in, tack at the seams or zigzag again.`,
      why: 'Several layers go in one pass, the elastic on top.',
      sections: sectionTable(tube.waist, finished, ['on the tube', 'on the elastic']),
    },
    tube.waist.times(2),
  );
  fitStep(sheet, 'Does it pass the hips, stay at the waist, let you stride? Take the side seams in if it rides.', { setUp: 8 });
  hemStep(sheet, tube.hem, false);
}
