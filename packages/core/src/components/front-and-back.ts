import type { ViewPart } from '../drape/garment-view.ts';
import { plain } from '../joins/plain.ts';
import { edgeOf } from '../joins/run.ts';
import type { Piece } from '../shapes/piece.ts';
import type { Span } from '../sheet/join.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import type { NeckSlit } from './neck-slit.ts';

/**
 * A front and a back that meet at the shoulders (shapes/torso), as one sees them from outside: the front's right shoulder is the
 * wearer's left one.
 *
 *      front   back
 *       ╱‿╲ = ╱‿╲    shoulder-right with shoulder-left, and the other way round
 */
export interface FrontAndBack {
  front: Piece;
  back: Piece;
}

/** Both shoulder seams. */
export function sewShoulders(sheet: Worksheet, { front, back }: FrontAndBack): void {
  plain(sheet, {
    step: 'shoulders',
    title: 'Sew the shoulder seams',
    edges: 'the shoulder edges',
    seams: (['right', 'left'] as const).map((hand, i) => ({
      id: `shoulder-${i + 1}`,
      layers: [edgeOf(front, `shoulder-${hand}`), edgeOf(back, `shoulder-${hand === 'right' ? 'left' : 'right'}`, true)],
    })),
    press: 'open',
    short: true,
  });
}

/** Once round the neck. */
export const neckEdge = ({ front, back }: FrontAndBack): Span[] => [...edgeOf(front, 'neck'), ...edgeOf(back, 'neck')];

/** Once round the armhole on the wearer's left or right. */
export const armholeEdge = ({ front, back }: FrontAndBack, hand: 'left' | 'right'): Span[] =>
  hand === 'left'
    ? [...edgeOf(front, 'armhole-right'), ...edgeOf(back, 'armhole-left')]
    : [...edgeOf(back, 'armhole-right'), ...edgeOf(front, 'armhole-left')];

export interface ShouldersSeen {
  /** Side of the neck above the waist, half widths and the fall of the shoulder, mm. */
  top: number;
  neckHalf: number;
  shoulderHalf: number;
  slope: number;
  /** Depth of the neck in front and behind, mm. */
  front: number;
  back: number;
  slit: NeckSlit;
}

/** Shoulders and neck as they are seen from the front and from behind, with the keyhole where there is one. */
export function shouldersSeen({ front, back, slit, ...shoulders }: ShouldersSeen): ViewPart[] {
  return [
    { kind: 'shoulders', ...shoulders, neckDepth: front, only: 'front' },
    { kind: 'shoulders', ...shoulders, neckDepth: back, only: 'back' },
    ...(slit.made ? [{ kind: 'keyhole' as const, top: shoulders.top - back, long: slit.long.value, only: 'back' as const }] : []),
  ];
}
