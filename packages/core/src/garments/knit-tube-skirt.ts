import { needsLining } from '../checks/cloth-checks.ts';
import { elasticComfort, elasticKind, elasticSewn, elasticStretch } from '../checks/elastic-checks.ts';
import type { WayOut } from '../checks/check.ts';
import { fitsBody } from '../checks/fits-body.ts';
import { knitStretch } from '../checks/knit-stretch.ts';
import { passesOver } from '../checks/passes-over.ts';
import { stretchDirection } from '../checks/stretch-direction.ts';
import { notePlace } from '../checks/way-in.ts';
import { walkingRoom } from '../checks/walking-room.ts';
import { addHemEdge } from '../components/hem-edge.ts';
import { addLining } from '../components/lining.ts';
import { addPeplum, peplumSeen } from '../components/peplum.ts';
import { cutTube, cutUnderlay, type Tube } from '../components/tube.ts';
import { tryOn } from '../components/try-on.ts';
import { buyElastic, elasticOn } from '../joins/elastic.ts';
import { elasticLengths, elasticOpensTo } from '../joins/elastic-lengths.ts';
import { plain } from '../joins/plain.ts';
import { ringSeams } from '../joins/ring.ts';
import { along, copiesOf } from '../joins/run.ts';
import { Quantity } from '../quantity/quantity.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { lengthChoice, oneOfChoice, yesNoChoice } from './choice.ts';
import type { Construction } from './construction.ts';
import { elasticChoices, sharedChoices, waistEaseChoice } from './shared-choices.ts';

/** A tube that lives by its stretch, straight or shaped to the hip. */
export const knitTubeSkirt: Construction = {
  id: 'knit-tube-skirt',
  name: 'Knit tube skirt',
  summary: 'A tube of knit, straight or shaped to the hip; no opening at all.',
  group: 'skirts',
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
    yesNoChoice('underlay', 'Underlay', false, (about) => `The same tube again under a sheer or scratchy cloth, ${about(50, 2)} shorter.`),
    ...elasticChoices('less-an-inch'),
    ...sharedChoices(16),
  ],
  draft(sheet) {
    const [waist, hip, length] = [sheet.girth('waist'), sheet.girth('hip'), sheet.number('length')];
    const tube = cutTube(sheet);
    sheet.put('finished-length', 'Finished length', 'nearest', length);
    sheet.put('hem-sweep', 'Round the hem', 'nearest', tube.hem);
    const { finished, cut } = elasticLengths(sheet, waist);
    sheet.put('finished-girth', 'Finished waist', 'nearest', finished);
    buyElastic(sheet, cut);
    sheet.openings.push('waist', 'hem');

    const ring = copiesOf(tube.piece);
    plain(sheet, {
      step: 'sides',
      edges: 'the side seams',
      title: tube.piece.copies === 1 ? 'Close the tube' : 'Sew the side seams',
      seams: ringSeams(sheet, { id: 'side', ring }).seams,
      press: 'to one side',
      how: 'Do not pull: let the feed take the cloth. What is turned in at the top is sewn with the rest.',
      why: 'A plain straight stitch pops the first time it is pulled on.',
    });
    const underlay = sheet.yes('underlay')
      ? addLining(sheet, {
          prefix: 'underlay',
          name: 'underlay',
          ring: copiesOf(cutUnderlay(sheet, tube)),
          top: 'top',
          hem: tube.hemEdge,
          curved: false,
        })
      : undefined;
    underlay?.hangIn();
    if (sheet.yes('peplum')) addPeplum(sheet, { around: tube.waist, onto: tube.piece.id });
    elasticOn(sheet, {
      id: 'waist',
      edge: along(ring, 'top', true),
      ...(underlay ? { under: underlay.top } : {}),
      girth: tube.waist,
      finished,
      cut,
      as: 'turned-in',
    });
    tryOn(
      sheet,
      'Does it pass the hips, stay at the waist, let you stride? Take the side seams in if it rides; mark another hem line if you want one.',
      { title: 'Try it on' },
    );
    underlay?.hem();
    addHemEdge(sheet, { edge: along(ring, tube.hemEdge), curved: false, onto: tube.piece.id });
    look(sheet, tube, finished, { waist, hip });
    wear(sheet, tube, finished);
  },
};

/** Whether it goes on, stays and can be walked in. */
function look(sheet: Worksheet, tube: Tube, finished: Quantity, { waist, hip }: { waist: Quantity; hip: Quantity }): void {
  const needed = (id: string, label: string, at: Quantity) => sheet.put(id, label, 'up', hip.minus(at).over(at));
  const neededHip = needed('stretch-needed-hip', 'Stretch needed at the hip', tube.hip);
  const neededWaist = needed('stretch-needed-waist', 'Stretch needed at the waist, to get in', tube.waist);
  const toGoOn = sheet.put('elastic-stretch-needed', 'Stretch needed to go on', 'up', hip.over(finished));
  const ratio = sheet.put('elastic-sewn-ratio', 'Elastic stretched while sewing', 'up', tube.waist.over(finished));
  const wider: WayOut = {
    says: 'Cut the tube to the hips; the elastic draws it in',
    choices: { waistEase: Math.max(0, Math.ceil((hip.value - waist.value) / sheet.scale)) },
  };
  const shaped: WayOut = { says: 'Shape it to the hip', choices: { profile: 'shaped' } };
  const longer: WayOut = { says: 'Cut the elastic as long as the body', choices: { elasticSchool: 'body' } };
  const stretchier: WayOut = { says: 'An elastic that stretches to twice its length', elastic: { kind: 'knitted', greatestStretch: 2 } };
  const opening = Quantity.smaller(tube.waist.times(sheet.cloths.gives()), elasticOpensTo(sheet, finished)).named('opening', 'Opens to', 'down');
  const passes = passesOver(sheet, {
    id: 'passes-over-hip',
    what: 'the hips',
    girth: hip,
    opening,
    by: 'the waist',
    waysOut: [wider, longer, stretchier],
  });
  notePlace(sheet, passes, { what: 'the waist', drop: 0 });
  sheet.check(
    passes,
    knitStretch(sheet, 'hip', neededHip, [wider, shaped]),
    knitStretch(sheet, 'waist', neededWaist, [wider]),
    elasticStretch(sheet, toGoOn, [longer, stretchier]),
    elasticSewn(sheet, ratio, [longer, stretchier]),
    elasticComfort(sheet, finished, waist),
    elasticKind(sheet, 'sewn-through'),
    stretchDirection(sheet, true),
    walkingRoom(sheet, Quantity.smaller(tube.hip, tube.hem).named('narrowest-girth', 'Narrowest girth below the waist', 'down')),
    needsLining(sheet, sheet.yes('underlay')),
  );
  const levels = [
    { drop: 1, girth: tube.waist.value },
    ...(tube.hipDrop < sheet.number('length').value ? [{ drop: tube.hipDrop, girth: tube.hip.value }] : []),
    { drop: sheet.number('length').value, girth: tube.hem.value },
  ];
  sheet.worn.push({ what: 'skirt', levels });
  if (sheet.yes('underlay'))
    sheet.worn.push({
      what: 'underlay',
      levels: levels.map((level, i) => (i === levels.length - 1 ? { ...level, drop: sheet.quantity('lining-length').value } : level)),
    });
  sheet.check(fitsBody(sheet, [wider, shaped]));
}

function wear(sheet: Worksheet, tube: Tube, finished: Quantity): void {
  const [hip, length] = [sheet.girth('hip').value, sheet.number('length').value];
  sheet.view = {
    hangsFrom: 'waist',
    band: 0,
    verticalSeams: 2,
    levels: [
      { drop: 0, clothGirth: finished.value, heldGirth: finished.value },
      ...(tube.hipDrop < length ? [{ drop: tube.hipDrop, clothGirth: Math.max(tube.hip.value, hip) }] : []),
      { drop: length, clothGirth: tube.hem.value },
    ],
    ...(sheet.yes('peplum') ? { parts: [peplumSeen(sheet, finished)] } : {}),
  };
}
