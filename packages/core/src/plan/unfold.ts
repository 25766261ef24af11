import type { Placement } from '../lay/lay-request.ts';
import { clothOf, mirroredTurn, type FoldStretch } from './fold-stretches.ts';

/** Where every piece lies once the cloth is opened out after cutting: x across the whole usable width, y along the cloth from its start, mm. */
export function unfolded(stretches: readonly FoldStretch[], usable: number): Placement[] {
  const cut = new Map<string, number>();
  const placed: Placement[] = [];
  const put = (piece: string, turn: number, x: number, y: number) => {
    const copy = cut.get(piece) ?? 0;
    cut.set(piece, copy + 1);
    placed.push({ piece, copy, turn, x, y });
  };
  let start = 0;
  for (const stretch of stretches) {
    const middle = usable / 2;
    const foldAt = start + stretch.length;
    for (const { piece, turn, x, y } of stretch.placements) {
      const { of, onFold } = stretch.pieces.find(({ id }) => id === piece)!;
      if (stretch.fold === 'open') put(of, turn, x, start + y);
      else if (stretch.fold === 'in-four') put(of, turn, middle, foldAt);
      else if (onFold) put(of, turn, middle, start + y);
      else if (stretch.fold === 'along') {
        put(of, turn, middle + x, start + y);
        put(of, mirroredTurn('along', turn), middle - x, start + y);
      } else {
        put(of, turn, x, foldAt + y);
        put(of, mirroredTurn('across', turn), x, foldAt - y);
      }
    }
    start += clothOf(stretch);
  }
  return placed;
}
