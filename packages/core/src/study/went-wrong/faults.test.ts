import { describe, expect, it } from 'vitest';
import { BadInput } from '../../errors/bad-input.ts';
import { Unmakeable } from '../../errors/unmakeable.ts';
import { CONSTRUCTIONS } from '../../garments/index.ts';
import { planFor } from '../../plan/plan.ts';
import type { PlanRequest } from '../../plan/request.ts';
import { optionPairs } from '../../testing/any-request.ts';
import { MEASURED } from '../../testing/every-skirt.ts';
import { numbersOf } from '../../testing/plan-numbers.ts';
import { boundsOf } from '../../geometry/bounds.ts';
import { formatLength } from '../../units/format.ts';
import { leftoversOf } from './cut-again.ts';
import type { Remedy } from './fault.ts';
import { FAULTS, faultById, faultsAt, remediesFor } from './faults.ts';

const body = { 'waist-girth': 700, 'hip-girth': 960, 'waist-to-hip': 200 };
const remediesOf = (request: PlanRequest, fault: string, amount: number): Remedy[] => {
  const plan = planFor(request);
  const step = plan.steps.find((each) => faultById(fault)!.at(each, plan))!;
  expect(step, `${fault} can happen in ${request.construction}`).toBeDefined();
  return faultById(fault)!.remedies(plan, amount, step);
};
const said = (remedies: readonly Remedy[]) => remedies.map(({ says }) => says).join('\n');
const after = (request: PlanRequest, remedy: Remedy | undefined) => numbersOf({ ...request, choices: { ...request.choices, ...remedy?.change } });

/** How it lies is no matter here. */
const unlaid = () => ({ length: 1, utilisation: 0, placements: [] });

describe('it went wrong', () => {
  it('of every construction, at every step: what is offered says something, and a plan re-worked with it can be made', () => {
    const met = new Set<string>();
    const some = new Map<string, number>();
    for (const construction of CONSTRUCTIONS)
      for (const choices of [{}, ...optionPairs(construction).slice(0, 8)]) {
        const request: PlanRequest = { construction: construction.id, body: MEASURED, choices };
        let plan;
        try {
          plan = planFor(request, unlaid);
        } catch (error) {
          if (error instanceof Unmakeable || error instanceof BadInput) continue;
          throw error;
        }
        for (const step of plan.steps)
          for (const fault of faultsAt(step, plan)) {
            met.add(fault.id);
            const offered = remediesFor(fault, { request, plan, step }, fault.asks?.usual(plan) ?? 0);
            some.set(fault.id, (some.get(fault.id) ?? 0) + offered.length);
            for (const { says, cost, change } of offered) {
              expect(`${says} ${cost}`, `${construction.id} ${step.id} ${fault.id}`).not.toMatch(/NaN|undefined|Infinity|-\d/);
              if (change) expect(JSON.stringify(change), `${construction.id} ${fault.id}`).not.toBe('{}');
            }
          }
      }
    for (const [fault, offered] of some) expect(offered, fault).toBeGreaterThan(0);
    expect([...met].sort(), 'no fault that nothing leads to').toEqual(FAULTS.map(({ id }) => id).sort());
  }, 120_000);

  it('a waist hole 2 cm too big: the seams take it in, or the skirt sits where the body is that much larger', () => {
    const request: PlanRequest = { construction: 'circle-skirt', body, choices: { length: 600 } };
    const remedies = remediesOf(request, 'waist-big', 20);
    // two seams (the zip closes one of them): 20 / 2 a seam, half of that on each layer
    expect(said(remedies)).toContain('Take 1.0 cm in at each of the 2 seams: sew 0.5 cm inside the old line');
    // from 70 to 96 cm in 20 cm: 2 cm more lie 20 x 2 / 26 = 1.54 cm lower, looked for in steps of 5 mm
    expect(said(remedies)).toContain('sit 2.0 cm lower');
    const lower = remedies.find(({ change }) => change)!;
    expect(after(request, lower)('band-cut-length') - numbersOf(request)('band-cut-length')).toBeCloseTo(20, 6);
  });

  it('a waist 2 cm too small: what is cut off inside makes the hole exactly that much larger (C = 2 pi f r)', () => {
    const request: PlanRequest = { construction: 'circle-skirt', body, choices: { length: 600, fraction: 0.5 } };
    // 20 / (2 pi 0.5) = 6.4 mm
    expect(said(remediesOf(request, 'waist-small', 20))).toContain('Cut 0.6 cm off all round inside the hole');
  });

  it('a hem cut 1.2 cm too short keeps its length with a narrower hem, or bound; 5 cm too short ends shorter by what the hem can’t give', () => {
    const request: PlanRequest = { construction: 'gathered-skirt', body, choices: { length: 600, hem: 24 } };
    const [narrower, bound] = remediesOf(request, 'too-short', 12);
    expect(narrower!.change).toEqual({ hem: 12 });
    expect(after(request, narrower)('finished-length')).toBeCloseTo(600, 6);
    expect(after(request, narrower)('panel-cut-length'), 'as it was cut: 12 mm less').toBeCloseTo(numbersOf(request)('panel-cut-length') - 12, 6);
    expect(bound!.change).toEqual({ hemEdge: 'bound' });
    const five = remediesOf(request, 'too-short', 50);
    expect(five[0]!.change).toEqual({ hemEdge: 'bound', length: 600 - (50 - 24) });
    expect(five.at(-1)!.change).toEqual({ length: 550 });
  });

  it('a ruffle that ran short is spread thinner, or a piece is let in: lengths are fullness x edge (handbook 5)', () => {
    const request: PlanRequest = { construction: 'circle-skirt', body, choices: { hemEdge: 'ruffle', ruffleFullness: 2, length: 400 } };
    const plan = planFor(request);
    const edge = plan.joins.find(({ id, how }) => how === 'gather' && id.startsWith('ruffle'))!.length.value;
    const [spread, piece] = remediesOf(request, 'gathers-short', edge / 10);
    expect(spread!.change!['ruffleFullness']).toBeCloseTo(1.8, 6);
    expect(piece!.says).toMatch(/Let a piece in: .* long with its seams, .* high/);
  });

  it('an elastic 3 cm too long: the plan goes on with the shorter one, and says whether it still passes the hips', () => {
    const request: PlanRequest = { construction: 'gathered-skirt', body, choices: {} };
    const plan = planFor(request);
    const step = plan.steps.find((each) => faultById('elastic-tight')!.at(each, plan))!;
    // 3 cm more than the waist: no elastic holds on to anything there, so it is not offered
    expect(remediesFor(faultById('elastic-tight')!, { request, plan, step }, 30)).toEqual([]);
    const [shorter] = remediesOf(request, 'elastic-loose', 30);
    expect(after(request, shorter)('elastic-finished')).toBeCloseTo(670, 6);
    // 67 x 1.5 x 0.95 = 95.5 cm, and 96 have to pass
    expect(shorter!.says).toContain("it won't go on");
    const soft: PlanRequest = { ...request, elastic: { width: 20, kind: 'knitted', greatestStretch: 1.8 } };
    expect(remediesOf(soft, 'elastic-loose', 30)[0]!.says).toContain('still opens to 114.5 cm');
  });

  it('shirring that measures more than planned: the take-up it shows is reckoned with from there', () => {
    const request: PlanRequest = { construction: 'shirred-dress', body: { 'bust-girth': 920, 'hip-girth': 960 }, choices: { steam: 0.05 } };
    const [flat, planned] = [numbersOf(request)('shirr-flat'), numbersOf(request)('shirr-relaxed')];
    const remedies = remediesOf(request, 'shirring-loose', planned + 60);
    const measured = remedies.find(({ change }) => change?.['takeUp'] !== undefined)!;
    expect(measured.change!['takeUp']).toBeCloseTo((flat * 0.95) / (planned + 60), 2);
    expect(after(request, measured)('shirr-relaxed')).toBeCloseTo(planned + 60, -0.7);
    expect(said(remedies)).toContain('Steam it first');
  });
});

describe('what is still possible, with the numbers of this garment', () => {
  it('a spoilt piece: its size, and a leftover only where it really fits', () => {
    const request: PlanRequest = { construction: 'circle-skirt', body, choices: { length: 500, fraction: 0.5 }, cloth: { width: 1500 } };
    const plan = planFor(request);
    const left = leftoversOf(plan);
    for (const { says } of remediesOf(request, 'cut-wrong', 0)) {
      const piece = plan.pieces.find(({ name }) => says.startsWith(`${name}:`));
      if (!piece) continue;
      const { width, height } = boundsOf(piece.cut);
      const fits = left.some((each) => each.width >= width && each.height >= height);
      expect(says.includes('gives it.'), piece.name).toBe(fits);
      expect(says).toContain(formatLength(width, 'cm'));
    }
  });

  it('it won’t pass the hips: an opening counts twice, so half of what is missing is opened further', () => {
    const zipped: PlanRequest = { construction: 'circle-skirt', body, choices: { length: 600 } };
    const zip = planFor(zipped).quantities.find(({ id }) => id === 'zip-length')!.value;
    expect(said(remediesOf(zipped, 'wont-pass', 30))).toContain(
      `Open the seam 1.5 cm further down: an opening counts twice. The zip is then ${formatLength(zip + 15, 'cm')} long`,
    );
  });

  it('it won’t pass the hips in elastic: stretched the longer one opens by exactly what was missing (handbook 7)', () => {
    const gathered: PlanRequest = { construction: 'gathered-skirt', body, choices: { elasticSchool: 'snug' } };
    const [before, stretch] = [numbersOf(gathered)('elastic-finished'), 1.5];
    const longer = remediesOf(gathered, 'wont-pass', 30).find(({ change }) => change?.['elasticTryOn'] !== undefined)!;
    expect((Number(longer.change!['elasticTryOn']) - before) * stretch).toBeCloseTo(30, 6);
  });

  it('seams let out give no more than they have: allowance less 6 mm on both layers of every seam', () => {
    const request: PlanRequest = { construction: 'circle-skirt', body, choices: { length: 600, seam: 15 } };
    // two seams, 9 mm on each of four layers: 36 mm
    expect(said(remediesOf(request, 'waist-small', 30))).toContain('sew 0.8 cm nearer to the raw edge on both layers');
    expect(said(remediesOf(request, 'waist-small', 50))).toContain('3.6 cm to give in all');
  });

  it('gathers that bunch: twice as many parts, and the marks of both edges are as far apart as their lengths say', () => {
    const request: PlanRequest = { construction: 'circle-skirt', body, choices: { hemEdge: 'ruffle', ruffleFullness: 2, length: 400 } };
    const plan = planFor(request);
    const step = plan.steps.find((each) => each.joins?.some((id) => plan.joins.some((join) => join.id === id && join.how === 'gather')))!;
    const join = plan.joins.find(({ id, how }) => how === 'gather' && step.joins!.includes(id))!;
    const parts = 2 * (step.sections?.rows.at(-1)?.parts ?? 8);
    const [{ says }] = faultById('gathers-bunch')!.remedies(plan, 0, step) as [Remedy];
    expect(says).toContain(`into ${parts} equal parts`);
    expect(says).toContain(`On the edge that is ${formatLength(join.length.value / parts, 'cm')}`);
    expect(says).toContain(`on the gathered one ${formatLength((2 * join.length.value) / parts, 'cm')}`);
  });

  it('shirring too tight for the bust: strips make up what is missing, half on each side', () => {
    const request: PlanRequest = { construction: 'shirred-dress', body: { 'bust-girth': 920, 'hip-girth': 960 }, choices: { seam: 15 } };
    // 0.85 of 92 cm is 78.2; 70 measured leave 8.2 cm, 4.1 on each side
    expect(said(remediesOf(request, 'shirring-tight', 700))).toContain('each side: 4.1 cm finished, cut 7.1 cm wide');
  });

  it('see-through: a lining only where it has none yet', () => {
    const plain: PlanRequest = { construction: 'circle-skirt', body, choices: {} };
    expect(remediesOf(plain, 'see-through', 0)[0]!.change).toEqual({ lining: true });
    expect(remediesOf({ ...plain, choices: { lining: true } }, 'see-through', 0).every(({ change }) => change === undefined)).toBe(true);
  });
});
