import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { TOOLS } from '@arcus/core';
import { sewingBox } from './use-sewing-box.ts';

const kept = new Map<string, string>();
beforeEach(() => {
  kept.clear();
  vi.stubGlobal('localStorage', { getItem: (key: string) => kept.get(key) ?? null });
});
afterEach(() => vi.unstubAllGlobals());

it('is empty until something is put in, and whatever else was kept under its name', () => {
  for (const odd of [undefined, '', '{half', '"needle"', '{"needle-hand":true}', '[3, null]']) {
    if (odd === undefined) kept.clear();
    else kept.set('arcus.box', odd);
    expect([...sewingBox()], odd ?? 'nothing').toEqual([]);
  }
});

it('holds what was put in', () => {
  const [first, second] = TOOLS;
  kept.set('arcus.box', JSON.stringify([first!.id, second!.id]));
  expect(sewingBox()).toEqual(new Set([first!.id, second!.id]));
});
