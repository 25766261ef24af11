import { between } from '../body/girth-at.ts';
import { needsLining } from '../checks/cloth-checks.ts';
import { fitsBody } from '../checks/fits-body.ts';
import { stretchDirection } from '../checks/stretch-direction.ts';
import { walkingRoom } from '../checks/walking-room.ts';
import { cutGodets, LEAST_GODET, setInGodets } from '../components/godet.ts';
import { goreNumbers, type GoreNumbers } from '../components/gore-numbers.ts';
import { cutGores, cutGoreLining, type GoreRing } from '../components/gores.ts';
import { hang, levelFromFloor } from '../components/hang-and-level.ts';
import { addHemEdge } from '../components/hem-edge.ts';
import { addLining } from '../components/lining.ts';
import { press } from '../components/press.ts';
import { addSideElasticWaist } from '../components/side-elastic.ts';
import { addWaist } from '../components/waist.ts';
import { zipInSeam, zipLength } from '../components/zip-place.ts';
import { plain } from '../joins/plain.ts';
import { ringSeams } from '../joins/ring.ts';
import { along, type Placed } from '../joins/run.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { allowanceChoice, countChoice, lengthChoice, oneOfChoice, yesNoChoice } from './choice.ts';
import type { Construction } from './construction.ts';
import { bandClothChoice, sharedChoices, waistEaseChoice } from './shared-choices.ts';

/** Tapering panels: close at waist and hip, wide at the hem. */
export const goredSkirt: Construction = {
  id: 'gored-skirt',
  name: 'Gored skirt',
  summary: 'Tapering panels: close at waist and hip, wide at the hem.',
  group: 'skirts',
  needs: ['waist-girth', 'hip-girth', 'waist-to-hip', 'waist-to-knee'],
  optional: ['knee-girth'],
  docket: ['front-gore-hip', 'gore-waist', 'hem-sweep', 'hem-rise-front', 'cloth-to-buy', 'sewing-minutes'],
  choices: [
    lengthChoice('length', 'Length below the band', 850, [100, 1500], 'From the band to the finished hem.', { saves: 'less' }),
    countChoice('gores', 'Gores', 8, [4, 24], 'An even number: half in front, half behind.', { step: 2 }),
    oneOfChoice(
      'profile',
      'Profile',
      'straight',
      { straight: 'Straight from the hip', trumpet: 'Trumpet' },
      'Straight widens from the hip; a trumpet stays close to above the knee and then flares.',
      { compare: { quantities: ['flare-line', 'gore-flare-front', 'narrowest-girth', 'hem-rise-front'] } },
    ),
    lengthChoice('goreHem', 'Hem of each gore', 300, [40, 1200], (about) => `Eight of ${about(300, 12)} make a hem of ${about(2400, 96)}.`, {
      saves: 'less',
    }),
    allowanceChoice(
      'hipShift',
      'More behind than in front',
      0,
      [0, 150],
      (about) => `Taken from the front half, given to the back: about ${about(50, 2)} when the seat needs it.`,
      { fine: false, scales: true, compare: { quantities: ['front-hip-share', 'back-hip-share', 'front-gore-hip', 'back-gore-hip'], at: [0, 50] } },
    ),
    allowanceChoice('hipEase', 'Ease at the hip', 20, [0, 300], 'Room to sit.', { fine: false }),
    { ...waistEaseChoice },
    lengthChoice(
      'kneePinch',
      'In at the knee, each half gore',
      12,
      [0, 60],
      (about) => `It adds up: on sixteen half gores ${about(12, 0.5)} takes ${about(192, 8)} of girth.`,
      {
        step: 1,
        when: { choice: 'profile', is: ['trumpet'] },
      },
    ),
    lengthChoice(
      'walkingRoom',
      'Flare starts above the knee by',
      60,
      [0, 300],
      (about) => `${about(50, 2)} to ${about(65, 2.5)} above lets one walk.`,
      {
        when: { choice: 'profile', is: ['trumpet'] },
      },
    ),
    oneOfChoice(
      'waist',
      'Waist',
      'zip',
      { zip: 'Band and zip', 'side-elastic': 'Elastic at the sides' },
      'A zip fits closest; elastic at the sides needs no zip but must open over the hips.',
      { compare: { quantities: ['finished-girth', 'gore-waist', 'gore-waist-side', 'elastic-cut', 'zip-length', 'sewing-minutes'] } },
    ),
    allowanceChoice('sideElastic', 'Elastic at each side', 180, [60, 400], (about) => `About ${about(180, 7)} a side for an adult.`, {
      fine: false,
      scales: true,
      when: { choice: 'waist', is: ['side-elastic'] },
    }),
    allowanceChoice('bandWidth', 'Finished band', 30, [10, 150], 'How high the waistband stands.', { when: { choice: 'waist', is: ['zip'] } }),
    bandClothChoice,
    yesNoChoice('godets', 'Godets', false, 'A wedge set into every seam for more swing at the hem.'),
    lengthChoice('godetHeight', 'Godet height', 250, [LEAST_GODET, 900], 'How far up the seam it reaches.', {
      when: { choice: 'godets', is: [true] },
    }),
    lengthChoice('godetHem', 'Godet hem', 200, [40, 900], 'How wide it is at the hem.', { when: { choice: 'godets', is: [true] } }),
    yesNoChoice('lining', 'Lining', false, 'The same gores, shorter.'),
    oneOfChoice(
      'liningTo',
      'Lining reaches',
      'hem',
      { hem: 'To a little above the hem', flare: 'To where the flare starts' },
      'To the flare saves cloth and leaves the hem free to swing.',
      { when: { choice: 'lining', is: [true] }, compare: { quantities: ['lining-length', 'sewing-minutes'] } },
    ),
    ...sharedChoices(24),
  ],
  draft(sheet) {
    const numbers = goreNumbers(sheet);
    const { gores, worn, length, flareLine, side } = numbers;
    sheet.put('finished-length', 'Finished length', 'nearest', length);
    sheet.openings.push('waist', 'hem');
    const outside = cutGores(sheet, numbers);
    const godet = sheet.yes('godets') ? cutGodets(sheet, gores.value, length.minus(flareLine)) : undefined;

    const zip = side ? undefined : zipLength(sheet, sheet.measure('waist-to-hip'));
    const back = backSeam(outside);
    const opens = zip ? { open: zip.value, at: back.at } : {};
    const { seams, opening, feet } = ringSeams(sheet, {
      id: 'gore',
      ring: outside.ring,
      ...opens,
      ...(godet ? { foot: sheet.number('godetHeight').value } : {}),
      behind: (i) => i >= outside.front && i < outside.ring.length - 1,
    });
    const left = [
      ...(zip
        ? [`In the seam ${back.where} leave the top ${sheet.show(zip)} below the waist seam line open for the zip, and the allowance above it.`]
        : []),
      ...(godet
        ? [
            `Stop every seam ${sheet.show(sheet.number('godetHeight'))} above the hem seam line, at the point mark, with a few stitches back and forth.`,
          ]
        : []),
    ];
    plain(sheet, {
      step: 'gores',
      edges: 'the long edges of the gores',
      title: 'Sew the gores together',
      seams,
      press: 'open',
      ...(zip ? { open: zip } : {}),
      how: ['From the waist down, waist ends level. Two snips mark the back.', ...left].join(' '),
    });
    if (godet) {
      sheet.put('hem-with-godets', 'Round the hem, godets and all', 'nearest', numbers.sweep.plus(gores.times(sheet.number('godetHem'))));
      setInGodets(sheet, godet, feet);
    }
    if (zip)
      zipInSeam(sheet, {
        opening,
        long: zip,
        seam: sheet.side(outside.ring[back.at]!.piece, 'side-right').value,
        where: back.where,
        waysOut: [{ says: 'Elastic at the sides', choices: { waist: 'side-elastic' } }],
      });
    const linedWith = sheet.yes('lining') ? cutGoreLining(sheet, numbers, outside) : undefined;
    const lining = linedWith && addLining(sheet, { ring: linedWith, top: 'top', hem: 'hem', ...opens, curved: true });
    const edge = along(fromOpening(outside.ring, zip ? back.at : outside.ring.length - 1), 'top', true);
    const inside = lining ? { lining } : {};
    const fit =
      'Pin what is too wide along the side seams, sew inside the old line, trim the other side to match. Can you sit, and take a long step?';
    if (side) addSideElasticWaist(sheet, numbers, { edge, ...inside, tryOnSays: fit });
    else
      addWaist(sheet, {
        kind: 'fitted-band',
        edge,
        ...inside,
        girth: worn,
        zip: zip!,
        waysOut: [{ says: 'Elastic at the sides', choices: { waist: 'side-elastic' } }],
        tryOnSays: fit,
      });
    lining?.close();
    hang(sheet, 'The slanting edges of the gores hang on the bias and drop.');
    levelFromFloor(sheet);
    lining?.hem();
    addHemEdge(sheet, {
      edge: outside.ring.flatMap((gore, i) => [...along([gore], 'hem'), ...(godet ? along([{ piece: godet, copy: i }], 'hem') : [])]),
      curved: true,
      onto: outside.ring[0]!.piece.id,
    });
    press(sheet, 'Press along the seams from the hem up, lifting the iron and setting it down.');
    wear(sheet, numbers);

    sheet.check(
      walkingRoom(sheet, numbers.narrowest, numbers.pinchThatWalks),
      stretchDirection(sheet, false),
      needsLining(sheet, sheet.yes('lining')),
    );
    sheet.check(
      fitsBody(sheet, [
        { says: 'More ease at the hip', choices: { hipEase: 50 } },
        { says: 'Pinch the knee less', choices: { kneePinch: 0 } },
      ]),
    );
  },
};

/** The seam that opens: centre back where the back has one, else the left side seam (handbook 13a). */
function backSeam({ ring, front }: GoreRing): { at: number; where: string } {
  const behind = ring.length - front;
  if (behind % 2 === 0) return { at: front + behind / 2 - 1, where: 'at centre back' };
  return { at: ring.length - 1, where: 'at the left side (there is no seam at centre back)' };
}

/** The ring beginning just after its opening. */
const fromOpening = (ring: readonly Placed[], at: number): Placed[] => [...ring.slice(at + 1), ...ring.slice(0, at + 1)];

function wear(
  sheet: Worksheet,
  { side, worn, total, flareGirth, sweep, hipDepth, flareLine, length, trumpet, gores, clothWaist }: GoreNumbers,
): void {
  const levels = [
    { drop: 0, girth: (side ? clothWaist : worn).value },
    { drop: hipDepth.value, girth: total.value },
    ...(trumpet ? [{ drop: flareLine.value, girth: flareGirth.value }] : []),
    { drop: length.value, girth: sweep.value },
  ];
  sheet.worn.push({ what: 'skirt', levels: side ? [{ ...levels[0]!, drop: 1 }, ...levels.slice(1)] : levels });
  // a godet in every seam widens the hem from its point down
  const wedge = sheet.yes('godets')
    ? { high: sheet.number('godetHeight').value, wide: gores.value * sheet.number('godetHem').value }
    : { high: 0, wide: 0 };
  const point = { drop: length.value - wedge.high, girth: between(levels, length.value - wedge.high) };
  const middle = { drop: (flareLine.value + length.value) / 2, girth: (flareGirth.value + sweep.value) / 2 };
  const fall = wedge.high > 0 ? { drop: point.drop, clothGirth: point.girth } : { drop: middle.drop, clothGirth: middle.girth };
  const shown = levels.map(({ drop, girth }, i) => ({
    drop,
    clothGirth: girth,
    ...(i === 0 ? { heldGirth: side ? sheet.quantity('finished-girth').value : worn.value } : {}),
  }));
  sheet.view = {
    hangsFrom: 'waist',
    band: side ? sheet.elastic.width + sheet.figure('casing-room').value : sheet.number('bandWidth').value,
    verticalSeams: gores.value,
    levels: [...shown.slice(0, -1), fall, { ...shown[shown.length - 1]!, clothGirth: sweep.value + wedge.wide }],
  };
}
