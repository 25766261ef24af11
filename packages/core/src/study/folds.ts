import { layPieces } from '../lay/lay.ts';
import { clothOf, cuttingOf, foldStretches, type Fold, type FoldStretch, type StretchLayer } from '../plan/fold-stretches.ts';
import type { Plan } from '../plan/plan.ts';
import { netArea } from '../shapes/piece.ts';

/** One way to fold the cloth for a plan. */
export interface FoldWay {
  id: Fold;
  says: string;
  stretches: FoldStretch[];
  /** Cloth it takes, mm, and the share that is not used. */
  length: number;
  waste: number;
  /** Outlines to cut with the scissors, and the most layers at once. */
  cuts: number;
  layers: number;
}

const FOLDS: readonly Fold[] = ['open', 'along', 'across', 'in-four'];
const SAYS: Record<Fold, string> = {
  open: 'Open, in one layer',
  along: 'Folded along, selvedges together',
  across: 'Folded across, end to end',
  'in-four': 'In four: half along, half across',
};

/**
 * Every way of folding that makes sense for the pieces of the main cloth, the shortest first: open in one layer; folded along, pieces
 * in pairs or on the fold; folded across, in pairs; in four for whole circles. What can't be cut folded is laid open after it.
 */
export function foldWays(plan: Plan, layer: StretchLayer = layPieces): FoldWay[] {
  const pieces = plan.pieces.filter((piece) => piece.cloth === 'main');
  const usable = plan.lay.usableWidth;
  const area = pieces.reduce((sum, piece) => sum + piece.copies * netArea(piece), 0);
  return FOLDS.flatMap((id): FoldWay[] => {
    const stretches = foldStretches(id, pieces, usable, layer);
    if (!stretches) return [];
    const length = stretches.reduce((sum, each) => sum + clothOf(each), 0);
    return [
      {
        id,
        says: id !== 'open' && stretches.some(({ fold }) => fold === 'open') ? `${SAYS[id]}; then open for the rest` : SAYS[id],
        stretches,
        length,
        waste: 1 - area / (usable * length),
        ...cuttingOf(stretches),
      },
    ];
  }).sort((a, b) => a.length - b.length || a.cuts - b.cuts);
}
