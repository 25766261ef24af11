import { describe, expect, it } from 'vitest';
import { MEASURED } from '../testing/every-skirt.ts';
import { draftFor } from './plan.ts';
import { taking } from './ways-that-help.ts';

describe('a way out', () => {
  // a woven skirt held by stretch alone can't pass the hips
  const request = { construction: 'circle-skirt', body: MEASURED, choices: { closure: 'stretch' } };
  const { sheet } = draftFor(request);
  const ways = sheet.checks.find(({ id }) => id === 'passes-over-hip')!.waysOut!.filter(({ choices }) => choices);

  it('says what it costs: a zip takes longer to sew, room for the hips takes more cloth', () => {
    const zip = ways.find(({ choices }) => choices!['closure'] === 'zip')!;
    const room = ways.find(({ choices }) => choices!['closure'] === 'pull-on')!;
    expect(zip.costs!.minutes).toBeGreaterThan(20);
    expect(room.costs!.cloth).toBeGreaterThan(0.05);
  });

  it('costs what the plan with it takes more than the plan without, step by step', () => {
    const handling = (of: typeof sheet) => of.steps.filter(({ id }) => !['test', 'chalk', 'cut', 'wash'].includes(id)).reduce((sum, { setUp, seam }) => sum + setUp + (seam?.value ?? 0) / 500, 0); // prettier-ignore
    for (const way of ways) {
      const after = draftFor(taking(request, way)).sheet;
      expect(way.costs!.minutes, way.says).toBeCloseTo(handling(after) - handling(sheet), 6);
    }
  });
});
