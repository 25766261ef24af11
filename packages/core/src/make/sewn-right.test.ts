import { describe, expect, it } from 'vitest';
import { draftFor } from '../plan/plan.ts';
import type { PlanRequest } from '../plan/request.ts';
import { EVERY_SKIRT, MEASURED } from '../testing/every-skirt.ts';
import { minutesOf } from './sewing.ts';

const sheetOf = (construction: string, choices: PlanRequest['choices'] = {}, rest: Partial<PlanRequest> = {}) =>
  draftFor({ construction, body: MEASURED, choices, ...rest }).sheet;
const orderOf = (construction: string, choices: PlanRequest['choices'] = {}, rest: Partial<PlanRequest> = {}) =>
  sheetOf(construction, choices, rest).steps.map(({ id }) => id);
const inOrder = (steps: string[], ...wanted: string[]) => {
  const places = wanted.map((id) => steps.indexOf(id));
  expect(places, wanted.join(', ')).not.toContain(-1);
  expect(places, wanted.join(' then ')).toEqual([...places].sort((a, b) => a - b));
};
const KNIT = { cloth: { kind: 'knit' as const, stretchAcross: 0.6, frays: false } };

describe('the hard parts in the order that works (handbook 13a, common practice)', () => {
  it('zip and fitted band: edges, seams, zip, band basted, tried on, sewn, fastened; lining caught last', () => {
    inOrder(
      orderOf('circle-skirt', { lining: true }),
      'stay-stitch',
      'finish-sides',
      'sides',
      'zip',
      'lining',
      'lining-in',
      'band-ready',
      'try-on',
      'band',
      'band-fasten',
      'lining-zip',
      'hang',
      'level',
      'lining-hem',
      'hem',
    );
  });

  it('a zip in tiers: they are sewn flat, one seam through all of them is closed last', () => {
    inOrder(orderOf('tiered-skirt', { waist: 'fitted-band' }), 'rings', 'join-2', 'join-3', 'back', 'zip', 'gather', 'band-ready');
    expect(orderOf('tiered-skirt')).not.toContain('back');
  });

  it('elastic: threaded and pinned, tried on, only then closed; a child’s gap stays', () => {
    inOrder(orderOf('gathered-skirt', { waist: 'tube-band' }), 'gather', 'band-ring', 'band', 'elastic', 'try-on', 'elastic-close', 'hem');
    const child = sheetOf('child-tube-skirt');
    inOrder(
      child.steps.map(({ id }) => id),
      'band-ring',
      'band',
      'elastic',
      'try-on',
      'leave-open',
    );
    expect(child.joins.find(({ gap }) => gap)!.gap!.stays).toBe(true);
  });

  it('a ruffle is closed, hemmed or folded, gathered, sewn on, finished, stitched down', () => {
    inOrder(
      orderOf('gathered-skirt', { hemEdge: 'ruffle' }),
      'ruffle-ring',
      'ruffle-hem',
      'gather-ruffle',
      'ruffle',
      'finish-ruffle',
      'ruffle-topstitch',
    );
    expect(orderOf('gathered-skirt', { hemEdge: 'ruffle', ruffleDouble: true })).not.toContain('ruffle-hem');
  });

  it('godets: marked on every gore, edges finished, seams to the point, then set in, hung and levelled', () => {
    const sheet = sheetOf('gored-skirt', { godets: true });
    inOrder(
      sheet.steps.map(({ id }) => id),
      'finish-gores',
      'gores',
      'finish-godets',
      'godets',
      'hang',
      'level',
      'hem',
    );
    for (const chalk of sheet.chalk.filter(({ piece }) => piece.startsWith('gore')))
      expect(
        chalk.marks.some(({ id }) => id === 'at-godet'),
        chalk.piece,
      ).toBe(true);
  });

  it('a slit is made and faced before its zip, and its facing is a piece', () => {
    const sheet = sheetOf('handkerchief-skirt', { sideLength: 400 });
    expect(sheet.piece('facing').copies).toBe(1);
    inOrder(
      sheet.steps.map(({ id }) => id),
      'facing',
      'zip',
      'band',
    );
  });

  it('a handkerchief hem is never levelled from the floor, a circle’s is', () => {
    expect(sheetOf('handkerchief-skirt', { sideLength: 400 }).steps.find(({ id }) => id === 'level')!.how).toContain(
      'Do not level it from the floor',
    );
    expect(sheetOf('circle-skirt').steps.find(({ id }) => id === 'level')!.how).toContain('from the floor');
  });

  it('a gathered layer and its lining are both drawn in before they are basted together', () => {
    inOrder(orderOf('gathered-skirt', { waist: 'fitted-band', lining: true }), 'gather', 'gather-lining', 'lining-in', 'band-ready');
  });

  it('growth room is a tuck of its own, and the hem allowance holds it', () => {
    const sheet = sheetOf('child-tube-skirt', { growthRoom: 40, hem: 20 });
    expect(sheet.quantity('hem-with-growth').value).toBe(60);
    inOrder(
      sheet.steps.map(({ id }) => id),
      'leave-open',
      'growth-tuck',
      'hem',
    );
  });
});

describe('what follows from joins', () => {
  it.each(EVERY_SKIRT)('%s: every seam on fraying cloth is finished, but for what is enclosed', (_, request) => {
    const { sheet } = draftFor({ ...request, cloth: { ...request.cloth, frays: true } });
    const shown = new Set(sheet.steps.filter(({ id }) => id.startsWith('finish-')).flatMap(({ shows = [] }) => shows));
    // closed ends and overlaps of a band, and what lies inside it, are enclosed (handbook 13a)
    const enclosed = /^band-(end|overlap)|^band$/;
    for (const { id, how } of sheet.joins) if ((how === 'plain' || how === 'gather') && !enclosed.test(id)) expect(shown.has(id), id).toBe(true);
  });

  it.each(EVERY_SKIRT)('%s: no straight stitch on an edge of a knit that stretches (handbook 9)', (_, request) => {
    const { sheet } = draftFor({ ...request, cloth: { ...request.cloth, kind: 'knit', stretchAcross: 0.6, stretchAlong: 0.2 } });
    const stretching = sheet.steps.filter(
      ({ joins = [], id }) =>
        id === 'stay-stitch' || joins.some((join) => ['hem', 'elastic', 'band'].includes(sheet.joins.find((each) => each.id === join)!.how)),
    );
    for (const { id, stitch } of stretching) expect(stitch, id).not.toBe('301');
  });

  it('gathering rows lie inside the allowance, at a third and two thirds of it, and no thread is pulled over more than a metre and a half', () => {
    const { how } = sheetOf('gathered-skirt', { waist: 'fitted-band', fullness: 4, seam: 15 }).steps.find(({ id }) => id === 'gather')!;
    expect(how).toContain('0.5 cm and 1.0 cm from the edge');
    // 4 x 72 cm pulled in stretches of no more than 1.5 m: but never fewer than the quarters
    expect(how).toContain('each of the 4 marks');
    const ruffle = sheetOf('circle-skirt', { hemEdge: 'ruffle' });
    const marks = Number(/each of the (\d+) marks/.exec(ruffle.steps.find(({ id }) => id === 'gather-ruffle')!.how)![1]);
    expect(ruffle.quantity('ruffle-flat').value / marks).toBeLessThanOrEqual(1500);
  });

  it('a knit is never straightened by pulling a thread', () => {
    for (const { foldSays } of sheetOf('knit-tube-skirt').chalk) expect(foldSays).not.toMatch(/pull a thread across/);
  });

  it('cord is bought where cord is the way', () => {
    const bought = (gatherBy: string) => sheetOf('gathered-skirt', { waist: 'fitted-band', gatherBy }).shopping.map(({ id }) => id);
    expect(bought('cord')).toContain('cord');
    expect(bought('thread')).not.toContain('cord');
    expect(bought('thread')).toEqual(expect.arrayContaining(['zip', 'interfacing', 'fastening']));
  });
});

describe('times (handbook 13a, common practice)', () => {
  const hours = (choices: PlanRequest['choices']) => {
    const sheet = sheetOf('circle-skirt', choices);
    return sheet.steps.reduce((sum, step) => sum + minutesOf(step, sheet.minutes('pace').value), 0) / 60;
  };
  it('a beginner’s zipped circle is a day’s evening work, 4 hours and more; a practised hand takes less than two thirds of it', () => {
    expect(hours({})).toBeGreaterThanOrEqual(4);
    expect(hours({})).toBeLessThan(8);
    expect(hours({ pace: 'practised' })).toBeLessThan((2 / 3) * hours({}));
  });
});

describe('turned in at the top (handbook 13a)', () => {
  it('the raw edge is as wide as where it is sewn: the sides mirror what lies below the fold', () => {
    const sheet = sheetOf('knit-tube-skirt', { profile: 'shaped' }, KNIT);
    const { cut } = sheet.piece('skirt');
    const turn = sheet.quantity('top-turn').value;
    const top = cut.find(({ name }) => name === 'top')!;
    const wide = Math.abs(top.from[0] - top.to[0]);
    // the width of the cut line as far below the fold as the raw edge lies above it
    const side = cut.filter(({ name }) => name === 'side-right');
    const below = side.flatMap((edge) =>
      edge.arc
        ? [
            Math.sqrt((edge.from[0] - edge.arc.centre[0]) ** 2 + (edge.from[1] - edge.arc.centre[1]) ** 2 - (-turn - edge.arc.centre[1]) ** 2) +
              edge.arc.centre[0],
          ]
        : [],
    );
    expect(Math.min(...below.map((half) => Math.abs(2 * half - wide)))).toBeLessThan(0.01);
  });
});

describe('what is chosen is drawn', () => {
  const viewOf = (construction: string, choices: PlanRequest['choices'], rest: Partial<PlanRequest> = {}) =>
    sheetOf(construction, choices, rest).view!;
  const lowest = (construction: string, choices: PlanRequest['choices']) => viewOf(construction, choices).levels.at(-1)!;

  it('a peplum, pockets, a binding, a ruffle, godets', () => {
    expect(viewOf('knit-tube-skirt', { peplum: true }, KNIT).parts).toMatchObject([{ kind: 'over' }]);
    expect(viewOf('gathered-skirt', { pockets: true }).parts).toMatchObject([{ kind: 'pockets', width: 150 }]);
    expect(viewOf('circle-skirt', { hemEdge: 'bound' }).parts).toMatchObject([{ kind: 'binding' }]);
    expect(lowest('gathered-skirt', { hemEdge: 'ruffle', ruffleHeight: 100 }).drop).toBe(700);
    // eight wedges of 20 cm more at the hem
    expect(lowest('gored-skirt', { godets: true }).clothGirth - lowest('gored-skirt', {}).clothGirth).toBeCloseTo(8 * 200, 6);
  });

  it('and the hem that is sewn is the hem that is told, godets and all', () => {
    const sheet = sheetOf('gored-skirt', { godets: true });
    expect(sheet.quantity('hem-with-godets').value).toBe(8 * 300 + 8 * 200);
    // the sewn edge is a curve, lifted at the seams: a little longer than what was chosen straight across
    const sewn = sheet.joins.find(({ id }) => id === 'hem')!.length.value;
    expect(Math.abs(sewn - 4000) / 4000).toBeLessThan(0.01);
  });
});

describe('what was set for one operation is set back after it', () => {
  it.each(['thread', 'overlocker'])('gathered by %s', (gatherBy) => {
    const { sheet } = draftFor({ construction: 'gathered-skirt', body: MEASURED, choices: { gatherBy, waist: 'fitted-band' } });
    const gathers = sheet.steps.filter(({ how }) => /tension (high|\.)|Loosen the top tension/.test(how));
    expect(gathers.length).toBeGreaterThan(0);
    for (const { how } of gathers) expect(how).toMatch(/[Ss]et .*(tension|feed 1).* back|Set the machine back/);
  });

  it('by hand nothing was set', () => {
    const { sheet } = draftFor({ construction: 'gathered-skirt', body: MEASURED, choices: { machine: 'hands', waist: 'fitted-band' } });
    for (const { how } of sheet.steps) expect(how).not.toMatch(/tension|feed/);
  });
});

describe('a hole that was cut can only be made larger', () => {
  it.each([0.5, 1])('a fraction of %s of a circle grows by 2 pi f for each millimetre outwards (handbook 4)', (fraction) => {
    const knit = { kind: 'knit' as const, stretchAcross: 0.5, frays: false };
    const body = { ...MEASURED, 'bust-girth': 900, 'shoulder-to-waist': 400 };
    const { sheet } = draftFor({ construction: 'skater-dress', body, choices: { fraction }, cloth: knit });
    const { how } = sheet.steps.find(({ id }) => id === 'bodice-fit')!;
    const [, wider, more] = /(\d+\.\d) cm outwards all round for every (\d+\.\d) cm/.exec(how)!;
    // said to 1 mm
    expect(Math.abs(Number(wider) - Number(more) / (2 * Math.PI * fraction))).toBeLessThanOrEqual(0.05);
    // it is cut before the bodice is tried on: nothing may tell her to chalk it only then
    expect(sheet.steps.findIndex(({ id }) => id === 'cut')).toBeLessThan(sheet.steps.findIndex(({ id }) => id === 'bodice-fit'));
    expect(how).not.toMatch(/before you cut/);
  });
});
