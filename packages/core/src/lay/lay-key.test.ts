import { expect, it } from 'vitest';
import { gores } from '../testing/lay-sets.ts';
import { layKey } from './lay-key.ts';
import type { LayRequest } from './lay-request.ts';

const request: LayRequest = { width: 1400, pieces: [gores(8, 3)] };

it('names what is laid, not how long one looks, and not the last digit of a drawing', () => {
  expect(layKey({ ...request, effort: 'thorough', seconds: 8, seed: 4 })).toBe(layKey(request));
  expect(layKey({ ...request, width: 1400 + 1e-9 })).toBe(layKey(request));
  expect(layKey(request)).toMatch(/^[0-9a-f]{32}$/);
});

it('tells apart whatever lies differently', () => {
  const [piece] = request.pieces;
  const others: LayRequest[] = [
    { ...request, width: 1400.1 },
    { ...request, gap: 2 },
    { ...request, repeat: 300 },
    { ...request, pieces: [{ ...piece!, copies: piece!.copies + 1 }] },
    { ...request, pieces: [{ ...piece!, turns: [0] }] },
    { ...request, pieces: [{ ...piece!, id: 'another' }] },
    { ...request, pieces: [{ ...piece!, matched: true }] },
    { ...request, pieces: [{ ...piece!, outline: piece!.outline.map(([x, y], i) => [x, y + (i === 0 ? 0.01 : 0)] as const) }] },
    ...Array.from({ length: 2000 }, (_, i) => ({ ...request, width: 1000 + i / 7 })),
  ];
  expect(new Set(others.map(layKey)).size).toBe(others.length);
});
