/** Words at a place of a drawing, in the drawing's own unit (px, or mm on paper). */
export interface Words {
  x: number;
  y: number;
  says: string;
  anchor: 'start' | 'middle' | 'end';
}

export interface Label {
  /** Where its longest line begins, as far as can be told, and the base line of the first. */
  left: number;
  top: number;
  /** What its lines are set by: where they belong, or the side they would have gone beyond. */
  x: number;
  anchor: Words['anchor'];
  lines: string[];
}

interface Room {
  width: number;
  /** About how wide a letter is, and how far apart lines of letters stand. */
  letter: number;
  line: number;
  /** Where the drawing ends below; words stay above it and below its top, as far as there is room. */
  height?: number;
}

/** The words on as many lines as it takes for none to be longer than so many letters; a longer word stays whole. */
export function wrapped(says: string, most: number): string[] {
  const lines: string[] = [];
  for (const word of says.split(' ')) {
    const last = lines[lines.length - 1];
    if (last === undefined || last.length + 1 + word.length > most) lines.push(word);
    else lines[lines.length - 1] = `${last} ${word}`;
  }
  return lines;
}

/** Tries a place where it belongs, then a line lower, a line higher, and so on. */
const STEPS = [0, 1, -1, 2, -2, 3, -3, 4, -4, 5, -5, 6, -6];

/** Words where they belong, moved up or down a few lines where others stand already; none beyond the drawing's sides. */
export function placeLabels(words: ReadonlyArray<Omit<Words, 'says'> & { lines: string[] }>, { width, letter, line, height }: Room): Label[] {
  const out: Label[] = [];
  const long = ({ lines }: Pick<Label, 'lines'>) => Math.max(...lines.map((each) => each.length)) * letter;
  for (const { x, y, lines, anchor } of words) {
    const wide = long({ lines });
    const from = x - (anchor === 'start' ? 0 : anchor === 'middle' ? wide / 2 : wide);
    const left = Math.max(0, Math.min(from, width - wide));
    const free = (top: number) =>
      out.every(
        (each) =>
          top + (lines.length - 1) * line <= each.top - line * 0.95 ||
          top >= each.top + (each.lines.length - 0.05) * line ||
          each.left > left + wide ||
          each.left + long(each) < left,
      );
    const inside = (top: number) => height === undefined || (top >= line * 0.8 && top + (lines.length - 1) * line <= height - line * 0.2);
    const tops = STEPS.map((step) => y + step * line).filter(inside);
    const where = left === from ? { x, anchor } : { x: left, anchor: 'start' as const };
    out.push({ left, top: tops.find(free) ?? tops[0] ?? y, lines, ...where });
  }
  return out;
}
