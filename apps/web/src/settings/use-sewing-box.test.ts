import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { TOOLS } from '@arcus/core';
import { sewingBox, threadsFor } from './use-sewing-box.ts';

const kept = new Map<string, string>();
beforeEach(() => {
  kept.clear();
  vi.stubGlobal('localStorage', { getItem: (key: string) => kept.get(key) ?? null });
});
afterEach(() => vi.unstubAllGlobals());

it('is empty until something is put in, and whatever else was kept under its name', () => {
  for (const odd of [undefined, '', '{half', '"needle"', '{"needle-hand":true}', '[3, null]', '{"tools":3,"threads":[{"name":"Navy"},null]}']) {
    if (odd === undefined) kept.clear();
    else kept.set('arcus.box', odd);
    expect(sewingBox(), odd ?? 'nothing').toEqual({ tools: new Set(), threads: [] });
  }
});

it('holds what was put in', () => {
  const [first, second] = TOOLS;
  const threads = [
    { name: 'Navy', left: 180_000 },
    { name: 'Rust', left: 40_000 },
  ];
  kept.set('arcus.box', JSON.stringify({ tools: [first!.id, second!.id], threads }));
  expect(sewingBox()).toEqual({ tools: new Set([first!.id, second!.id]), threads });
  // a reel that runs out in the middle of a seam is none
  expect(threadsFor(sewingBox(), 120_000).map(({ name }) => name)).toEqual(['Navy']);
  expect(threadsFor(sewingBox(), 200_000)).toEqual([]);
});
