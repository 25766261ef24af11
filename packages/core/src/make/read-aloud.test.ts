import { describe, expect, it } from 'vitest';
import { CONSTRUCTIONS } from '../garments/index.ts';
import type { Plan } from '../plan/plan.ts';
import { everyOption } from '../testing/every-option.ts';

/** Everything a plan says to somebody at the table. */
const said = ({ checks, chalk, steps, shopping }: Plan): string[] => [
  ...checks.map(({ says }) => says),
  ...chalk.flatMap(({ foldSays, marks }) => [foldSays, ...marks.flatMap(({ says, hint }) => [says, ...(hint ? [hint] : [])])]),
  ...steps.flatMap(({ title, how, why, caution }) => [title, how, ...(why ? [why] : []), ...(caution ? [caution] : [])]),
  ...shopping.flatMap(({ what, amount }) => [what, amount]),
];

/** Materials by the words a step uses for them, and how the shopping list or a piece to cut goes by. */
const MATERIALS: ReadonlyArray<readonly [used: RegExp, from: RegExp]> = [
  [/interfacing/i, /interfacing/i],
  [/\b(put in|lay) the (closed )?zip\b/i, /\bzip\b/i],
  [/\bcut \S+ \S+ of elastic\b|stretch the elastic/i, /elastic/i],
  [/sew the hook/i, /hook/i],
  [/sew the button to/i, /button/i],
  [/zigzag over (the |a )?cord/i, /cord/i],
  [/elastic thread/i, /elastic thread/i],
];

describe.each(CONSTRUCTIONS.map((each) => [each.id, each] as const))('a %s, read aloud', (_id, construction) => {
  const plans = everyOption(construction);

  it('is said in whole sentences with nothing left out of them', () => {
    expect(plans.length).toBeGreaterThan(5);
    for (const [which, plan] of plans) {
      for (const text of said(plan)) {
        expect(text, which).not.toMatch(/undefined|NaN|Infinity|\[object|\$\{| {2}|\.\.|,\.| \.|\( /);
        expect(text.trim(), which).toBe(text);
      }
      for (const { how, why, caution } of plan.steps)
        for (const sentence of [how, why, caution]) if (sentence) expect(sentence, which).toMatch(/^[A-Z“].*[.!?]$/s);
      for (const { says } of plan.checks) expect(says, which).toMatch(/^[A-Z“0-9].*[.!?]$/s);
    }
  });

  it('names no two steps alike: in the list one has to be told from the other', () => {
    for (const [which, { steps }] of plans) {
      const titles = steps.map(({ title }) => title);
      expect(
        titles.filter((title, i) => titles.indexOf(title) !== i),
        which,
      ).toEqual([]);
    }
  });

  it('takes nothing that is neither on the list to buy nor cut', () => {
    for (const [which, { steps, shopping, pieces }] of plans) {
      const there = [...shopping.map(({ what }) => what), ...pieces.map(({ name }) => name)].join('; ');
      for (const { how } of steps) for (const [used, from] of MATERIALS) if (used.test(how)) expect(there, `${which}: ${how}`).toMatch(from);
    }
  });

  it('sews nothing before it is cut, tries on before it hems, and waits before it levels', () => {
    for (const [which, { steps }] of plans) {
      const at = (id: string) => steps.findIndex((step) => step.id === id);
      const firstSewn = steps.findIndex(({ kind }) => kind === 'sew');
      expect(at('chalk'), which).toBeLessThan(at('cut'));
      expect(at('cut'), which).toBeLessThan(firstSewn);
      expect(at('test'), which).toBeLessThan(at('cut'));
      if (at('wash') >= 0) expect(at('wash'), which).toBeLessThan(at('chalk'));
      if (at('hang') >= 0 && at('level') >= 0) expect(at('hang'), which).toBeLessThan(at('level'));
      if (at('level') >= 0 && at('hem') >= 0) expect(at('level'), which).toBeLessThan(at('hem'));
    }
  });

  it('says in each step what has to be known before what is done: what stays open before the seam, clipping after it', () => {
    const sentences = (how: string) => how.split(/(?<=[.!?]) (?=[A-Z“])/);
    for (const [which, { steps }] of plans) {
      for (const { id, how } of steps) {
        const said = sentences(how);
        const first = (what: RegExp) => said.findIndex((each) => what.test(each));
        const seam = first(/^Sew \d/);
        expect(first(/^But first|^First |[^y] first\.$/), `${which}, ${id}: comes too late`).toBeLessThanOrEqual(0);
        if (seam < 0) continue;
        const open = first(/\b(leave|leaves|stays?|left) (?:[a-z]+ )*?(open|unsewn)\b/i);
        if (open >= 0) expect(open, `${which}, ${id}: stays open`).toBeLessThan(seam);
        const [clip, trim] = [first(/\bclip\b.*\b(allowance|corner)/i), first(/^Trim /)];
        if (clip >= 0) expect(clip, `${which}, ${id}: clipped`).toBeGreaterThan(seam);
        if (trim >= 0) expect(trim, `${which}, ${id}: trimmed`).toBeLessThan(said.length - 1);
      }
    }
  });

  it('calls every piece by what it is: no skirt where nothing hangs from the waist', () => {
    for (const [which, { chalk, view }] of plans) {
      if (view?.hangsFrom !== 'shoulder' || chalk.some(({ name }) => /bodice|yoke|skirt (front|back)/i.test(name))) continue;
      for (const { marks, name } of chalk) expect(`${name} ${marks.map(({ says }) => says).join(' ')}`, which).not.toMatch(/\b(skirt|waist)\b/i);
    }
  });

  it('says of hems that they catch where they are wide or low, and nowhere else (handbook 17: long hems and circles)', () => {
    for (const [which, { steps, quantities }] of plans) {
      const value = (id: string) => quantities.find((each) => each.id === id)?.value ?? 0;
      const [sweep, low] = [Math.max(value('hem-sweep'), value('hem-with-godets')), value('finished-length')];
      const told = steps.some(({ caution }) => caution?.includes('escalators'));
      if (told) expect(Math.max(sweep / 1800, low / 800), which).toBeGreaterThan(0.9);
      // a plain hem in one step, neither bound nor a ruffle: where it is a circle or to the floor it is told
      const plainly = steps.some(({ id, joins }) => id === 'hem' && joins?.includes('hem'));
      if (plainly && sweep > 2200 && steps.some(({ section }) => section?.startsWith('hem'))) expect(told, which).toBe(true);
    }
  });

  it('speaks one person’s units throughout', () => {
    for (const [which, plan] of plans) for (const text of said(plan)) expect(text, which).not.toMatch(/\d (in|yd)\b(?!to)|\d″/);
    const [[which, inches]] = everyOption(construction, { units: 'in' }) as [readonly [string, Plan]];
    for (const text of said(inches)) expect(text.replace(/NM \d+/g, ''), which).not.toMatch(/\d (mm|cm|m)\b/);
  });
});
