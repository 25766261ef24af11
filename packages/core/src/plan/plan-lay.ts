import { cutFolded } from '../make/common-steps.ts';
import { clock } from '../lay/clock.ts';
import { layPieces } from '../lay/lay.ts';
import type { Lay, LayRequest } from '../lay/lay-request.ts';
import { foldSuits } from '../checks/cloth-checks.ts';
import { boundsOf } from '../geometry/bounds.ts';
import type { Cloths } from '../sheet/cloths.ts';
import { Unmakeable } from '../errors/unmakeable.ts';
import { netArea, type ClothRole, type Piece } from '../shapes/piece.ts';
import { cuttingOf, foldStretches, type Fold, type FoldStretch, type StretchLayer } from './fold-stretches.ts';
import { layPieceOf } from './lay-piece.ts';
import { unfolded } from './unfold.ts';
import type { Worksheet } from '../sheet/worksheet.ts';

/** The lay of all pieces of one cloth. */
export interface PlanLay extends Lay {
  /** mm. */
  usableWidth: number;
  /** Length to buy, mm: shrinkage and reserve added, rounded up to what shops cut. */
  buy: number;
  /** How the cloth lies while it is cut; the placements are those of the cloth opened out. */
  fold: Fold;
  /** The same on the folded cloth, stretch by stretch; none where it lies open. */
  stretches?: FoldStretch[];
}

/** Whoever lays the pieces of a cloth: the engine itself, a worker that has done so already, or the person by hand. */
export type Layer = (request: LayRequest, role: ClothRole) => Lay;

/** Seconds all lays of one plan may take together, so that whoever asks is answered whatever the choices. */
const PLAN_SECONDS = 0.8;
/** What a lay gets when the others have used them up, seconds. */
const LEAST_SECONDS = 0.02;

/** The engine, quickly: a layer for one plan, whose lays share its seconds. */
export function quickLayer(seconds = PLAN_SECONDS): Layer {
  const until = clock() + seconds * 1000;
  return (request) => layPieces({ ...request, seconds: Math.max(LEAST_SECONDS, (until - clock()) / 1000) });
}

/** What is asked of a layer for the pieces of one cloth; `gap` mm are kept between them. */
function requestOf(width: number, pieces: readonly Piece[], gap: number, repeat = 0): LayRequest {
  return { width, pieces: pieces.map(layPieceOf), ...spacing(gap, repeat) };
}

const spacing = (gap: number, repeat: number): Pick<LayRequest, 'gap' | 'repeat'> => ({
  ...(gap > 0 ? { gap } : {}),
  ...(repeat > 0 ? { repeat } : {}),
});

/** The same for a finished plan: what its lay was asked for. */
export function layRequestOf(
  plan: { pieces: readonly Piece[]; choices: ReadonlyMap<string, unknown>; cloths: Cloths },
  role: ClothRole = 'main',
): LayRequest {
  return requestOf(
    plan.cloths.usableWidth(role).value,
    plan.pieces.filter((piece) => piece.cloth === role),
    Number(plan.choices.get('bladeGap') ?? 0),
    plan.cloths.of(role).repeat,
  );
}

/** Lays the pieces cut from one cloth. Throws Unmakeable naming the piece that is too wide for it. */
export function layCloth(sheet: Worksheet, role: ClothRole, layer: Layer): Omit<PlanLay, 'buy'> | undefined {
  const pieces = sheet.pieces.filter((piece) => piece.cloth === role);
  if (pieces.length === 0) return undefined;
  const usableWidth = sheet.cloths.usableWidth(role).value;
  for (const piece of pieces) assertFits(sheet, piece, usableWidth);
  const gap = sheet.number('bladeGap').value;
  const repeat = sheet.cloths.of(role).repeat ?? 0;
  const stretches =
    role === 'main' ? folded(sheet, pieces, usableWidth, (request) => layer({ ...request, ...spacing(gap, repeat) }, role)) : undefined;
  const { placements } = stretches ? { placements: unfolded(stretches, usableWidth) } : layer(requestOf(usableWidth, pieces, gap, repeat), role);
  const byId = new Map(pieces.map((piece) => [piece.id, piece]));
  const length = placements.reduce((most, { piece, turn, y }) => Math.max(most, y + boundsOf(byId.get(piece)!.cut, turn).maxY), 0);
  const area = pieces.reduce((sum, piece) => sum + piece.copies * netArea(piece), 0);
  return {
    placements,
    length,
    usableWidth,
    utilisation: area / (usableWidth * length),
    fold: stretches ? (sheet.oneOf('fold') as Fold) : 'open',
    ...(stretches ? { stretches } : {}),
  };
}

/** The pieces on the cloth folded as chosen; undefined where it lies open, by choice or because nothing can be cut so. */
function folded(sheet: Worksheet, pieces: readonly Piece[], usable: number, layer: StretchLayer): FoldStretch[] | undefined {
  const fold = sheet.oneOf('fold') as Fold;
  if (fold === 'open') return undefined;
  const stretches = foldStretches(fold, pieces, usable, layer);
  sheet.check(foldSuits(fold, stretches !== undefined));
  if (stretches) {
    const { cuts, layers } = cuttingOf(stretches);
    const ofOtherCloth = sheet.pieces.reduce((sum, piece) => sum + (piece.cloth === 'main' ? 0 : piece.copies), 0);
    cutFolded(sheet, cuts + ofOtherCloth, layers);
  }
  return stretches;
}

function assertFits(sheet: Worksheet, piece: Piece, usable: number): void {
  const narrowest = Math.min(...piece.turns.map((turn) => boundsOf(piece.cut, turn).width));
  if (narrowest <= usable + 1e-6) return;
  const { width } = sheet.cloths.of(piece.cloth);
  throw new Unmakeable(
    piece.cloth === 'main' || !sheet.cloths.isNamed(piece.cloth) ? 'cloth.width' : `cloths.${piece.cloth}.width`,
    `The piece “${piece.name}” is ${sheet.showLength(narrowest, 'up')} wide; between the selvedges there are ${sheet.showLength(usable, 'down')}.`,
    Math.ceil(width + narrowest - usable),
  );
}
