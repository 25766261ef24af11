import { describe, expect, it } from 'vitest';
import { CONSTRUCTIONS } from '../garments/index.ts';
import { planFor } from '../plan/plan.ts';
import { MEASURED } from '../testing/every-skirt.ts';
import { TOOLS } from './sewing-box.ts';

const known = new Set(TOOLS.map(({ id }) => id));

describe('the sewing box', () => {
  it('holds no tool twice, and every one says what it is', () => {
    expect(known.size).toBe(TOOLS.length);
    for (const { what } of TOOLS) expect(what).toMatch(/\w{4}/);
  });

  it.each(CONSTRUCTIONS.map(({ id }) => id))('every needle and foot %s asks for can be kept in it, whatever the cloth', (construction) => {
    for (const kind of ['woven', 'knit'] as const)
      for (const weight of ['light', 'medium', 'heavy'] as const) {
        const plan = planFor({ construction, body: MEASURED, choices: {}, cloth: { kind, weight, stretchAcross: kind === 'knit' ? 0.5 : 0 } });
        const needle = plan.shopping.find(({ id }) => id === 'needle')!;
        expect(known).toContain(needle.tool);
        // handbook 13: needle size and point go with the cloth
        expect(needle.what).toMatch(kind === 'knit' ? /stretch or ballpoint/ : /universal/);
      }
  });

  it('a zip foot is on the list where a machine puts in a zip, and only there', () => {
    const foot = (choices: Record<string, string>) =>
      planFor({ construction: 'circle-skirt', body: MEASURED, choices }).shopping.find(({ tool }) => tool === 'foot-zip');
    expect(foot({ closure: 'zip' })).toBeDefined();
    expect(foot({ closure: 'pull-on' })).toBeUndefined();
    expect(foot({ closure: 'zip', machine: 'hands' })).toBeUndefined();
  });
});
