import { expect, it } from 'vitest';
import { formatQuantity } from '@arcus/core';
import { differenceSaid } from './log-entry.tsx';

it('a fullness planned 2 that came out 1.6 is no “as planned”', () => {
  const ratio = (value: number) => formatQuantity(value, 'ratio', 'cm');
  expect(differenceSaid(2, 1.6, ratio)).toBe('− 0.4');
  expect(differenceSaid(2, 2.001, ratio)).toBe('as planned');
});

it('a length is as planned where one reads the same off the tape', () => {
  const length = (value: number) => formatQuantity(value, 'mm', 'cm');
  expect(differenceSaid(700.2, 700.4, length)).toBe('as planned');
  expect(differenceSaid(700, 716, length)).toBe('+ 1.6 cm');
});
