import { LINING_SHORTER, needsLining } from '../checks/cloth-checks.ts';
import type { WayOut } from '../checks/check.ts';
import { passesOver } from '../checks/passes-over.ts';
import { seamsMatch } from '../checks/seams-match.ts';
import { stretchDirection } from '../checks/stretch-direction.ts';
import { walkingRoom } from '../checks/walking-room.ts';
import { bandSheet, tubeBand } from '../components/band.ts';
import { addGodets } from '../components/godet.ts';
import { Unmakeable } from '../errors/unmakeable.ts';
import { lengthOf } from '../geometry/edge.ts';
import { cutSteps, finishStep, fitStep, hemStep, hungLiningStep, prepareSteps, pressStep, seamStep } from '../make/common-steps.ts';
import { panelSheet } from '../marks/panel-marks.ts';
import { spreadHint } from '../marks/spread-hint.ts';
import type { Worksheet } from '../plan/worksheet.ts';
import { Quantity } from '../quantity/quantity.ts';
import { allowedTurns } from '../shapes/allowed-turns.ts';
import { panel } from '../shapes/panel.ts';
import { INCH } from '../units/units.ts';
import { allowanceChoice, countChoice, lengthChoice, oneOfChoice, yesNoChoice } from './choice.ts';
import type { Construction } from './construction.ts';
import { bandClothChoice, sharedChoices, waistEaseChoice } from './shared-choices.ts';
import { zippedBand, zipStep } from '../components/zip.ts';

/** Gores that lie beside one of the two side seams: a front and a back one each. */
const BESIDE_SIDE_SEAMS = 4;

/** Tapering panels: close at waist and hip, wide at the hem. */
export const goredSkirt: Construction = {
  id: 'gored-skirt',
  name: 'Gored skirt',
  summary: 'Tapering panels: close at waist and hip, wide at the hem.',
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
    lengthChoice('goreHem', 'Hem of each gore', 300, [40, 1200], 'Eight of 30 cm make a hem of 2.40 m.', { saves: 'less' }),
    allowanceChoice(
      'hipShift',
      'More behind than in front',
      0,
      [0, 150],
      'Taken from the front half, given to the back: about 5 cm when the seat needs it.',
      { fine: false, scales: true, compare: { quantities: ['front-hip-share', 'back-hip-share', 'front-gore-hip', 'back-gore-hip'], at: [0, 50] } },
    ),
    allowanceChoice('hipEase', 'Ease at the hip', 20, [0, 300], 'Room to sit.', { fine: false }),
    { ...waistEaseChoice },
    lengthChoice('kneePinch', 'In at the knee, each half gore', 12, [0, 60], 'It adds up: 12 mm on sixteen halves is 19 cm of girth.', {
      step: 1,
      when: { choice: 'profile', is: ['trumpet'] },
    }),
    lengthChoice('walkingRoom', 'Flare starts above the knee by', 60, [0, 300], '5 to 6.5 cm above lets one walk.', {
      when: { choice: 'profile', is: ['trumpet'] },
    }),
    oneOfChoice(
      'waist',
      'Waist',
      'zip',
      { zip: 'Band and zip', 'side-elastic': 'Elastic at the sides' },
      'A zip fits closest; elastic at the sides needs no zip but must open over the hips.',
      { compare: { quantities: ['finished-girth', 'gore-waist', 'gore-waist-side', 'elastic-cut', 'zip-length', 'sewing-minutes'] } },
    ),
    allowanceChoice('sideElastic', 'Elastic at each side', 180, [60, 400], 'About 18 cm a side for an adult.', {
      fine: false,
      scales: true,
      when: { choice: 'waist', is: ['side-elastic'] },
    }),
    allowanceChoice('bandWidth', 'Finished band', 30, [10, 150], 'How high the waistband stands.', { when: { choice: 'waist', is: ['zip'] } }),
    bandClothChoice,
    yesNoChoice('godets', 'Godets', false, 'A wedge set into every seam for more swing at the hem.'),
    lengthChoice('godetHeight', 'Godet height', 250, [60, 900], 'How far up the seam it reaches.', { when: { choice: 'godets', is: [true] } }),
    lengthChoice('godetHem', 'Godet hem', 200, [40, 900], 'How wide it is at the hem.', { when: { choice: 'godets', is: [true] } }),
    yesNoChoice('lining', 'Lining', false, 'The same gores, shorter.'),
    oneOfChoice(
      'liningTo',
      'Lining reaches',
      'hem',
      { hem: 'To 5 cm above the hem', flare: 'To where the flare starts' },
      'To the flare saves cloth and leaves the hem free to swing.',
      { when: { choice: 'lining', is: [true] }, compare: { quantities: ['lining-length', 'sewing-minutes'] } },
    ),
    ...sharedChoices(24),
  ],
  draft(sheet) {
    const [length, gores] = [sheet.number('length'), sheet.number('gores')];
    const n = gores.value;
    if (n % 2 !== 0) throw new Unmakeable('choices.gores', 'Gores come in pairs, half in front and half behind.', n + 1);
    const [waist, hip, hipDepth] = [sheet.measure('waist-girth'), sheet.measure('hip-girth'), sheet.measure('waist-to-hip')];
    const worn = waist.plus(sheet.number('waistEase')).named('waist-with-ease', 'Waist with its ease', 'nearest');
    const total = hip.plus(sheet.number('hipEase')).named('hip-total', 'Hip with its ease', 'up');
    if (total.value < worn.value) {
      throw new Unmakeable(
        'body.hip-girth',
        `The hip with its ease (${sheet.show(total)}) is smaller than the waist (${sheet.show(worn)}): a gore can't narrow on the way down. Enter the widest girth below the waist as the hip.`,
        worn.value - sheet.number('hipEase').value,
      );
    }
    const half = gores.over(2);
    const two = Quantity.constant(2, 'ratio');
    const shift = sheet.number('hipShift');
    const frontShare = sheet.put('front-hip-share', 'Front half of the hip', 'up', total.over(two).minus(shift));
    const backShare = sheet.put('back-hip-share', 'Back half of the hip', 'up', total.over(two).plus(shift));
    const frontHip = sheet.put('front-gore-hip', 'Front gore at the hip', 'up', frontShare.over(half));
    const backHip = sheet.put('back-gore-hip', 'Back gore at the hip', 'up', backShare.over(half));
    const goreWaist = sheet.put('gore-waist', 'Gore at the waist', 'up', worn.over(gores));
    const side = sheet.oneOf('waist') === 'side-elastic';
    if (side) {
      sheet.put('gore-waist-side', 'Front gore beside the side seam, at the waist', 'up', frontHip);
      sheet.put('gore-waist-side-back', 'Back gore beside the side seam, at the waist', 'up', backHip);
    }
    const trumpet = sheet.oneOf('profile') === 'trumpet';
    const flareLine = sheet.put(
      'flare-line',
      'Flare starts below the waist',
      'nearest',
      trumpet ? sheet.measure('waist-to-knee').minus(sheet.number('walkingRoom')) : hipDepth,
    );
    assertFlare(sheet, trumpet, flareLine, hipDepth, length);
    const pinched = (own: Quantity) => (trumpet ? frontHip.minus(sheet.number('kneePinch').times(2)) : own);
    const flareFront = sheet.put('gore-flare-front', 'Front gore where the flare starts', 'nearest', pinched(frontHip));
    const flareBack = sheet.put('gore-flare-back', 'Back gore where the flare starts', 'nearest', pinched(backHip));
    const goreHem = sheet.number('goreHem');
    if (flareFront.value <= 0)
      throw new Unmakeable('choices.kneePinch', 'The knee is pinched to nothing.', Math.max(0, Math.floor(frontHip.value / 2 - 10)));
    if (trumpet && goreHem.value < flareFront.value) {
      throw new Unmakeable(
        'choices.goreHem',
        `The hem of a gore (${sheet.show(goreHem)}) is narrower than its knee (${sheet.show(flareFront)}): that is no trumpet and can't be walked in.`,
        Math.ceil(flareFront.value),
      );
    }
    const sweep = sheet.put('hem-sweep', 'Round the hem', 'nearest', gores.times(goreHem));
    const rise = (id: string, label: string, flare: Quantity) => {
      const fall = length.minus(flareLine);
      const out = goreHem.minus(flare).over(two);
      return sheet.put(id, label, 'nearest', fall.times(fall).plus(out.times(out)).sqrt().minus(fall));
    };
    const riseFront = rise('hem-rise-front', 'Hem rise, front', flareFront);
    const riseBack = rise('hem-rise-back', 'Hem rise, back', flareBack);
    const flareGirth = flareFront.plus(flareBack).times(half).named('flare-girth', 'Round where the flare starts', 'nearest');
    const narrowest = sheet.put('narrowest-girth', 'Narrowest girth below the waist', 'down', Quantity.smaller(total, flareGirth, sweep));
    sheet.put('finished-length', 'Finished length', 'nearest', length);
    if (side)
      sheet.put(
        'finished-girth',
        'Finished waist',
        'nearest',
        gores.minus(BESIDE_SIDE_SEAMS).times(goreWaist).plus(sheet.number('sideElastic').times(2)),
      );

    const sides = [
      { id: 'front', name: 'Front gore', hip: frontHip, flare: flareFront, rise: riseFront },
      { id: 'back', name: 'Back gore', hip: backHip, flare: flareBack, rise: riseBack },
    ];
    for (const gore of sides) {
      const stationary = { ...gore, hipDepth, flareLine, length, goreHem, trumpet };
      const plain = n / 2 - (side ? 2 : 0);
      if (plain > 0) addGore(sheet, { ...stationary, id: `gore-${gore.id}`, copies: plain, waist: goreWaist });
      if (side) addGore(sheet, { ...stationary, id: `gore-${gore.id}-side`, name: `${gore.name} beside the side seam`, copies: 2, waist: gore.hip });
    }
    const [front, back] = ['front', 'back'].map((which) => sheet.pieces.find(({ id }) => id.startsWith(`gore-${which}`))!);
    sheet.check(
      seamsMatch(
        sheet,
        { name: 'front side seam', length: lengthOf(front!.seam, 'side-right') },
        { name: 'back side seam', length: lengthOf(back!.seam, 'side-right') },
      ),
    );
    if (sheet.yes('lining')) addLining(sheet, { sides, hipDepth, flareLine, length, goreHem, trumpet, copies: n / 2, waist: goreWaist });
    if (sheet.yes('godets')) addGodets(sheet, n, length.minus(flareLine));
    closeWaist(sheet, { side, worn, goreWaist, frontHip, backHip, gores });
    bandSheet(sheet);
    view(sheet, { worn, total, flareGirth, sweep, hipDepth, flareLine, length, trumpet, n });

    sheet.check(walkingRoom(sheet, narrowest));
    sheet.check(stretchDirection(sheet, false));
    sheet.check(needsLining(sheet, sheet.yes('lining')));
    writeSteps(sheet, { gores, length, sweep, worn, side });
  },
};

function assertFlare(sheet: Worksheet, trumpet: boolean, flareLine: Quantity, hipDepth: Quantity, length: Quantity): void {
  if (trumpet && flareLine.value <= hipDepth.value) {
    throw new Unmakeable(
      'choices.walkingRoom',
      'The flare would start above the hip.',
      Math.max(0, Math.floor(sheet.measure('waist-to-knee').value - hipDepth.value - 10)),
    );
  }
  if (length.value <= flareLine.value) {
    throw new Unmakeable(
      'choices.length',
      `The skirt ends (${sheet.show(length)}) before its flare starts (${sheet.show(flareLine)}).`,
      Math.ceil((flareLine.value + 20) / sheet.scale),
    );
  }
}

interface Gore {
  id: string;
  name: string;
  copies: number;
  waist: Quantity;
  hip: Quantity;
  flare: Quantity;
  rise: Quantity;
  hipDepth: Quantity;
  flareLine: Quantity;
  length: Quantity;
  goreHem: Quantity;
  trumpet: boolean;
}

function addGore(sheet: Worksheet, gore: Gore): void {
  const { id, name, copies, waist, hip, flare, rise, hipDepth, flareLine, length, goreHem, trumpet } = gore;
  const seam = sheet.number('seam').value;
  const halfOf = (quantity: Quantity, label: string) => quantity.over(2).named(`${id}-${label}`, `Half of ${quantity.label!.toLowerCase()}`, 'up');
  const waistLine = Quantity.constant(0, 'mm').named('waist-line', 'Waist line', 'nearest');
  const stations = [
    { id: 'waist', name: 'Waist', down: waistLine, half: halfOf(waist, 'waist') },
    { id: 'hip', name: 'Hip', down: hipDepth, half: halfOf(hip, 'hip') },
    ...(trumpet ? [{ id: 'flare', name: 'Flare starts', down: flareLine, half: halfOf(flare, 'flare') }] : []),
    { id: 'hem', name: 'Hem', down: length, half: halfOf(goreHem, 'hem') },
  ].map((station) => ({ ...station, hint: spreadHint(sheet, station.half, 2 * copies, station.name.toLowerCase()) }));
  const piece = sheet.piece({
    id,
    name,
    copies,
    grain: 'along',
    turns: allowedTurns(sheet.cloth, true),
    quantityIds: ['gore-waist', `${id.includes('back') ? 'back' : 'front'}-gore-hip`, 'hem-sweep'],
    seam: panel({
      stations: stations.map((each) => ({ name: each.id, down: each.down.value, half: each.half.value })),
      hemRise: rise.value,
      allow: { top: seam, side: seam, hem: sheet.number('hem').value },
    }),
  });
  const eye = Math.abs(rise.value - 25) > 8 ? `, where ${sheet.showLength(25)} is often taken by eye` : '';
  sheet.chalk.push(
    panelSheet(sheet, piece, stations, { hem: `Hem: lift the corner ${sheet.show(rise)} up the side edge, curve down to the fold${eye}` }),
  );
}

function addLining(
  sheet: Worksheet,
  gore: { sides: Array<{ id: string; hip: Quantity; flare: Quantity }> } & Pick<
    Gore,
    'hipDepth' | 'flareLine' | 'length' | 'goreHem' | 'trumpet' | 'copies' | 'waist'
  >,
): void {
  const toFlare = sheet.oneOf('liningTo') === 'flare';
  const lining = sheet.put(
    'lining-length',
    'Lining, finished length',
    'down',
    toFlare ? gore.flareLine : gore.length.minus(Quantity.constant(LINING_SHORTER, 'mm', undefined, 'common practice')),
  );
  const [end, flareAt, full] = [lining.value, gore.flareLine.value, gore.length.value];
  const seam = sheet.number('seam').value;
  for (const { id, hip, flare } of gore.sides) {
    const share = Math.max(0, (end - flareAt) / (full - flareAt));
    const stations = [
      { name: 'waist', down: 0, half: gore.waist.value / 2 },
      { name: 'hip', down: gore.hipDepth.value, half: hip.value / 2 },
      { name: 'flare', down: flareAt, half: flare.value / 2 },
      { name: 'hem', down: end, half: (flare.value + share * (gore.goreHem.value - flare.value)) / 2 },
    ].filter((station, i, all) => i === 0 || station.down > all[i - 1]!.down + 1e-6);
    sheet.piece({
      id: `lining-${id}`,
      name: `Lining, ${id} gore`,
      copies: gore.copies,
      grain: 'along',
      turns: allowedTurns(sheet.cloth, true),
      cloth: 'lining',
      quantityIds: ['lining-length'],
      seam: panel({ stations, allow: { top: seam, side: seam, hem: sheet.number('hem').value } }),
    });
  }
}

function closeWaist(
  sheet: Worksheet,
  { side, worn, goreWaist, frontHip, backHip, gores }: Record<'worn' | 'goreWaist' | 'frontHip' | 'backHip' | 'gores', Quantity> & { side: boolean },
): void {
  const hip = sheet.measure('hip-girth');
  const over = { id: 'passes-over-hip' as const, what: 'the hips', girth: hip };
  if (!side) {
    return zippedBand(sheet, worn, { zip: sheet.measure('waist-to-hip'), waysOut: [] });
  }
  const plain = gores.minus(BESIDE_SIDE_SEAMS).times(goreWaist);
  const clothWaist = plain.plus(frontHip.plus(backHip).times(2)).named('cloth-waist', 'Waist of the cloth, undrawn', 'down');
  tubeBand(sheet, clothWaist);
  const elastic = sheet.number('sideElastic');
  const cut = sheet.put(
    'elastic-cut',
    'Elastic for each side, to cut',
    'up',
    elastic.plus(Quantity.constant(INCH, 'mm', undefined, 'both ends into a seam')),
  );
  const stretch = Quantity.leaf('greatest-stretch', 'Greatest stretch of the elastic', sheet.elastic.greatestStretch, 'ratio', 'elastic');
  const drawn = plain.plus(elastic.times(2).times(stretch));
  const give = Quantity.constant(1, 'ratio').plus(
    Quantity.leaf('stretch-across', 'Stretch across the cloth', sheet.cloth.stretchAcross, 'ratio', 'cloth'),
  );
  const opening = Quantity.smaller(clothWaist.times(give), drawn).named('opening', 'Opens to', 'down');
  const waysOut: WayOut[] = [
    { says: 'Put in a zip', choices: { waist: 'zip' } },
    { says: 'Four gores: all of them lie beside a side seam', choices: { gores: 4 } },
    { says: 'Longer elastic', choices: { sideElastic: Math.ceil(frontHip.plus(backHip).value) } },
  ];
  sheet.check(passesOver(sheet, { ...over, opening, by: 'the waist', waysOut }));
  sheet.shopping.push({
    id: 'elastic',
    what: `Elastic, ${sheet.showLength(sheet.elastic.width)} wide, two of`,
    amount: sheet.show(cut),
    length: 2 * cut.value,
  });
}

function view(
  sheet: Worksheet,
  q: Record<'worn' | 'total' | 'flareGirth' | 'sweep' | 'hipDepth' | 'flareLine' | 'length', Quantity> & { trumpet: boolean; n: number },
): void {
  sheet.view = {
    hangsFrom: 'waist',
    band: sheet.oneOf('waist') === 'zip' ? sheet.number('bandWidth').value : sheet.elastic.width + 5,
    verticalSeams: q.n,
    levels: [
      { drop: 0, clothGirth: q.worn.value, heldGirth: q.worn.value },
      { drop: q.hipDepth.value, clothGirth: q.total.value },
      ...(q.trumpet ? [{ drop: q.flareLine.value, clothGirth: q.flareGirth.value }] : []),
      { drop: (q.flareLine.value + q.length.value) / 2, clothGirth: (q.flareGirth.value + q.sweep.value) / 2 },
      { drop: q.length.value, clothGirth: q.sweep.value },
    ],
  };
}

function writeSteps(
  sheet: Worksheet,
  { gores, length, sweep, worn, side }: Record<'gores' | 'length' | 'sweep' | 'worn', Quantity> & { side: boolean },
): void {
  const seams = gores.times(length).named('gore-seams', 'All gore seams', 'up');
  prepareSteps(sheet);
  cutSteps(sheet);
  finishStep(sheet, 'finish-gores', 'Finish the long edges', seams.times(2));
  const godets = sheet.yes('godets');
  seamStep(
    sheet,
    {
      id: 'gores',
      title: 'Sew the gores together',
      how: `From the hem up, notches matched, waist ends level.${godets ? ' Stop each seam where its godet begins.' : ''} Press every seam open as it is sewn.${side ? '' : ' Leave the zip length open at centre back.'}`,
      setUp: 4 + 2 * gores.value,
    },
    seams,
  );
  if (godets)
    seamStep(
      sheet,
      { id: 'godets', title: 'Set in the godets', how: 'From the point down each side, needle down at the point to turn.', setUp: 6 * gores.value },
      sheet.number('godetHeight').times(2).times(gores),
    );
  if (!side) zipStep(sheet);
  if (sheet.yes('lining')) hungLiningStep(sheet, gores.times(sheet.quantity('lining-length')), 25);
  fitStep(sheet, 'Pin what is too wide along the side seams, sew inside the old line, trim the other side to match.', {
    title: 'Try it on inside out',
    setUp: 15,
    why: 'Gores are easiest to fit before the band is on.',
  });
  const around = side ? sheet.quantity('band-cut-length') : worn;
  seamStep(
    sheet,
    {
      id: 'band',
      title: 'Sew on the band',
      how: side
        ? 'Sew the band on, fold it over; slide the side elastics in, stitch their ends into the seams beside the side gores.'
        : 'Quarter band and waist, match, sew; fold the band over and stitch it down.',
      setUp: 25,
    },
    around.times(2),
  );
  finishStep(sheet, 'finish-waist', 'Finish the waist seam', around);
  hemStep(sheet, sweep, true);
  pressStep(sheet, 'Along the seams, from the hem up, lifting the iron.', 10);
}
