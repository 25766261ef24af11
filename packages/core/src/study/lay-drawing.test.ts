import { expect, it } from 'vitest';
import { planFor } from '../plan/plan.ts';
import { laySvg } from './lay-drawing.ts';

const body = { 'waist-girth': 700, 'hip-girth': 960, 'waist-to-hip': 200, 'waist-to-knee': 580 };

it('is true to size: a millimetre of cloth is a millimetre of drawing, in the file’s own units', () => {
  const plan = planFor({ construction: 'gored-skirt', body, cloth: { width: 1400 } });
  const svg = laySvg(plan, plan.lay, 'Gores');
  const [, width, height] = /width="([\d.]+)mm" height="([\d.]+)mm"/.exec(svg)!;
  const [, , boxWidth, boxHeight] = /viewBox="([^"]+)"/.exec(svg)![1]!.split(' ').map(Number);
  expect(Number(width)).toBeCloseTo(boxWidth!, 6);
  expect(Number(height)).toBeCloseTo(boxHeight!, 6);
  expect(svg).toContain(`<rect x="0" y="0" width="${plan.lay.length.toFixed(1)}" height="${plan.lay.usableWidth.toFixed(1)}"`);
});

it('draws every piece inside the strip, with its name', () => {
  const plan = planFor({ construction: 'gored-skirt', body, cloth: { width: 1400 } });
  const svg = laySvg(plan, plan.lay, 'Gores');
  const cuts = [...svg.matchAll(/<path d="([^"]+)" fill="#fff"/g)].map(([, d]) => d!);
  expect(cuts).toHaveLength(plan.lay.placements.length);
  for (const d of cuts) {
    const numbers = d.match(/-?\d+\.\d+/g)!.map(Number);
    numbers.forEach((value, i) => {
      expect(value).toBeGreaterThanOrEqual(-0.02);
      expect(value).toBeLessThanOrEqual((i % 2 === 0 ? plan.lay.length : plan.lay.usableWidth) + 0.02);
    });
  }
  expect(svg.match(/Front gore/g)).toHaveLength(4);
});

it('lies as on the table, length from left to right, with a tape along both edges in the person’s units', () => {
  const request = { construction: 'gored-skirt', body, cloth: { width: 1400 } };
  const inches = planFor({ ...request, units: 'in' as const });
  const labels = (svg: string) => [...svg.matchAll(/text-anchor="(?:middle|end)">(\d+)<\/text>/g)].map(([, label]) => Number(label));
  const cm = planFor(request);
  expect(Math.max(...labels(laySvg(cm, cm.lay, 'Gores')))).toBe(Math.floor(Math.max(cm.lay.length, cm.lay.usableWidth) / 100) * 10);
  expect(Math.max(...labels(laySvg(inches, inches.lay, 'Gores')))).toBe(Math.floor(Math.max(inches.lay.length, inches.lay.usableWidth) / 101.6) * 4);
});

it('takes a title with anything in it', () => {
  const plan = planFor({ construction: 'circle-skirt', body });
  const svg = laySvg(plan, plan.lay, 'Tove & "Maren" <3');
  expect(svg).toContain('Tove &amp; &quot;Maren&quot; &lt;3');
  expect(svg).not.toContain('<3');
});
