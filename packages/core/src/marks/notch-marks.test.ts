import { describe, expect, it } from 'vitest';
import { CONSTRUCTIONS } from '../garments/index.ts';
import { draftFor } from '../plan/plan.ts';
import { MEASURED } from '../testing/every-skirt.ts';
import { optionPairs } from '../testing/any-request.ts';
import { BadInput } from '../errors/bad-input.ts';
import { Unmakeable } from '../errors/unmakeable.ts';
import type { ChalkSheet } from './mark.ts';

/** The chalk sheets of a construction with every pair of options that can be made. */
function sheetsOf(construction: (typeof CONSTRUCTIONS)[number]): ChalkSheet[] {
  return [{}, ...optionPairs(construction)].flatMap((choices) => {
    try {
      return [...draftFor({ construction: construction.id, body: MEASURED, choices }).sheet.chalk];
    } catch (error) {
      if (error instanceof BadInput || error instanceof Unmakeable) return [];
      throw error;
    }
  });
}
const snips = (sheet: ChalkSheet) => sheet.marks.filter(({ id }) => id.startsWith('at-notch'));

describe.each(CONSTRUCTIONS.map((each) => [each.id, each] as const))('snips of a %s', (_id, construction) => {
  const sheets = sheetsOf(construction);

  it('ask for one place once: nobody can snip it once and twice', () => {
    expect(sheets.length).toBeGreaterThan(0);
    for (const sheet of sheets) {
      const places = snips(sheet).flatMap(({ dots = [] }) => dots.map((dot) => dot.map((mm) => mm.toFixed(1)).join()));
      expect(new Set(places).size, sheet.name).toBe(places.length);
      expect(new Set(sheet.marks.map(({ id }) => id)).size, sheet.name).toBe(sheet.marks.length);
    }
  });

  it('say on which edge, how far along, and how often; where both numbers stand, which is which', () => {
    for (const { says } of sheets.flatMap(snips)) {
      expect(says).toMatch(/^Snip (the|both) [a-z -]*(edge|corner|hem|waist|neck|front|wrist|slit)s?\b/);
      expect(says).toMatch(/\d cm (down|along) the seam line/);
      expect(says).toMatch(/once|twice/);
      if (/once/.test(says) && /twice/.test(says)) expect(says).toMatch(/front.*back/);
    }
  });
});

it.each(CONSTRUCTIONS.map((each) => [each.id, each] as const))('a %s matches snips on snips only where both edges have them', (_id, construction) => {
  const waists: Array<Record<string, string>> = construction.choices.some(({ id, options }) => id === 'waist' && options?.includes('fitted-band'))
    ? [{}, { waist: 'fitted-band' }]
    : [{}];
  for (const choices of waists) {
    const { sheet } = draftFor({ construction: construction.id, body: MEASURED, choices });
    const snipped = new Set(sheet.chalk.filter((each) => snips(each).length > 0).map(({ piece }) => piece));
    for (const { id, how, joins = [] } of sheet.steps) {
      if (!how.includes('raw edges level, snips on snips')) continue;
      const sewn = sheet.joins.filter((join) => joins.includes(join.id) && join.notches);
      const both = sewn.filter(({ layers }) => layers.every((run) => run.every(({ piece }) => snipped.has(piece))));
      expect(both.length, `${id}: ${how}`).toBeGreaterThan(0);
    }
  }
});

it('of a sleeve, one corner goes to the front and one to the back: told apart only when it is opened out', () => {
  const { sheet } = draftFor({ construction: 'shirred-dress', body: MEASURED, choices: { sleeves: true } });
  const said = (piece: string) => snips(sheet.chalk.find((each) => each.piece === piece)!)[0]!.says;
  expect(said('sleeve')).toContain('opened out, once where it will meet the front, twice, side by side, where it will meet the back');
  // front and back are cut alike: the snips are what tells them apart
  expect(said('panel')).toContain('once on the one for the front, twice, side by side, on the one for the back');
});
