import { renderToStaticMarkup } from 'react-dom/server';
import { MemoryRouter } from 'react-router';
import { beforeAll, describe, expect, it } from 'vitest';
import { formatQuantity, planFor, type PlanRequest, type Units } from '@arcus/core';
import { Docket } from '../docket/docket.tsx';
import { UnitsProvider } from '../settings/units.tsx';
import { WorkingProvider } from '../working/working.tsx';
import { CheckList } from './check-list.tsx';
import { MakeContext, type MakeState } from './make-context.ts';
import { savedState } from '../outbox/save-badge.tsx';
import { StitchedLine } from './stitched-line.tsx';

const kept = new Map<string, string>();
beforeAll(() => {
  globalThis.localStorage = {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => void kept.set(key, value),
  } as Storage;
});

const BODY = { 'waist-girth': 700, 'hip-girth': 960, 'waist-to-hip': 200, 'waist-to-knee': 580 };
const text = (markup: string) =>
  markup
    .replace(/<[^>]+>/g, ' ')
    .replace(/&#x27;|’/g, '’')
    .replace(/\s+/g, ' ');

describe('the docket', () => {
  const docket = (request: PlanRequest, units: Units = 'cm') => {
    kept.set('arcus.units', units);
    const plan = planFor({ ...request, units });
    const markup = renderToStaticMarkup(
      <UnitsProvider>
        <WorkingProvider>
          <Docket plan={plan} laying={false} onVerdict={() => undefined} />
        </WorkingProvider>
      </UnitsProvider>,
    );
    return { plan, markup, says: text(markup) };
  };

  it.each(['circle-skirt', 'gathered-skirt', 'tiered-skirt', 'gored-skirt'])(
    'of a %s has four to six numbers, each a way to its working',
    (construction) => {
      const { markup } = docket({ construction, body: BODY });
      const figures = markup.match(/data-quantity="[^"]+"/g)!;
      expect(figures.length).toBeGreaterThanOrEqual(4);
      expect(figures.length).toBeLessThanOrEqual(6);
      expect(markup.match(/<button/g)!.length).toBe(figures.length + 1);
    },
  );

  it('speaks the system one thinks in, and rounds a waist radius down so that it can still be mended', () => {
    const circle: PlanRequest = { construction: 'circle-skirt', body: BODY };
    const { plan, says } = docket(circle);
    const radius = plan.quantities.find(({ id }) => id === 'waist-radius-cut')!;
    expect(says).toContain(`${radius.label} ${formatQuantity(radius.value, 'mm', 'cm', 'down')}`);
    expect(says).toMatch(/rounded down/);
    expect(docket(circle, 'in').says).toMatch(/\d in /);
    expect(docket(circle, 'in').says).not.toMatch(/\d cm/);
  });

  it('gives one verdict: stop before care before ready', () => {
    const tooTight = docket({ construction: 'circle-skirt', body: BODY, choices: { closure: 'stretch' } });
    expect(tooTight.markup).toContain('docket-verdict stop');
    expect(tooTight.says).toContain('Stop.');
    const fine = docket({ construction: 'gathered-skirt', body: BODY });
    expect(fine.markup).not.toContain('docket-verdict stop');
  });

  it('tells of waiting apart from sewing', () => {
    expect(docket({ construction: 'circle-skirt', body: BODY, cloth: { weight: 'heavy' } }).says).toContain('and 48 h of waiting');
    expect(docket({ construction: 'tiered-skirt', body: BODY }).says).toContain('no waiting');
    expect(docket({ construction: 'tiered-skirt', body: BODY, cloth: { prewashed: false } }).says).toContain('and 24 h of waiting');
  });
});

describe('what Arcus looked at', () => {
  const list = (request: PlanRequest) => {
    const { checks } = planFor(request);
    const state = { draft: { choices: {} }, change: () => undefined } as unknown as MakeState;
    return renderToStaticMarkup(
      <MakeContext value={state}>
        <CheckList checks={checks} />
      </MakeContext>,
    );
  };

  it('has the gravest first, and every way out with its button', () => {
    const markup = list({ construction: 'circle-skirt', body: BODY, choices: { closure: 'stretch' }, cloth: { sheer: true, prewashed: false } });
    const verdicts = [...markup.matchAll(/data-verdict="(\w+)"/g)].map((m) => ['stop', 'caution', 'tight', 'ok'].indexOf(m[1]!));
    expect(verdicts[0]).toBe(0);
    expect(verdicts).toEqual([...verdicts].sort());
    expect(text(markup)).toContain('Put in a zip');
    expect(text(markup)).toContain('Add a lining');
  });
});

describe('the stitched line', () => {
  const line = (done: string[], at: 'cloth' | 'sew') =>
    renderToStaticMarkup(
      <MemoryRouter>
        <StitchedLine makeId="m1" draft={{ done } as never} at={at} />
      </MemoryRouter>,
    );

  it('leads to all six stations in the order of work and marks the one in hand', () => {
    const markup = line([], 'cloth');
    expect([...markup.matchAll(/href="\/makes\/m1\/(\w+)"/g)].map((m) => m[1])).toEqual(['measure', 'shape', 'cloth', 'chalk', 'sew', 'wear']);
    expect(/<a[^>]*aria-current="step"[^>]*>/.exec(markup)![0]).toContain('/makes/m1/cloth');
    expect(markup).not.toContain('sewn');
  });

  it('has stitches where one has moved on, whichever order one went in', () => {
    const sewn = [...line(['station:measure', 'station:chalk'], 'sew').matchAll(/<li( class="sewn")?>/g)].map((m) => m[1] !== undefined);
    expect(sewn).toEqual([true, false, false, true, false, false]);
  });
});

it('the save badge never says that all is saved when it is not', () => {
  const base = { entries: [], sending: false, unkept: false };
  const call = { kind: 'call' as const, id: '1', says: 'Waist of Maren', method: 'POST' as const, path: '/x' };
  expect(savedState(base)).toEqual({ says: 'All saved', bad: false });
  expect(savedState({ ...base, entries: [call] })).toEqual({ says: 'Saving…', bad: false });
  expect(savedState({ ...base, entries: [call], away: ['gone'] }).says).toBe('Not saved yet, trying again');
  expect(savedState({ ...base, entries: [call], away: ['gone'], unkept: true }).says).toBe('Not saved, and not kept here');
  expect(savedState({ ...base, entries: [{ ...call, refused: true }] })).toEqual({ says: 'Not saved', bad: true });
  expect(
    savedState({ ...base, entries: [{ kind: 'edit', id: '1', says: 'a', path: '/x', base: {}, version: 1, mine: {}, theirs: { name: 'b' } }] }).says,
  ).toBe('Changed elsewhere');
});
