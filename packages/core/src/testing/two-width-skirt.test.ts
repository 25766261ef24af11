import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { wearerOf } from '../body/wearer.ts';
import { PLAIN_WOVEN } from '../cloth/cloth.ts';
import { PLAIN_ELASTIC } from '../cloth/elastic.ts';
import { settleChoices } from '../plan/validate.ts';
import { Worksheet } from '../sheet/worksheet.ts';
import { MEASURED } from './every-skirt.ts';
import { assertLaw } from './law.ts';
import { twoWidthSkirt } from './two-width-skirt.ts';

const root = join(import.meta.dirname, '../../../..');

describe('the worked example of the architecture page', () => {
  const sheet = new Worksheet({
    body: MEASURED,
    wearer: wearerOf(MEASURED),
    estimated: {},
    choices: settleChoices(twoWidthSkirt, {}, 'woven'),
    definitions: twoWidthSkirt.choices,
    cloths: { main: PLAIN_WOVEN },
    elastic: PLAIN_ELASTIC,
    units: 'cm',
    figures: {},
  });
  twoWidthSkirt.draft(sheet);

  it('keeps the law of edges like every construction', () => assertLaw(sheet, 'two-width skirt'));

  it('gets its steps, lengths and checks from its joins alone', () => {
    expect(sheet.steps.map(({ id }) => id)).toEqual(['finish-sides', 'sides', 'casing', 'elastic', 'try-on', 'elastic-close', 'hem']);
    // hip and 5 cm, in two widths; two seams of 60 cm; the casing runs all round (geometry)
    expect(sheet.quantity('panel-width').value).toBe(515);
    expect(sheet.steps.find(({ id }) => id === 'sides')!.seam!.value).toBe(1200);
    expect(sheet.steps.find(({ id }) => id === 'casing')!.seam!.value).toBe(1030);
    expect(sheet.checks.map(({ id }) => id)).toEqual(
      expect.arrayContaining(['passes-over-hip', 'elastic-stretch', 'elastic-comfort', 'elastic-kind']),
    );
  });

  it('stands in the architecture page as it is here', () => {
    const source = readFileSync(join(import.meta.dirname, 'two-width-skirt.ts'), 'utf8');
    const draft = source.slice(source.indexOf('  draft(s) {'), source.lastIndexOf('};'));
    expect(readFileSync(join(root, 'docs/architecture.md'), 'utf8')).toContain(draft.trimEnd());
  });
});
