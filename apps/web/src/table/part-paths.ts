import { halfWidth, type Figure, type GarmentView, type Hanging, type ViewPart } from '@arcus/core';
import { armOf, ARMS_HANG, smooth } from './figure-path.ts';
import type { View } from './view.ts';

/** How far a curved edge seen from the front sags below its ends, as a share of its half width. */
export const SAG = 0.1;
/** With wide straight sleeves the arms are held out, degrees from the plumb line; so wide is a sleeve then, flat, mm. */
const HELD_OUT = 58;
const WIDE_SLEEVE = 230;

/** One line or area of a part: what it is says how it is painted. */
export interface DrawnPart {
  d: string;
  as: 'cloth' | 'band' | 'fold' | 'seam' | 'shirr' | 'strap' | 'button';
  /** Thickness of a strap, px. */
  wide?: number;
}

/** What a part is drawn with. */
export interface Drawing {
  garment: GarmentView;
  hanging: Hanging;
  figure: Figure;
  view: View;
}

type Of<K extends ViewPart['kind']> = Extract<ViewPart, { kind: K }>;
export const partOf = <K extends ViewPart['kind']>(garment: GarmentView, kind: K, side: 'front' | 'back'): Of<K> | undefined =>
  garment.parts?.find((part): part is Of<K> => part.kind === kind && (part.only ?? side) === side);

/** How the arms are held so that the sleeves can be seen, degrees from the plumb line. */
export function armsFor(garment: GarmentView): number {
  const sleeves = partOf(garment, 'sleeves', 'front');
  return sleeves && sleeves.start >= WIDE_SLEEVE ? HELD_OUT : sleeves ? 26 : ARMS_HANG;
}

/** How far to the side a garment reaches with its sleeves, mm. */
export function reachOf({ garment, hanging, figure }: Omit<Drawing, 'view'>): number {
  const sleeves = partOf(garment, 'sleeves', 'front');
  const { wrist } = armOf(figure, armsFor(garment));
  const arms = wrist[0] + figure.halfWidths.wrist * 4;
  const out = sleeves ? sleeves.out + Math.sin((armsFor(garment) * Math.PI) / 180) * sleeves.length + 40 : 0;
  return Math.max(arms, out, ...hanging.levels.map(({ half }) => half));
}

/** Half the width of the hanging garment at a drop, mm. */
export function halfAt({ levels }: Hanging, drop: number): number {
  const [first, last] = [levels[0]!, levels[levels.length - 1]!];
  if (drop <= first.drop) return first.half;
  if (drop >= last.drop) return last.half;
  const i = levels.findIndex((level) => level.drop >= drop);
  const [above, below] = [levels[i - 1]!, levels[i]!];
  const share = below.drop === above.drop ? 1 : (drop - above.drop) / (below.drop - above.drop);
  return above.half + share * (below.half - above.half);
}

/** From the left end of the top edge to the right one: straight across, curved, or up over shoulders and neck. */
export function crownPath({ garment, hanging, figure, view }: Drawing, side: 'front' | 'back'): string {
  const waist = figure.heights.waist;
  const top = hanging.levels[0]!;
  const y0 = waist - top.drop;
  const end = `${view.x(top.half)} ${view.y(y0)}`;
  const curve = partOf(garment, 'top-curve', side);
  if (curve) {
    const rise = view.y(y0 + curve.rise);
    return `C${view.x(-top.half * 0.5)} ${view.y(y0)} ${view.x(-top.half * 0.45)} ${rise} ${view.x(0)} ${rise}C${view.x(top.half * 0.45)} ${rise} ${view.x(top.half * 0.5)} ${view.y(y0)} ${end}`;
  }
  const shoulders = partOf(garment, 'shoulders', side);
  if (!shoulders) return `Q${view.x(0)} ${view.y(y0 - top.half * SAG)} ${end}`;
  const { top: above, neckHalf, neckDepth, shoulderHalf, slope } = shoulders;
  const [neckY, shoulderY] = [waist + above, waist + above - slope];
  const armhole = (sign: 1 | -1, up: boolean) => {
    const [from, to] = [
      [sign * top.half, y0],
      [sign * shoulderHalf, shoulderY],
    ] as const;
    const bend = `${view.x(sign * Math.min(top.half, shoulderHalf) * 0.97)} ${view.y(y0 + (shoulderY - y0) * 0.3)}`;
    const goal = up ? to : from;
    return `Q${bend} ${view.x(goal[0])} ${view.y(goal[1])}`;
  };
  const low = view.y(neckY - neckDepth);
  // a neck much deeper than it is wide is cut straight to a point
  const neck =
    neckDepth > 3 * neckHalf
      ? `L${view.x(0)} ${low}L${view.x(neckHalf)} ${view.y(neckY)}`
      : `C${view.x(-neckHalf)} ${view.y(neckY - neckDepth * 0.6)} ${view.x(-neckHalf * 0.55)} ${low} ${view.x(0)} ${low}C${view.x(neckHalf * 0.55)} ${low} ${view.x(neckHalf)} ${view.y(neckY - neckDepth * 0.6)} ${view.x(neckHalf)} ${view.y(neckY)}`;
  return `${armhole(-1, true)}L${view.x(-neckHalf)} ${view.y(neckY)}${neck}L${view.x(shoulderHalf)} ${view.y(shoulderY)}${armhole(1, false)}`;
}

/** Both sleeves, drawn behind the body of the garment. */
export function sleevePaths(drawing: Drawing, part: Of<'sleeves'>): DrawnPart[] {
  const { figure, hanging, garment, view } = drawing;
  const waist = figure.heights.waist;
  const { along, across } = armOf(figure, armsFor(garment));
  const out = part.out || figure.halfWidths.shoulder * 0.86;
  const from: [number, number] = [out, waist - part.top];
  const under: [number, number] = [Math.min(out, halfAt(hanging, part.under)), waist - part.under];
  const end: [number, number] = [from[0] + along[0] * part.length, from[1] + along[1] * part.length];
  const low: [number, number] = [end[0] - across[0] * part.end, end[1] - across[1] * part.end];
  const full = part.gathered ? part.start * 0.22 : 0;
  return ([1, -1] as const).flatMap((hand) => {
    const at = ([x, y]: readonly [number, number]) => `${view.x(hand * x)} ${view.y(y)}`;
    const bulge = (a: readonly [number, number], b: readonly [number, number], by: number) =>
      `Q${at([(a[0] + b[0]) / 2 + across[0] * by, (a[1] + b[1]) / 2 + across[1] * by])} ${at(b)}`;
    const cloth = `M${at(from)}${bulge(from, end, full)}L${at(low)}${bulge(low, under, -full)}Z`;
    const folds = part.gathered
      ? [0.25, 0.5, 0.75].map((share) => {
          const a: [number, number] = [from[0] + (under[0] - from[0]) * share, from[1] + (under[1] - from[1]) * share];
          const b: [number, number] = [end[0] + (low[0] - end[0]) * share, end[1] + (low[1] - end[1]) * share];
          return { d: `M${at(a)}L${at(b)}`, as: 'fold' as const };
        })
      : [];
    const rows = part.gathered
      ? [0.93, 0.97].map((share) => {
          const a: [number, number] = [from[0] + (end[0] - from[0]) * share, from[1] + (end[1] - from[1]) * share];
          const b: [number, number] = [a[0] - across[0] * part.end, a[1] - across[1] * part.end];
          return { d: `M${at(a)}L${at(b)}`, as: 'shirr' as const };
        })
      : [];
    return [{ d: cloth, as: 'cloth' as const }, ...folds, ...rows];
  });
}

/** A part that lies on the garment; what has paths of its own elsewhere gives none. */
export function partPaths(drawing: Drawing, part: ViewPart): DrawnPart[] {
  const { figure, hanging, view } = drawing;
  const waist = figure.heights.waist;
  const y = (drop: number) => view.y(waist - drop);
  switch (part.kind) {
    case 'rows':
      return part.drops.map((drop) => ({ d: rowPath(drawing, drop, part.how === 'shirr'), as: part.how === 'strip' ? ('band' as const) : part.how }));
    case 'straps':
      return strapPaths(drawing, part);
    case 'collar': {
      const [half, base, rise] = [part.half * 1.12, waist + part.top, part.height * 0.55];
      const [l, r, low, high] = [view.x(-half), view.x(half), view.y(base - 6), view.y(base + rise)];
      const sag = (px: number) => px + half * 0.42 * view.scale;
      return [
        {
          d: `M${l} ${low}Q${view.x(0)} ${sag(low)} ${r} ${low}L${view.x(half * 0.9)} ${high}Q${view.x(0)} ${sag(high)} ${view.x(-half * 0.9)} ${high}Z`,
          as: 'cloth',
        },
        { d: `M${view.x(-half * 0.9)} ${high}Q${view.x(0)} ${high - half * 0.3 * view.scale} ${view.x(half * 0.9)} ${high}`, as: 'seam' },
      ];
    }
    case 'open-front': {
      const last = hanging.levels[hanging.levels.length - 1]!.drop;
      const [top, meet] = [view.y(waist + part.top), view.y(waist + part.top - part.neckDrop)];
      return ([1, -1] as const).map((hand) => {
        const x = (mm: number) => view.x(hand * mm);
        const [edge, over] = [4, 4 + part.band];
        return {
          d: `M${x(part.neckHalf)} ${top}L${x(edge)} ${meet}L${x(edge)} ${y(last)}L${x(over)} ${y(last)}L${x(over)} ${meet}L${x(part.neckHalf + part.band * 0.8)} ${top}Z`,
          as: 'band' as const,
        };
      });
    }
    case 'keyhole': {
      const [x, top, low] = [view.x(0), view.y(waist + part.top), view.y(waist + part.top - part.long)];
      return [
        { d: `M${x} ${top}C${x - 5} ${low} ${x + 5} ${low} ${x} ${top}Z`, as: 'seam' },
        { d: `M${x - 3} ${top + 3}a3 3 0 1 1 6 0a3 3 0 1 1 -6 0Z`, as: 'button' },
      ];
    }
    case 'side-gores': {
      const last = hanging.levels[hanging.levels.length - 1]!;
      const inner = last.half - halfWidth(part.width * 2);
      return ([1, -1] as const).map((hand) => ({
        d: `M${view.x(hand * halfAt(hanging, part.from) * 0.99)} ${y(part.from)}L${view.x(hand * inner)} ${y(last.drop)}`,
        as: 'seam' as const,
      }));
    }
    case 'wrap': {
      const [first, last] = [hanging.levels[0]!, hanging.levels[hanging.levels.length - 1]!];
      const top = part.only ? first.half * 0.25 : 0;
      return [
        {
          d: `M${view.x(top)} ${y(first.drop)}Q${view.x(top * 0.9)} ${y((first.drop + last.drop) / 2)} ${view.x(-last.half * 0.18)} ${y(last.drop + last.half * SAG)}`,
          as: 'seam',
        },
      ];
    }
    case 'bow':
      return [{ d: bowPath(view.x(0), y(part.drop), 44 * view.scale, 150 * view.scale), as: 'band' }];
    default:
      return [];
  }
}

/** A line all round at a height; a row of shirring is drawn in little waves. */
function rowPath({ hanging, figure, view }: Drawing, drop: number, wavy: boolean): string {
  const half = halfAt(hanging, drop) * 0.995;
  const y = figure.heights.waist - drop;
  const sag = half * SAG;
  if (!wavy) return `M${view.x(-half)} ${view.y(y)}Q${view.x(0)} ${view.y(y - 2 * sag)} ${view.x(half)} ${view.y(y)}`;
  const waves = Math.max(10, Math.round(half / 7));
  const points = Array.from({ length: 2 * waves + 1 }, (_, i) => {
    const x = half * Math.cos((Math.PI * (2 * waves - i)) / (2 * waves));
    return [view.x(x), view.y(y - Math.sqrt(Math.max(0, 1 - (x / half) ** 2)) * sag * 1.2 + (i % 2 ? 1.6 : -1.6))] as const;
  });
  return smooth(points);
}

/** Straps from the top edge over the middle of the shoulders; ties end in a bow there. */
function strapPaths({ figure, view }: Drawing, part: Of<'straps'>): DrawnPart[] {
  const { heights: h, halfWidths: w } = figure;
  const [x, high] = [(w.neck * 1.3 + w.shoulder * 0.8) / 2, h.shoulder + (h.neck - h.shoulder) * 0.5];
  return ([1, -1] as const).flatMap((hand): DrawnPart[] => [
    {
      d: `M${view.x(hand * part.fromMiddle)} ${view.y(h.waist - part.from)}L${view.x(hand * x)} ${view.y(high)}`,
      as: 'strap',
      wide: Math.max(2, part.width * view.scale),
    },
    ...(part.tie ? [{ d: bowPath(view.x(hand * x), view.y(high), 34 * view.scale, 46 * view.scale), as: 'band' as const }] : []),
  ]);
}

/** Two loops and two ends, px. */
function bowPath(x: number, y: number, loop: number, ends: number): string {
  return `M${x} ${y}C${x - loop} ${y - loop} ${x - loop * 1.3} ${y + loop * 0.6} ${x} ${y}C${x + loop} ${y - loop} ${x + loop * 1.3} ${y + loop * 0.6} ${x} ${y}M${x} ${y}l${-loop * 0.4} ${ends}M${x} ${y}l${loop * 0.4} ${ends}`;
}
