import { elasticComfort, elasticKind, elasticSewn, elasticStretch } from '../checks/elastic-checks.ts';
import type { WayOut } from '../checks/check.ts';
import { passesOver } from '../checks/passes-over.ts';
import { notePlace } from '../checks/way-in.ts';
import { fittedBand, prepareFittedBand, tubeBand } from '../joins/band.ts';
import { casing } from '../joins/casing.ts';
import { buyElastic, closeElastic, elasticOn, threadElastic } from '../joins/elastic.ts';
import { elasticLengths, elasticOpensTo, elasticWidth } from '../joins/elastic-lengths.ts';
import { gatherStep } from '../joins/gather.ts';
import { runLength } from '../joins/run.ts';
import { Quantity } from '../quantity/quantity.ts';
import type { Span } from '../sheet/join.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { bandPiece } from './band-piece.ts';
import { buyInterfacing } from './interfacing.ts';
import type { Lining } from './lining.ts';
import { tryOn } from './try-on.ts';

export type WaistKind = 'self-casing' | 'tube-band' | 'exposed-elastic' | 'fitted-band' | 'stretch-band';

export interface WaistOptions {
  /** Goes before the names of its pieces, joins, steps and numbers where a garment has more than one. */
  prefix?: string;
  kind: WaistKind;
  /** The top edge all round, beginning at the opening where there is one. */
  edge: Span[];
  /** A lining that goes into the same seam. */
  lining?: Lining;
  /** The girth it is sewn at, mm: what an elastic waist has to pass the hips with, what a fitted band is worn at. */
  girth: Quantity;
  /** Length of the zip, mm, where there is one. */
  zip?: Quantity;
  /** Ways out where it won’t pass. */
  waysOut: WayOut[];
  /** What to look at when it is tried on. */
  tryOnSays: string;
  /** Where gathering needs words for the table. */
  gatheredName?: string;
}

/**
 * The waist of a skirt in all its kinds, in one call: band, elastic or casing as pieces and joins, whether one gets in, what to buy, the
 * steps with the trying-on where it can still be mended. Returns the girth it is held to when worn, mm.
 */
export function addWaist(sheet: Worksheet, options: WaistOptions): Quantity {
  const { kind, lining } = options;
  gatherFirst(sheet, options);
  // in a casing of its own the lining is caught by the casing's stitching
  if (kind !== 'self-casing') lining?.hangIn();
  const parts: Parts = { ...options, ...(lining ? { under: lining.top } : {}) };
  switch (kind) {
    case 'fitted-band':
      return withFittedBand(sheet, parts);
    case 'stretch-band':
      return withStretchBand(sheet, parts);
    default:
      return withElastic(sheet, parts);
  }
}

type Parts = WaistOptions & { under?: Span[] };

/** Names with the prefix before them, where there is one. */
const naming =
  (prefix = '') =>
  (name: string) =>
    prefix === '' ? name : `${prefix}-${name}`;

/** The join that closes each kind of waist. */
const JOIN: Record<WaistKind, string> = {
  'fitted-band': 'band',
  'stretch-band': 'band',
  'tube-band': 'band',
  'exposed-elastic': 'waist',
  'self-casing': 'casing',
};

const SEWN_TO: Record<WaistKind, string> = {
  'fitted-band': 'on the band',
  'stretch-band': 'on the band',
  'tube-band': 'on the band',
  'exposed-elastic': 'at the waist',
  'self-casing': 'on the lining',
};

/** Each layer is drawn in to what it is sewn to; a casing of its own is drawn in by its elastic, unless a lining lies under it. */
function gatherFirst(sheet: Worksheet, { prefix, kind, edge, lining, girth, gatheredName = 'on the skirt' }: WaistOptions): void {
  const called = naming(prefix);
  if (kind === 'self-casing' && !lining) return;
  const onto = kind === 'self-casing' ? runLength(sheet, lining!.top) : girth;
  const layers = [
    { id: called('gather'), what: 'the top edge', layer: edge, name: gatheredName },
    ...(lining ? [{ id: called('gather-lining'), what: 'the lining’s top edge', layer: lining.top, name: 'on the lining' }] : []),
  ];
  for (const { id, what, layer, name } of layers)
    if (runLength(sheet, layer).value > onto.value * 1.001)
      gatherStep(sheet, {
        id,
        title: `Gather ${what} to ${sheet.show(onto)}`,
        edge: layer,
        to: onto,
        names: [name, SEWN_TO[kind]],
        shows: layer === edge ? [{ id: called(JOIN[kind]) }] : [],
      });
}

/** Whether the hips get through what opens to so much, where they were measured. */
function hipPasses(sheet: Worksheet, opening: Quantity, by: string, waysOut: WayOut[]): void {
  if (!sheet.hasMeasure('hip-girth')) return;
  const check = passesOver(sheet, {
    id: 'passes-over-hip',
    what: 'the hips',
    girth: sheet.girth('hip'),
    opening: opening.named('opening', 'Opens to', 'down'),
    by,
    waysOut,
  });
  sheet.check(check);
  notePlace(sheet, check, { what: by, drop: 0 });
}

function withFittedBand(sheet: Worksheet, { prefix, edge, under, girth, zip, waysOut, tryOnSays }: Parts): Quantity {
  const called = naming(prefix);
  const name = called('band');
  const overlap = sheet.figure('band-overlap');
  const band = bandPiece(sheet, { prefix: name, length: girth.plus(overlap), height: sheet.number('bandWidth') });
  sheet.put(called('finished-girth'), 'Finished waist', 'nearest', girth);
  hipPasses(sheet, girth.plus((zip ?? Quantity.constant(0, 'mm')).times(2)), 'the band with its zip', waysOut);
  prepareFittedBand(sheet, { prefix: name, band, overlap, worn: girth });
  tryOn(sheet, `${tryOnSays} Mend it now, before the band is sewn for good.`, { id: called('try-on') });
  fittedBand(sheet, { prefix: name, band, edge, ...(under ? { under } : {}), overlap, heldTo: girth, fastening: 'hook and bar, or button' });
  buyInterfacing(sheet, name);
  return girth;
}

function withStretchBand(sheet: Worksheet, { prefix, edge, under, girth, waysOut, tryOnSays }: Parts): Quantity {
  const called = naming(prefix);
  const name = called('band');
  const band = bandPiece(sheet, { prefix: name, length: girth, height: sheet.number('bandWidth') });
  sheet.put(called('finished-girth'), 'Finished waist', 'nearest', girth);
  if (sheet.hasMeasure('hip-girth')) {
    const needed = sheet.put(called('stretch-needed'), 'Stretch needed at the waist', 'up', sheet.girth('hip').over(girth).minus(1));
    hipPasses(sheet, girth.times(sheet.cloths.gives()), 'the waist', [
      ...waysOut,
      { says: `Use a knit that stretches by ${Math.ceil(needed.value * 100)} % or more` },
    ]);
  }
  tubeBand(sheet, { prefix: name, band, edge, ...(under ? { under } : {}) });
  tryOn(sheet, tryOnSays, { id: called('try-on') });
  return girth;
}

function withElastic(sheet: Worksheet, { prefix, kind, edge, under, girth, waysOut, tryOnSays }: Parts): Quantity {
  const called = naming(prefix);
  const waist = sheet.girth('waist');
  const { finished, cut } = elasticLengths(sheet, waist, called('elastic'));
  sheet.put(called('finished-girth'), 'Finished waist', 'nearest', finished);
  buyElastic(sheet, cut, { prefix: called('elastic') });
  const longer: WayOut = { says: 'Cut the elastic as long as the body', choices: { elasticSchool: 'body' } };
  const stretchier: WayOut = { says: 'An elastic that stretches to twice its length', elastic: { kind: 'knitted', greatestStretch: 2 } };
  const flat = kind === 'self-casing' && !under ? runLength(sheet, edge) : girth;
  hipPasses(sheet, Quantity.smaller(flat.times(sheet.cloths.gives()), elasticOpensTo(sheet, finished)), 'the waist', [
    longer,
    stretchier,
    ...waysOut,
  ]);
  if (sheet.hasMeasure('hip-girth')) {
    const needed = sheet.put(called('elastic-stretch-needed'), 'Stretch needed to go on', 'up', sheet.girth('hip').over(finished));
    sheet.check(elasticStretch(sheet, needed, [longer, stretchier, ...waysOut]));
  }
  sheet.check(elasticComfort(sheet, finished, waist), elasticKind(sheet, kind === 'exposed-elastic' ? 'sewn-through' : 'threaded'));
  const layers = { edge, ...(under ? { under } : {}), heldTo: girth };
  if (kind === 'exposed-elastic') {
    const ratio = sheet.put(called('elastic-sewn-ratio'), 'Elastic stretched while sewing', 'up', girth.over(finished));
    sheet.check(elasticSewn(sheet, ratio, [longer, stretchier, { says: 'A casing instead', choices: { waist: 'self-casing' } }]));
    elasticOn(sheet, { id: called('waist'), step: called('elastic-on'), ...layers, girth, finished, cut, as: 'exposed' });
    tryOn(sheet, tryOnSays, { id: called('try-on') });
    return finished;
  }
  const join =
    kind === 'tube-band'
      ? tubeBand(sheet, {
          prefix: called('band'),
          band: bandPiece(sheet, { prefix: called('band'), length: girth, height: elasticWidth(sheet).plus(sheet.figure('casing-room')) }),
          gap: sheet.figure('gap').value,
          ...layers,
        })
      : casing(sheet, { id: called('casing'), edge, ...(under ? { under, heldTo: runLength(sheet, under) } : {}) });
  threadElastic(sheet, { prefix: called('elastic'), cut, shows: [join] });
  tryOn(sheet, `${tryOnSays} Move the pin until the elastic holds without marking.`, { id: called('try-on') });
  closeElastic(sheet, { prefix: called('elastic'), shows: [join] });
  return finished;
}

/** Height of a band above the skirt itself, for the front view; mm. */
export function bandHeight(sheet: Worksheet, kind: WaistKind): number {
  if (kind === 'fitted-band' || kind === 'stretch-band') return sheet.number('bandWidth').value;
  if (kind === 'self-casing') return 0;
  return sheet.elastic.width + (kind === 'tube-band' ? sheet.figure('casing-room').value : 0);
}
