import { boundsOf } from '../../geometry/bounds.ts';
import { leftovers, type Leftover } from '../../lay/leftovers.ts';
import type { Plan } from '../../plan/plan.ts';
import { layPlaces } from '../lay-places.ts';
import type { Fault } from './fault.ts';
import { chosen, show } from './reading.ts';

/** The rectangles the lay of the main cloth leaves over, mm. */
export function leftoversOf({ pieces, lay }: Plan): Leftover[] {
  return leftovers(
    layPlaces(pieces, lay).map(({ cut }) => cut[0]!),
    lay.usableWidth,
    Math.max(lay.length, lay.buy),
  );
}

/** Handbook 15: wrong size, both of the same hand, upside down on the print, the scissors slipped. */
export const cutWrong: Fault = {
  id: 'cut-wrong',
  label: 'A piece was cut wrong, or is spoilt',
  at: ({ kind, id }) => kind === 'cut' || kind === 'chalk' || id === 'sides',
  remedies: (plan) => {
    const left = leftoversOf(plan);
    const seam = chosen(plan, 'seam') ?? 15;
    const anew = plan.pieces
      .filter(({ cloth }) => cloth === 'main')
      .map((piece) => {
        const { width, height } = boundsOf(piece.cut);
        const from = left.find((each) => each.width >= width && each.height >= height);
        return {
          says: `${piece.name}: it takes ${show(plan, width)} across and ${show(plan, height)} along the cloth. ${from ? `The leftover of ${show(plan, from.width)} by ${show(plan, from.height)} gives it.` : `No leftover of this lay gives it whole: ${show(plan, height)} more of the cloth would.`}`,
          cost: from ? 'A leftover.' : `${show(plan, height)} of cloth, or a join.`,
        };
      });
    return [
      ...anew,
      {
        says: `Or piece it: a seam across where it shows least (under a band, in a fold, below a ruffle), ${show(plan, 2 * seam)} longer in all for the seam, the grain running on.`,
        cost: 'A seam that was not planned.',
      },
    ];
  },
};
