import type { Figure } from '@arcus/core';
import { armOf, ARMS_HANG } from './figure-path.ts';

/** Where a tape runs for a measure, seen from the front; mm on the figure. A girth goes round, a length along. */
export interface Tape {
  from: [number, number];
  to: [number, number];
  girth: boolean;
}

const SPAN = 1.06;

/** The tape of a measure on a figure; undefined for what is measured on a garment. */
export function tapeOf(id: string, figure: Figure): Tape | undefined {
  const { heights: h, halfWidths: w, arm } = figure;
  const round = (y: number, half: number): Tape => ({ from: [-half, y], to: [half, y], girth: true });
  const down = (x: number, top: number, bottom: number): Tape => ({ from: [x, top], to: [x, bottom], girth: false });
  const limb = armOf(figure, ARMS_HANG);
  const acrossArm = (share: number, half: number): Tape => {
    const [x, y] = [limb.joint[0] + limb.along[0] * arm * share, limb.joint[1] + limb.along[1] * arm * share];
    return { from: [x - limb.across[0] * half, y - limb.across[1] * half], to: [x + limb.across[0] * half, y + limb.across[1] * half], girth: true };
  };
  switch (id) {
    case 'bust-girth':
      return round(h.bust, w.bust);
    case 'under-bust-girth':
      return round(h.waist + (h.bust - h.waist) * 0.57, w.bust * 0.9);
    case 'waist-girth':
      return round(h.waist, w.waist);
    case 'hip-girth':
      return round(h.hip, w.hip);
    case 'thigh-girth':
      return { from: [8, h.hip - (h.hip - h.knee) * 0.32], to: [w.hip * 0.88, h.hip - (h.hip - h.knee) * 0.32], girth: true };
    case 'knee-girth':
      return { from: [6, h.knee], to: [w.hip * 0.6, h.knee], girth: true };
    case 'legs-girth':
      return round(h.knee - 60, w.hip * 0.62);
    case 'neck-girth':
      return round(h.neck, w.neck * 1.02);
    case 'head-girth':
      return round(h.crown - (h.crown - h.chin) * 0.38, w.head);
    case 'shoulder-girth':
      return round(h.shoulder - w.arm * 1.6, w.shoulder + w.arm * 0.6);
    case 'upper-arm-girth':
      return acrossArm(0.2, w.arm);
    case 'wrist-girth':
      return acrossArm(1, w.wrist);
    case 'shoulder-to-wrist':
      return { from: [w.shoulder + w.arm * 0.4, h.shoulder], to: [limb.wrist[0] + w.wrist * 1.3, limb.wrist[1]], girth: false };
    case 'wrist-span':
      return { from: [-w.shoulder * 2 * SPAN, h.neck + 6], to: [w.shoulder * 2 * SPAN, h.neck + 6], girth: false };
    case 'back-neck-width':
      return { from: [-w.neck * 0.9, h.neck + 14], to: [w.neck * 0.9, h.neck + 14], girth: false };
    case 'shoulder-width':
      return { from: [-w.shoulder, h.shoulder], to: [w.shoulder, h.shoulder], girth: false };
    case 'over-shoulder':
      return { from: [w.neck * 1.5, h.bust + 40], to: [w.neck * 1.5, h.neck - 4], girth: false };
    case 'waist-to-hip':
      return down(w.hip * 1.04, h.waist, h.hip);
    case 'waist-to-knee':
      return down(-w.hip * 0.35, h.waist, h.knee);
    case 'waist-to-floor':
      return down(w.hip * 1.14, h.waist, 0);
    case 'shoulder-to-waist':
      return down(-w.neck * 1.2, h.neck - 6, h.waist);
    case 'shoulder-to-floor':
      return down(-w.neck * 1.55, h.neck - 10, 0);
    case 'crotch-depth':
      return down(w.hip * 0.94, h.waist, h.hip - (h.hip - h.knee) * 0.22);
    default:
      return undefined;
  }
}

/** Where a tape runs on a garment laid flat, as shares of its width (from the middle) and length (from the top). */
export const FLAT_TAPES: Readonly<Record<string, Tape>> = {
  flatChest: { from: [-0.5, 0.3], to: [0.5, 0.3], girth: false },
  flatWaist: { from: [-0.5, 0.62], to: [0.5, 0.62], girth: false },
  flatHem: { from: [-0.56, 1], to: [0.56, 1], girth: false },
  flatLength: { from: [-0.16, 0], to: [-0.16, 1], girth: false },
};

/** A label beside what it names, at a height of its own, px. */
export interface Placed {
  id: string;
  /** Where the tape ends. */
  at: readonly [number, number];
  y: number;
}

/** Labels one under the other, each as near its tape as it can be, none over another: at least `gap` px apart, within top and bottom. */
export function placeLabels(ends: ReadonlyArray<{ id: string; at: readonly [number, number] }>, gap: number, top: number, bottom: number): Placed[] {
  const placed = [...ends].sort((a, b) => a.at[1] - b.at[1]).map(({ id, at }) => ({ id, at, y: Math.max(top, at[1]) }));
  for (let i = 1; i < placed.length; i++) placed[i]!.y = Math.max(placed[i]!.y, placed[i - 1]!.y + gap);
  // what was pushed out at the foot pushes back up
  let most = bottom;
  for (let i = placed.length - 1; i >= 0; i--) {
    placed[i]!.y = Math.min(placed[i]!.y, most);
    most = placed[i]!.y - gap;
  }
  return placed;
}
