import { BadInput } from '../errors/bad-input.ts';
import { layPieces } from '../lay/lay.ts';
import type { Lay, LayRequest } from '../lay/lay-request.ts';
import { layPieceOf } from '../plan/lay-piece.ts';
import { layRequestOf } from '../plan/plan-lay.ts';
import type { Plan } from '../plan/plan.ts';
import type { ClothRole, Piece } from '../shapes/piece.ts';

/** The pieces one make cuts from the cloth it shares. */
export interface Sharer {
  id: string;
  name: string;
  plan: Pick<Plan, 'pieces' | 'choices' | 'cloths'>;
  role: ClothRole;
}

/** The search depends on the order of the pieces, so that is always the same, however a page lists its makes. */
const inOrder = (sharers: readonly Sharer[]) => [...sharers].sort((a, b) => (a.id < b.id ? -1 : 1));

/** The pieces of all sharers as those of one lay: each told apart by its make, in its id and in its name. */
export const piecesTogether = (sharers: readonly Sharer[]): Piece[] =>
  inOrder(sharers).flatMap(({ id, name, plan, role }) =>
    plan.pieces.filter((piece) => piece.cloth === role).map((piece) => ({ ...piece, id: `${id}/${piece.id}`, name: `${piece.name}, ${name}` })),
  );

/** Whose piece of such a lay it is: the make's id. */
export const sharerOf = (pieceId: string): string => pieceId.slice(0, pieceId.indexOf('/'));

/**
 * What is asked of the lay engine where several makes are cut from one cloth in one go, lying open in one layer.
 *
 *     A A A │ B B        A A A B
 *     A A   │ B     ->   A A B B
 *
 * The gap for the blade is the widest any of them wants. Throws BadInput where there are fewer than two, or the cloth is not as wide for all.
 */
export function togetherRequest(sharers: readonly Sharer[]): LayRequest {
  const asked = sharers.map(({ plan, role }) => layRequestOf(plan, role));
  const [first] = asked;
  if (!first || asked.length < 2) throw new BadInput('makes', 'must be at least two that are cut from the same cloth');
  if (asked.some(({ width }) => Math.abs(width - first.width) > 1e-6))
    throw new BadInput('makes', 'must be of one cloth: between its selvedges it is not as wide for all of them');
  const gap = Math.max(...asked.map((each) => each.gap ?? 0));
  return {
    width: first.width,
    pieces: piecesTogether(sharers).map(layPieceOf),
    ...(gap > 0 ? { gap } : {}),
    ...(first.repeat ? { repeat: first.repeat } : {}),
  };
}

/** Beginnings of the search tried: beyond these little is gained, and all of them together take about a second. */
const SEEDS = [1, 2, 3, 4, 5, 6, 7, 8];

/**
 * The shortest of several quick lays. A thorough search finds a little more, but not the same each time: what is bought for several makes is
 * shown on many pages, and has to be one length on all of them.
 */
export function layTogether(request: LayRequest): Lay {
  const [first, ...others] = SEEDS.map((seed) => layPieces({ ...request, seed }));
  return others.reduce((best, lay) => (lay.length < best.length - 1e-6 ? lay : best), first!);
}
