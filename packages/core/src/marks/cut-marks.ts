import type { Edge } from '../geometry/edge.ts';
import type { Point } from '../geometry/point.ts';
import type { Piece } from '../shapes/piece.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { dotsAlong, offsetTable } from './dots.ts';
import type { Mark } from './mark.ts';

/** Sides of an outline by name, corners cut off square going with the side before them; folds left out. */
function sidesByName(cut: readonly Edge[]): Array<[string, Edge[]]> {
  const sides: Array<[string, Edge[]]> = [];
  for (const edge of cut) {
    const name = edge.name.replace(/-corner$/, '');
    if (name === 'fold') continue;
    const last = sides[sides.length - 1];
    if (last && last[0] === name) last[1].push(edge);
    else sides.push([name, [edge]]);
  }
  return sides;
}

const WORDS: Record<string, string> = {
  'side-right': 'side',
  'side-left': 'side',
  bottom: 'lower edge',
  'corner-right': 'armhole corner',
  'corner-left': 'armhole corner',
  wrist: 'sleeve end',
};
/** A side in words: left and right are alike where half a piece lies beside the fold. */
const wordFor = (name: string) => WORDS[name] ?? name.replace(/-(right|left)$/, '');

/** The cut line of each side as dots to join, with their place from the origin: what one measures to on every side. */
export function cutSideMarks(
  sheet: Worksheet,
  piece: Piece,
  cut: readonly Edge[],
  origin: Point,
  columns: [string, string],
  { names, call = wordFor }: { names?: ReadonlySet<string>; call?(name: string): string } = {},
): Mark[] {
  const sides = sidesByName(cut).filter(([name]) => !names || names.has(name));
  const taken = new Map<string, number>();
  return sides.map(([name, edges]): Mark => {
    const dots = dotsAlong(edges);
    const count = (taken.get(name) ?? 0) + 1;
    taken.set(name, count);
    const allowance = piece.sides.find(({ id }) => id === name)?.allowance ?? 0;
    const curved = edges.some(({ arc }) => arc);
    const word = call(name);
    return {
      id: `cut-${name}${count > 1 ? `-${count}` : ''}`,
      kind: 'cut',
      says: `Cut line, ${word}: join these ${dots.length} dots${curved ? ' to a smooth curve' : ''}`,
      hint:
        allowance > 0
          ? `${sheet.showLength(allowance)} outside the ${call === wordFor ? 'seam line' : 'fold line'}`
          : 'here the cut line is the seam line',
      quantities: [],
      dots,
      table: { title: `With a ruler: ${word}`, columns, rows: offsetTable(dots, origin) },
    };
  });
}
