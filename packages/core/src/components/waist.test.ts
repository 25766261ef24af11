import { describe, expect, it } from 'vitest';
import { PLAIN_WOVEN } from '../cloth/cloth.ts';
import { PLAIN_ELASTIC } from '../cloth/elastic.ts';
import { gatheredSkirt } from '../garments/gathered-skirt.ts';
import { plain } from '../joins/plain.ts';
import { ringSeams } from '../joins/ring.ts';
import { along, copiesOf, reversed } from '../joins/run.ts';
import { settleChoices } from '../plan/validate.ts';
import { rectangleShape } from '../shapes/rectangle.ts';
import { Worksheet } from '../sheet/worksheet.ts';
import { MEASURED } from '../testing/every-skirt.ts';
import { assertLaw } from '../testing/law.ts';
import { addWaist, type WaistKind } from './waist.ts';

/** A balloon skirt: a ring of two widths, drawn in above and below. */
function balloon(kind: WaistKind): Worksheet {
  const sheet = new Worksheet({
    body: MEASURED,
    wearer: 'adult',
    estimated: {},
    choices: settleChoices(gatheredSkirt, {}, 'woven'),
    definitions: gatheredSkirt.choices,
    cloths: { main: PLAIN_WOVEN },
    elastic: PLAIN_ELASTIC,
    units: 'cm',
    figures: {},
  });
  const around = sheet.girth('hip').plus(sheet.number('hipClearance')).named('around', 'All round', 'up');
  const allowance = sheet.elastic.width + 15;
  const panel = sheet.cut({
    id: 'panel',
    name: 'Width',
    copies: 2,
    grain: 'along',
    shape: rectangleShape(around.over(2), sheet.number('length'), { top: allowance, bottom: allowance, sides: 15 }),
  });
  const ring = copiesOf(panel);
  plain(sheet, {
    step: 'sides',
    title: 'Sew the widths together',
    edges: 'the side edges',
    seams: ringSeams(sheet, { id: 'side', ring }).seams,
    press: 'open',
  });
  sheet.openings.push('waist', 'hem');
  const common = { kind, girth: around, waysOut: [], tryOnSays: 'Does it pass the hips?' };
  addWaist(sheet, { ...common, edge: along(ring, 'top', true) });
  addWaist(sheet, { ...common, prefix: 'hem', edge: reversed(along(ring, 'bottom')) });
  return sheet;
}

// design, section 2: a part takes a prefix, so a garment may have two elastics
describe.each<WaistKind>(['self-casing', 'tube-band', 'exposed-elastic'])('a skirt drawn in twice, by %s', (kind) => {
  const sheet = balloon(kind);
  it('keeps the law of edges', () => assertLaw(sheet, `balloon skirt, ${kind}`));
  it('has an elastic of its own above and below, to buy and to sew', () => {
    expect(sheet.quantities.map(({ id }) => id)).toEqual(expect.arrayContaining(['elastic-cut', 'hem-elastic-cut']));
    expect(sheet.shopping.filter(({ what }) => what.startsWith('Elastic'))).toHaveLength(2);
    expect(new Set(sheet.steps.map(({ id }) => id)).size).toBe(sheet.steps.length);
  });
});
