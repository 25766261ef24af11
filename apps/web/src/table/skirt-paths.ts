import type { GarmentView, Hanging } from '@arcus/core';
import { smooth } from './figure-path.ts';
import { SAG } from './part-paths.ts';
import type { View } from './view.ts';

/** A hanging garment seen from one side as screen paths: outline, folds, seams, band. `crown` closes it along the top. */
export function skirtPaths(garment: GarmentView, hanging: Hanging, waist: number, view: View, crown?: string) {
  const { levels } = hanging;
  const right = levels.map(({ half, drop }) => [view.x(half), view.y(waist - drop)] as const);
  const left = levels.map(({ half, drop }) => [view.x(-half), view.y(waist - drop)] as const).reverse();
  const hem = levels[levels.length - 1]!;
  const edge = hemEdge(garment, hanging, waist, view);
  const top = levels[0]!;
  const outline = `${straightOrSmooth(right, levels)}${edge}${straightOrSmooth(left, [...levels].reverse(), 'L')}${crown ?? `Q${view.x(0)} ${view.y(waist - top.drop - top.half * SAG)} ${view.x(top.half)} ${view.y(waist - top.drop)}`}Z`;
  return {
    outline,
    folds: foldLines(hanging, waist, view),
    seams: seamLines(garment, hanging, waist, view, hem.drop),
    band: bandPath(garment, top.half, waist, view),
    // the hem edge alone, beginning where its first point is
    hem: edge.replace(/^L/, 'M'),
  };
}

function straightOrSmooth(points: ReadonlyArray<readonly [number, number]>, levels: ReadonlyArray<{ drop: number }>, start: 'M' | 'L' = 'M'): string {
  // a tier's step (two widths at one height) is a corner, not a curve
  const stepped = levels.some((level, i) => i > 0 && level.drop === levels[i - 1]!.drop);
  return stepped ? `${start}${points.map((point) => point.join(' ')).join('L')}` : smooth(points, start);
}

/** The hem from right to left: scallops as deep as the cloth left over lets it fold. */
function hemEdge(garment: GarmentView, { levels, folds }: Hanging, waist: number, view: View): string {
  const { half, drop, foldRatio } = levels[levels.length - 1]!;
  const seen = Math.max(2, Math.round(folds / 2));
  const depth = Math.min(26, 60 * Math.max(0, foldRatio - 1)) + 2;
  const corner = garment.corners ?? 0;
  const y = (x: number) =>
    waist -
    drop -
    Math.sqrt(Math.max(0, 1 - (x / half) ** 2)) * half * SAG -
    corner * Math.abs(Math.cos((Math.acos(x / half) - Math.PI / 4) * 2)) ** 3;
  let path = '';
  for (let i = 0; i < seen; i++) {
    const [a, b] = [half * Math.cos((Math.PI * i) / seen), half * Math.cos((Math.PI * (i + 1)) / seen)];
    const middle = (a + b) / 2;
    path += `${i === 0 ? `L${view.x(a)} ${view.y(y(a))}` : ''}Q${view.x(middle)} ${view.y(y(middle) - depth)} ${view.x(b)} ${view.y(y(b))}`;
  }
  return path;
}

/** Folds run down from where cloth is left over, closer together towards the sides. */
function foldLines({ levels, folds }: Hanging, waist: number, view: View): string[] {
  const lines: string[] = [];
  const seen = Math.max(2, Math.round(folds / 2));
  let from = 0;
  // one set of folds between two steps
  for (let i = 1; i <= levels.length; i++) {
    if (i < levels.length && levels[i]!.drop !== levels[i - 1]!.drop) continue;
    const [top, bottom] = [levels[from]!, levels[i - 1]!];
    const gathered = top.foldRatio > 1.12;
    if (bottom.drop > top.drop && (gathered || bottom.foldRatio > 1.06)) {
      // where the cloth spreads out flat below, the folds of the gathers die away on the way down
      const end = bottom.foldRatio > 1.06 ? 1 : 0.7;
      for (let k = 1; k < 2 * seen; k++) {
        const share = Math.cos((Math.PI * k) / (2 * seen));
        const start = gathered ? 0 : 0.3 + 0.18 * (k % 3);
        const yTop = waist - (top.drop + (bottom.drop - top.drop) * start);
        const halfTop = halfBetween(levels.slice(from, i), start);
        const halfEnd = halfBetween(levels.slice(from, i), end);
        const yEnd = waist - (top.drop + (bottom.drop - top.drop) * end);
        lines.push(
          `M${view.x(share * halfTop)} ${view.y(yTop)}L${view.x(share * halfEnd)} ${view.y(yEnd - Math.sqrt(1 - share ** 2) * halfEnd * SAG * 0.8 * end)}`,
        );
      }
      if (gathered) lines.push(...gathers(top.half, waist - top.drop, Math.min(70, (bottom.drop - top.drop) * 0.3), view));
    }
    from = i;
  }
  return lines;
}

/** Half the width a share of the way down, between the levels that are known. */
function halfBetween(levels: Hanging['levels'], share: number): number {
  const [top, bottom] = [levels[0]!, levels[levels.length - 1]!];
  const drop = top.drop + (bottom.drop - top.drop) * share;
  const below = Math.max(
    1,
    levels.findIndex((level) => level.drop >= drop - 1e-6),
  );
  const [a, b] = [levels[below - 1]!, levels[below]!];
  return b.drop === a.drop ? b.half : a.half + ((b.half - a.half) * (drop - a.drop)) / (b.drop - a.drop);
}

/** Short strokes under a gathered seam. */
function gathers(half: number, y: number, long: number, view: View): string[] {
  const count = Math.max(8, Math.round(half / 11));
  return Array.from({ length: count }, (_, k) => {
    const x = half * Math.cos((Math.PI * (k + 0.5)) / count);
    const length = long * (0.5 + (0.5 * ((k * 7) % 5)) / 4);
    return `M${view.x(x)} ${view.y(y - Math.sqrt(1 - (x / half) ** 2) * half * SAG)}l${x * 0.0006 * length * view.scale} ${length * view.scale}`;
  });
}

/** Seams one sees from the front: half of them, and every tier seam. */
function seamLines(garment: GarmentView, { levels }: Hanging, waist: number, view: View, hem: number): string[] {
  const lines: string[] = [];
  const count = Math.floor(garment.verticalSeams / 2);
  for (let k = 0; k < count && garment.verticalSeams > 2; k++) {
    const share = Math.cos((Math.PI * (k + 0.5)) / count);
    lines.push(
      smooth(
        levels.map(
          ({ half, drop }) =>
            [view.x(share * half), view.y(waist - drop - Math.sqrt(1 - share ** 2) * half * SAG * (drop / Math.max(1, hem)))] as const,
        ),
      ),
    );
  }
  levels.forEach((level, i) => {
    if (i === 0 || level.drop !== levels[i - 1]!.drop) return;
    const half = levels[i - 1]!.half;
    lines.push(
      `M${view.x(-half)} ${view.y(waist - level.drop)}Q${view.x(0)} ${view.y(waist - level.drop - 2 * half * SAG)} ${view.x(half)} ${view.y(waist - level.drop)}`,
    );
  });
  return lines;
}

function bandPath({ band }: GarmentView, half: number, waist: number, view: View): string {
  if (band <= 0) return '';
  const sag = half * SAG;
  const [l, r, y, t] = [view.x(-half), view.x(half), view.y(waist), view.y(waist + band)];
  return `M${l} ${y}Q${view.x(0)} ${view.y(waist - 2 * sag)} ${r} ${y}L${r} ${t}Q${view.x(0)} ${view.y(waist + band - 2 * sag)} ${l} ${t}Z`;
}

/** The hem as a ring seen from below, as long as it really is, and the waist inside it. */
export function hemRingPath({ hem, folds, levels }: Hanging, cx: number, cy: number, view: View): { ring: string; waist: string } {
  const steps = folds * 16;
  const at = (t: number) => {
    const r = hem.radius + hem.wave * Math.cos(folds * t);
    return `${view.x(cx + r * Math.cos(t)).toFixed(1)} ${view.y(cy + r * Math.sin(t)).toFixed(1)}`;
  };
  const ring = `M${Array.from({ length: steps }, (_, i) => at((2 * Math.PI * i) / steps)).join('L')}Z`;
  const waist = levels[0]!;
  const [rx, ry] = [waist.half * view.scale, waist.half * 0.72 * view.scale];
  return { ring, waist: `M${view.x(cx) - rx} ${view.y(cy)}a${rx} ${ry} 0 1 1 ${2 * rx} 0a${rx} ${ry} 0 1 1 ${-2 * rx} 0Z` };
}
