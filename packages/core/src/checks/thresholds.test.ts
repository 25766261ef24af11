import { describe, expect, it } from 'vitest';
import { planFor, type Plan } from '../plan/plan.ts';
import type { PlanRequest } from '../plan/request.ts';
import { MEASURED } from '../testing/every-skirt.ts';

const plan = (construction: string, choices: PlanRequest['choices'] = {}, rest: Partial<PlanRequest> = {}) =>
  planFor({ construction, body: MEASURED, choices, ...rest });
const verdict = (of: Plan, id: string) => of.checks.find((check) => check.id === id)?.verdict;
const value = (of: Plan, id: string) => of.quantities.find((each) => each.id === id)!.value;

describe('shirring holds (handbook 8)', () => {
  const bust = MEASURED['bust-girth'];
  /** At rest a share of the bust: the take-up that gives it. */
  const resting = (share: number, straps: 'none' | 'tie') =>
    plan('shirred-dress', { straps, steam: 0, takeUp: (1.5 * bust) / (share * bust), length: 50, fullness: 1.5 });

  it.each([
    ['tie', 0.94, 'ok'],
    ['tie', 0.96, 'caution'],
    ['none', 0.87, 'ok'],
    ['none', 0.89, 'stop'],
  ] as const)('with straps: %s, at rest %s of the bust: %s', (straps, share, expected) => {
    const dress = resting(share, straps);
    expect(value(dress, 'shirr-relaxed') / bust).toBeCloseTo(share, 6);
    expect(verdict(dress, 'shirring-fit')).toBe(expected);
  });

  it('pulled flat it leaves 5 cm to breathe and dress', () => {
    expect(value(resting(0.9, 'tie'), 'shirr-flat')).toBeGreaterThanOrEqual(bust + 50);
  });
});

describe('gathers under the foot (handbook 5)', () => {
  const at = (fullness: number, weight: 'light' | 'medium' | 'heavy') =>
    verdict(plan('gathered-skirt', { fullness, waist: 'fitted-band' }, { cloth: { weight } }), 'bulk-under-foot');

  it.each([
    ['light', 2.5, 'ok'],
    ['medium', 2.9, 'ok'],
    ['medium', 3.1, 'caution'],
    ['heavy', 1.5, 'ok'],
    ['heavy', 2.1, 'caution'],
  ] as const)('%s cloth gathered %s to 1', (weight, fullness, expected) => {
    expect(at(fullness, weight)).toBe(expected);
  });
});

describe('the cloth as it comes (handbook 2)', () => {
  it('unwashed cloth asks to be washed first, and more of it is bought: length / (1 - shrinkage)', () => {
    const shrinking = { prewashed: false, shrinkAlong: 0.05 };
    const [washed, unwashed] = [plan('circle-skirt'), plan('circle-skirt', {}, { cloth: shrinking })];
    expect(verdict(washed, 'prewash')).toBe('ok');
    expect(verdict(unwashed, 'prewash')).toBe('caution');
    expect(unwashed.steps[0]!.id).toBe('wash');
    expect(washed.steps.some(({ id }) => id === 'wash')).toBe(false);
    // what shops cut: the next 10 cm
    expect(unwashed.lay.buy).toBe(Math.ceil((value(unwashed, 'cloth-length') / 0.95 - 1e-6) / 100) * 100);
  });

  it('sheer cloth asks for a lining, and has enough with one', () => {
    const sheer = { cloth: { sheer: true } };
    expect(verdict(plan('gathered-skirt', { waist: 'fitted-band' }, sheer), 'needs-lining')).toBe('caution');
    expect(verdict(plan('gathered-skirt', { waist: 'fitted-band', lining: true }, sheer), 'needs-lining')).not.toBe('caution');
  });

  it.each(['knit-tube-skirt', 'gathered-jersey-dress', 'skater-dress', 'rectangle-jumper'])('woven cloth stops a %s, and it is said why', (knit) => {
    const woven = plan(knit, {}, { cloth: { kind: 'woven', stretchAcross: 0 } });
    const check = woven.checks.find(({ id }) => id === 'knit-only')!;
    expect(check.verdict).toBe('stop');
    expect(check.says).toMatch(/knit|stretch/i);
  });
});

describe('children (handbook 7, 17)', () => {
  const CHILD = { 'waist-girth': 530, 'hip-girth': 620, 'waist-to-hip': 130, 'waist-to-knee': 370 };
  const INFANT = { 'waist-girth': 460, 'hip-girth': 490, 'waist-to-hip': 100 };
  const said = (body: PlanRequest['body'], construction = 'child-tube-skirt') => {
    const of = planFor({ construction, body, choices: {} });
    return [...of.checks.map(({ says }) => says), ...of.steps.flatMap(({ caution }) => (caution ? [caution] : []))].join(' ');
  };

  it('what can strangle or choke is said of their clothes, and not of an adult’s', () => {
    expect(said(CHILD)).toMatch(/cord|tie|drawstring/i);
    expect(said(INFANT)).toMatch(/button|bow|swallow|small parts/i);
    expect(said(MEASURED, 'circle-skirt')).not.toMatch(/drawstring|swallow/i);
  });

  it('the elastic of babies and small children is at most 5 % shorter than the body', () => {
    const snug = (elasticSnug: number) =>
      planFor({ construction: 'child-tube-skirt', body: INFANT, choices: { elasticSchool: 'snug', elasticSnug } });
    expect(verdict(snug(0.96), 'elastic-comfort')).toBe('ok');
    expect(verdict(snug(0.93), 'elastic-comfort')).toBe('caution');
    // and what is proposed is the body itself
    expect(value(planFor({ construction: 'child-tube-skirt', body: INFANT, choices: {} }), 'elastic-finished')).toBeCloseTo(INFANT['waist-girth'], 6);
  });
});
