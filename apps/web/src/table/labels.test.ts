import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { placeLabels, wrapped, type Label } from './labels.ts';

const ROOM = { width: 340, letter: 8, line: 18 };

/** The box a label's letters take up. */
const boxOf = ({ left, top, lines }: Pick<Label, 'left' | 'top' | 'lines'>) => ({
  left,
  right: left + Math.max(...lines.map((each) => each.length)) * ROOM.letter,
  top: top - ROOM.line,
  bottom: top + (lines.length - 1) * ROOM.line,
});
const overlap = (one: Label, other: Label) => {
  const [a, b] = [boxOf(one), boxOf(other)];
  return a.left < b.right - 0.1 && b.left < a.right - 0.1 && a.top < b.bottom - 2 && b.top < a.bottom - 2;
};

describe('words in a drawing', () => {
  it('are broken between words, none is lost and none is cut', () => {
    fc.assert(
      fc.property(
        fc.array(fc.stringMatching(/^[a-z0-9.]{1,12}$/), { minLength: 1, maxLength: 14 }),
        fc.integer({ min: 4, max: 40 }),
        (words, most) => {
          const lines = wrapped(words.join(' '), most);
          expect(lines.join(' ')).toBe(words.join(' '));
          for (const line of lines) expect(line.length <= most || !line.includes(' ')).toBe(true);
        },
      ),
    );
  });

  it('never lie over each other, nor beyond the sides of the drawing', () => {
    const word = fc.record({
      x: fc.integer({ min: -50, max: 400 }),
      y: fc.integer({ min: 0, max: 200 }),
      lines: fc.array(fc.stringMatching(/^[a-z ]{3,30}$/), { minLength: 1, maxLength: 2 }),
      anchor: fc.constantFrom('start' as const, 'middle' as const, 'end' as const),
    });
    fc.assert(
      fc.property(fc.array(word, { minLength: 2, maxLength: 4 }), (words) => {
        const labels = placeLabels(words, ROOM);
        labels.forEach((each, i) => {
          expect(boxOf(each).left).toBeGreaterThanOrEqual(0);
          expect(boxOf(each).right).toBeLessThanOrEqual(ROOM.width + 1e-9);
          for (const other of labels.slice(i + 1)) expect(overlap(each, other), JSON.stringify(labels)).toBe(false);
        });
      }),
    );
  });

  it('stay where they belong while nobody else stands there', () => {
    const [one, other] = placeLabels(
      [
        { x: 10, y: 40, lines: ['fold'], anchor: 'start' },
        { x: 200, y: 44, lines: ['seam'], anchor: 'middle' },
      ],
      ROOM,
    );
    expect(one).toMatchObject({ left: 10, top: 40, x: 10, anchor: 'start' });
    expect(other).toMatchObject({ left: 184, top: 44, x: 200, anchor: 'middle' });
  });

  it('stay within the height too, where there is one', () => {
    const [label] = placeLabels([{ x: 10, y: 4, lines: ['over the', 'edge'], anchor: 'start' }], { ...ROOM, height: 90 });
    expect(boxOf(label!).top).toBeGreaterThanOrEqual(-ROOM.line * 0.2);
    const [low] = placeLabels([{ x: 10, y: 88, lines: ['below', 'the hem'], anchor: 'start' }], { ...ROOM, height: 90 });
    expect(boxOf(low!).bottom).toBeLessThanOrEqual(90);
  });
});
