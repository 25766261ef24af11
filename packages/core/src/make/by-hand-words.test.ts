import { describe, expect, it } from 'vitest';
import { byHandWords, handCaution } from './by-hand-words.ts';

describe('a step for whoever sews by hand', () => {
  it.each([
    ['Then overlap its ends by 2.0 cm and zigzag them.', 'Then overlap its ends by 2.0 cm and whip them together.'],
    ['Loosen the top tension. Sew two rows of long straight stitches.', 'Sew two rows of running stitches.'],
    ['Pull the bobbin threads from both ends.', 'Pull the threads from both ends.'],
    ['Do not pull: let the feed take the cloth.', 'Do not pull.'],
    ['Stay the waist edge at once with a narrow zigzag.', 'Stay the waist edge at once with small diagonal stitches.'],
    ['Zigzag along the seam line, without pulling.', 'Sew along the seam line, without pulling.'],
  ])('%s', (machine, hand) => expect(byHandWords(machine)).toBe(hand));

  it('leaves alone what holds for both, and drops only a caution of the machine', () => {
    const both = 'Right sides together, raw edges level, snips on snips. Press the seam open.';
    expect(byHandWords(both)).toBe(both);
    expect(handCaution('Turn the handwheel by hand past the zip’s stop.')).toBeUndefined();
    expect(handCaution('Mind a latex allergy.')).toBe('Mind a latex allergy.');
  });
});
