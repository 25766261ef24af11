import { describe, expect, it } from 'vitest';
import { formatLength } from '../units/format.ts';
import { draftFor } from '../plan/plan.ts';
import { EVERY_SKIRT } from '../testing/every-skirt.ts';
import { CONSTRUCTIONS } from '../garments/index.ts';
import { everyOption } from '../testing/every-option.ts';
import { sectionDrawing } from './section.ts';
import { sectionOf } from './step-drawings.ts';
import { stepPicture } from './step-picture.ts';

describe.each(EVERY_SKIRT)('the pictures of a %s', (_, request) => {
  const { sheet } = draftFor(request);
  const plan = { pieces: sheet.pieces, joins: sheet.joins };

  it('show every step that sews something, with the edge it sews and words for it', () => {
    for (const step of sheet.steps.filter(({ joins }) => joins && joins.length > 0)) {
      const picture = stepPicture(plan, step);
      expect(picture, step.id).toBeDefined();
      expect(picture!.words.length, step.id).toBeGreaterThan(20);
      const onEdges = sheet.joins.filter(({ step: sewn }) => sewn === step.id).some(({ layers }) => layers.length > 0);
      if (!onEdges) continue;
      const edges = picture!.lines.filter(({ role }) => role === 'edge');
      expect(edges.length, step.id).toBeGreaterThan(0);
      // one sees where to begin and which way to go
      expect(
        picture!.lines.filter(({ role }) => role === 'direction'),
        step.id,
      ).toHaveLength(1);
      for (const { points } of picture!.lines) for (const point of points) expect(point.every(Number.isFinite), step.id).toBe(true);
    }
  });

  it('draw two pieces apart, each with its seam line inside its cut line', () => {
    for (const step of sheet.steps.filter(({ joins }) => joins && joins.length > 0)) {
      const cuts = stepPicture(plan, step)!.lines.filter(({ role, closed }) => role === 'cut' && closed);
      const boxes = cuts.map(({ points }) => [
        Math.min(...points.map(([x]) => x)),
        Math.max(...points.map(([x]) => x)),
        Math.min(...points.map(([, y]) => y)),
        Math.max(...points.map(([, y]) => y)),
      ]);
      const holes = sheet.pieces.some(({ cutHoles }) => cutHoles.length > 0);
      if (boxes.length !== 2 || holes) continue;
      const [a, b] = boxes as [number[], number[]];
      expect(a[1]! <= b[0]! || b[1]! <= a[0]! || a[3]! <= b[2]! || b[3]! <= a[2]!, step.id).toBe(true);
    }
  });

  it('show a section where cloth is folded, in the person’s own units', () => {
    for (const units of ['cm', 'in'] as const)
      for (const { section, id } of sheet.steps) {
        if (!section) continue;
        const { words, lines, texts } = sectionDrawing(section, {
          seam: 15,
          hem: 24,
          elastic: 20,
          band: 30,
          lined: true,
          gatherBy: 'thread',
          show: (mm) => formatLength(mm, units),
        });
        expect(lines.length, id).toBeGreaterThan(1);
        const said = `${words} ${texts.map(({ says }) => says).join(' ')}`;
        expect(said, id).not.toMatch(units === 'in' ? /\d (cm|mm)\b/ : /\d in\b/);
      }
  });
});

/** Kinds whose every number is one that is turned, sewn or gathered by: the words beside the picture say the same. */
const SAID = new Set(['hem-double', 'hem-single', 'dart', 'tuck', 'facing', 'zip']);

describe.each(CONSTRUCTIONS)('the section of a step of $id', (construction) => {
  it('says what its words say, whatever was chosen', () => {
    for (const [says, plan] of everyOption(construction))
      for (const step of plan.steps) {
        const drawing = sectionOf(step, plan);
        if (!drawing) continue;
        const said = `${drawing.words} ${drawing.texts.map((each) => each.says).join(' ')}`;
        const where = `${says}: ${step.id}, ${step.section}`;
        if (SAID.has(step.section!)) for (const [number] of said.matchAll(/\d+\.\d cm/g)) expect(step.how, where).toContain(number);
        // one does not draw two threads where an overlocker gathers, nor a channel where a band holds the elastic
        if (step.gathers) expect(said.includes('Two gathering rows'), where).toBe(/two rows/.test(step.how));
        if (step.section === 'casing-threaded')
          expect(
            plan.joins.some(({ how, id }) => how === 'casing' && step.shows!.includes(id)),
            where,
          ).toBe(true);
        // what is sewn on inside is not drawn on the right side
        if (/\binside, |on the wrong side/.test(step.how) && step.section?.startsWith('strap')) expect(said, where).toContain('wrong side');
        if (/right sides together/i.test(step.how)) expect(step.section, where).not.toBe('patch');
      }
  });
});
