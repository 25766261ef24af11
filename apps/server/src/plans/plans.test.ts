import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { PlanPreview } from '@arcus/core';
import { TestServer } from '../testing/test-server.ts';

let server: TestServer;
beforeAll(async () => void (server = await TestServer.start()));
afterAll(() => server.stop());

const TOVE = { 'waist-girth': 700, 'hip-girth': 960 };
const preview = (request: object) => server.post<PlanPreview>('/api/plans/preview', request);
const figure = (plan: PlanPreview, id: string) => plan.quantities.find((each) => each.id === id)!;

describe('GET /api/constructions', () => {
  it('tells every construction with its measures and choices, each with a reason', async () => {
    const { status, body } =
      await server.get<
        Array<{ id: string; needs: string[]; choices: Array<{ id: string; kind: string; default: unknown; options?: string[]; why: string }> }>
      >('/api/constructions');
    expect(status).toBe(200);
    expect(body.map(({ id }) => id)).toEqual(
      expect.arrayContaining([
        'circle-skirt',
        'handkerchief-skirt',
        'gathered-skirt',
        'tiered-skirt',
        'gored-skirt',
        'knit-tube-skirt',
        'child-tube-skirt',
      ]),
    );
    for (const { id, choices } of body) {
      expect(
        choices.map((each) => each.id),
        id,
      ).toEqual(expect.arrayContaining(['seam', 'hem', 'reserve']));
      for (const choice of choices) {
        expect(['length', 'ratio', 'count', 'one-of', 'yes-no']).toContain(choice.kind);
        expect(choice.why.length, `${id}.${choice.id}`).toBeGreaterThan(8);
        if (choice.kind === 'one-of') expect(choice.options).toContain(choice.default);
        if (choice.kind === 'yes-no') expect(typeof choice.default).toBe('boolean');
      }
    }
  });
});

describe('POST /api/plans/preview', () => {
  it('needs only a construction and a body', async () => {
    const { status, body } = await preview({ construction: 'circle-skirt', body: TOVE });
    expect(status).toBe(200);
    // geometry: 700 / (2 pi); the hole is cut 15 mm smaller; two half rings head to tail take 1476.8 mm
    expect(figure(body, 'waist-radius').value).toBeCloseTo(700 / (2 * Math.PI), 9);
    expect(figure(body, 'waist-radius').shown).toBe('11.1 cm');
    expect(figure(body, 'waist-radius').safeSide).toBe('down');
    expect(figure(body, 'waist-radius').inputs).toEqual(['seam-girth', 'fraction']);
    expect(figure(body, 'waist-radius').working).toMatch(/^70\.0 cm \/ \(2 pi x 1\) = 11\.14 cm$/);
    expect(figure(body, 'waist-radius-cut').value).toBeCloseTo(700 / (2 * Math.PI) - 15, 9);
    expect(body.lay.usableWidth).toBe(1480);
    expect(body.lay.length).toBeLessThanOrEqual(1476.9 + 90); // with the band, cut from the same cloth
    expect(figure(body, 'cloth-to-buy').value).toBe(body.lay.buy);
  });

  it('draws rings the contract promises: counter-clockwise, holes clockwise, no repeated last point', async () => {
    const { body } = await preview({
      construction: 'circle-skirt',
      body: TOVE,
      choices: { closure: 'stretch' },
      cloth: { kind: 'knit', stretchAcross: 0.5 },
    });
    const area = (ring: ReadonlyArray<readonly [number, number]>) =>
      ring.reduce((sum, [x, y], i) => sum + x * ring[(i + 1) % ring.length]![1] - y * ring[(i + 1) % ring.length]![0], 0) / 2;
    const skirt = body.pieces.find((piece) => piece.id === 'skirt')!;
    expect(area(skirt.cutLine)).toBeGreaterThan(area(skirt.seamLine));
    expect(area(skirt.cutHoles[0]!)).toBeLessThan(0);
    expect(Math.abs(area(skirt.cutHoles[0]!))).toBeLessThan(Math.abs(area(skirt.seamHoles[0]!)));
    expect(skirt.cutLine[0]).not.toEqual(skirt.cutLine.at(-1));
    expect(skirt.cutPath).toMatch(/^M.*A.*Z$/s);
  });

  it('places every copy once, inside the strip', async () => {
    const { body } = await preview({
      construction: 'gored-skirt',
      body: { ...TOVE, 'waist-to-hip': 200, 'waist-to-knee': 580 },
      cloth: { width: 1400 },
    });
    const copies = body.pieces.filter((piece) => piece.cloth === 'main').reduce((sum, piece) => sum + piece.copies, 0);
    expect(new Set(body.lay.placements.map(({ piece, copy }) => `${piece} ${copy}`)).size).toBe(copies);
    expect(body.lay.placements).toHaveLength(copies);
    for (const { piece, turn, x, y } of body.lay.placements) {
      const { cutLine, turns } = body.pieces.find((each) => each.id === piece)!;
      expect(turns).toContain(turn);
      const [c, s] = [Math.cos((turn * Math.PI) / 180), Math.sin((turn * Math.PI) / 180)];
      for (const [px, py] of cutLine) {
        const [qx, qy] = [px * c - py * s + x, px * s + py * c + y];
        expect(qx).toBeGreaterThan(-0.01);
        expect(qx).toBeLessThan(body.lay.usableWidth + 0.01);
        expect(qy).toBeGreaterThan(-0.01);
        expect(qy).toBeLessThan(body.lay.length + 0.01);
      }
    }
  });

  it('answers 200 with all figures when a check says stop', async () => {
    const { status, body } = await preview({
      construction: 'circle-skirt',
      body: { 'waist-girth': 700, 'hip-girth': 950 },
      choices: { closure: 'stretch' },
    });
    expect(status).toBe(200);
    const check = body.checks.find(({ id }) => id === 'passes-over-hip')!;
    expect(check.verdict).toBe('stop');
    expect(check.waysOut!.length).toBeGreaterThan(0);
    expect(body.quantities.length).toBeGreaterThan(8);
  });

  it('speaks inches to those who think in them, of the same lengths', async () => {
    const { body } = await preview({ construction: 'circle-skirt', body: TOVE, units: 'in' });
    expect(figure(body, 'waist-radius').shown).toBe('4 3/8 in');
    expect(figure(body, 'seam-girth').value).toBe(700);
    expect((figure(body, 'cloth-to-buy').value / 114.3) % 1).toBeCloseTo(0, 9);
  });

  it.each([
    ['fullness below 1', { construction: 'gathered-skirt', body: TOVE, choices: { fullness: 0.8 } }, 'fullness', '1'],
    ['no tiers', { construction: 'tiered-skirt', body: TOVE, choices: { tiers: 0 } }, 'tiers', '2'],
    [
      'elastic longer than the body',
      { construction: 'gathered-skirt', body: TOVE, choices: { elasticSchool: 'try-on', elasticTryOn: 900 } },
      'elasticTryOn',
      '700',
    ],
    [
      'a hem narrower than the knee',
      { construction: 'gored-skirt', body: { ...TOVE, 'waist-to-hip': 200, 'waist-to-knee': 580 }, choices: { profile: 'trumpet', goreHem: 60 } },
      'goreHem',
      'goreHem',
    ],
    [
      'hip below waist',
      { construction: 'gored-skirt', body: { 'waist-girth': 900, 'hip-girth': 700, 'waist-to-hip': 200, 'waist-to-knee': 580 } },
      'hip-girth',
      '880',
    ],
  ])('%s is 422 and names what can be made', async (_, request, field, nearest) => {
    const { status, body } = await server.post<{ message: string[] }>('/api/plans/preview', request);
    expect(status).toBe(422);
    expect(body.message[0]).toContain(field);
    expect(body.message[0]).toContain(nearest);
  });
});

describe('cloth folded while it is cut', () => {
  const gored = { construction: 'gored-skirt', body: { ...TOVE, 'waist-to-hip': 200, 'waist-to-knee': 580 } };

  it('answers with the pieces whole and opened out, and the folded stretches beside them', async () => {
    const { status, body } = await preview({ ...gored, choices: { fold: 'along' } });
    expect(status).toBe(200);
    expect(body.lay.fold).toBe('along');
    expect(body.lay.placements).toHaveLength(9);
    expect(body.lay.stretches!.map(({ fold }) => fold)).toContain('along');
    // two layers: what lies on the table is half as wide as the cloth
    expect(body.lay.stretches![0]!.width).toBe(body.lay.usableWidth / 2);
    expect(figure(body, 'cloth-to-buy').value).toBe(body.lay.buy);
  });

  it('is a check, no error, where nothing can be cut so; and an error by name where it is no way to fold', async () => {
    const { body } = await preview({ ...gored, choices: { fold: 'in-four' } });
    expect(body.lay.fold).toBe('open');
    expect(body.checks.find(({ id }) => id === 'fold-suits')!.verdict).toBe('caution');
    const bad = await server.post<{ message: string[] }>('/api/plans/preview', { ...gored, choices: { fold: 'twice' } });
    expect(bad.status).toBe(400);
    expect(bad.body.message.join()).toMatch(/choices\.fold.*open, along, across, in-four/);
  });
});

describe('edges and joins over the API (contract)', () => {
  type Span = { piece: string; copy: number; edge: string; from: number; to: number };
  const ask = async (request: object) => {
    const { status, body } = await preview({ body: { ...TOVE, 'waist-to-hip': 200, 'waist-to-knee': 590 }, ...request });
    expect(status).toBe(200);
    return body;
  };

  it.each([
    ['circle-skirt', { lining: true }],
    ['handkerchief-skirt', { sideLength: 400 }],
    ['gathered-skirt', { waist: 'fitted-band', hemEdge: 'ruffle', pockets: true }],
    ['tiered-skirt', { waist: 'fitted-band' }],
    ['gored-skirt', { godets: true }],
    ['knit-tube-skirt', { peplum: true, underlay: true }],
    ['child-tube-skirt', {}],
  ])('%s: edges are the sides of the seam line, and the spans of all joins cover each of them once', async (construction, choices) => {
    const { pieces, joins, steps, openings } = await ask({ construction, choices });
    expect(openings).toEqual(['waist', 'hem']);
    const covered = new Map<string, number>();
    for (const span of joins.flatMap(({ layers }) => layers.flat()) as Span[]) {
      expect(span.from).toBeLessThan(span.to);
      const edge = `${span.piece} ${span.copy} ${span.edge}`;
      covered.set(edge, (covered.get(edge) ?? 0) + span.to - span.from);
    }
    let count = 0;
    for (const { id, copies, edges, seamLine, seamHoles } of pieces) {
      const around = (ring: ReadonlyArray<readonly [number, number]>) =>
        ring.reduce((sum, [x, y], i) => sum + Math.hypot(x - ring[(i + 1) % ring.length]![0], y - ring[(i + 1) % ring.length]![1]), 0);
      const lines = [seamLine, ...seamHoles].reduce((sum, ring) => sum + around(ring), 0);
      expect(edges.reduce((sum, { length }) => sum + length, 0)).toBeCloseTo(lines, -1);
      for (const { points, length } of edges) {
        const chords = points.slice(1).reduce((sum, [x, y], i) => sum + Math.hypot(x - points[i]![0], y - points[i]![1]), 0);
        expect(Math.abs(chords - length)).toBeLessThan(0.001 * length + 0.1);
      }
      for (let copy = 0; copy < copies; copy++)
        for (const edge of edges) expect(covered.get(`${id} ${copy} ${edge.id}`), `${id} ${copy} ${edge.id}`).toBeCloseTo(1, 6);
      count += copies * edges.length;
    }
    expect(covered.size).toBe(count);
    for (const { id, step } of joins) expect(steps.find((each) => each.id === step)?.joins, id).toContain(id);
  });

  it('takes cloths by role, a wearer and the maker’s figures, and refuses others by name', async () => {
    const plan = await ask({
      construction: 'gathered-skirt',
      choices: { lining: true },
      cloths: { lining: { width: 900 } },
      wearer: 'child',
      figures: { 'lining-shorter': 70 },
    });
    expect(plan.otherLays.lining!.usableWidth).toBe(880);
    expect(figure(plan, 'lining-length').value).toBe(530);
    expect(plan.checks.some(({ id }) => id === 'child-safety')).toBe(true);
    for (const [field, wrong] of [
      ['cloths.collar', { cloths: { collar: {} } }],
      ['cloths.lining.width', { cloths: { lining: { width: '900' } } }],
      ['cloths.lining', { cloths: { lining: null } }],
      ['wearer', { wearer: 'giant' }],
      ['figures.luck', { figures: { luck: 1 } }],
    ] as const) {
      const { status, body } = await preview({ construction: 'gathered-skirt', body: TOVE, ...wrong });
      expect(status, field).toBe(400);
      expect((body as unknown as { message: string[] }).message.join(' ')).toContain(field.split('.').at(-1));
    }
  });
});
