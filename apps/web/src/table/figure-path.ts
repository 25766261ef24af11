import type { Figure } from '@arcus/core';
import type { View } from './view.ts';

/** The outline of a standing figure as a smooth screen path, arms left out so that nothing hides the garment. */
export function figurePath({ heights: h, halfWidths: w }: Figure, view: View): string {
  const foot = w.hip * 0.34;
  const right: Array<[number, number]> = [
    [w.neck * 0.95, h.neck + 18],
    [w.neck, h.neck - 12],
    [w.shoulder * 0.92, h.shoulder + 6],
    [w.shoulder, h.shoulder - 40],
    [w.bust, h.bust],
    [w.waist, h.waist],
    [w.hip, h.hip],
    [w.hip * 0.96, h.hip - 70],
    [w.hip * 0.62, h.knee],
    [w.hip * 0.6, h.knee * 0.72],
    [foot, 55],
    [foot * 1.15, 0],
  ];
  const p = ([x, y]: [number, number]) => [view.x(x), view.y(y)] as const;
  const left = [...right].reverse().map(([x, y]): [number, number] => [-x, y]);
  const crotch: Array<[number, number]> = [
    [w.hip * 0.08, 0],
    [w.hip * 0.05, h.knee],
    [0, h.hip - 75],
    [-w.hip * 0.05, h.knee],
    [-w.hip * 0.08, 0],
  ];
  const headY = (h.neck + h.crown) / 2 + 8;
  const [hx, hy] = p([0, headY]);
  const [rx, ry] = [w.head * view.scale, ((h.crown - h.neck) / 2 - 6) * view.scale];
  const head = `M${hx - rx} ${hy}a${rx} ${ry} 0 1 1 ${2 * rx} 0a${rx} ${ry} 0 1 1 ${-2 * rx} 0Z`;
  return `${smooth(right.map(p))}L${crotch.map((each) => p(each).join(' ')).join('L')}${smooth(left.map(p), 'L')}Z ${head}`;
}

/** A curve through all points (Catmull-Rom written as Bezier pieces). */
export function smooth(points: ReadonlyArray<readonly [number, number]>, start: 'M' | 'L' = 'M'): string {
  let path = `${start}${points[0]![0]} ${points[0]![1]}`;
  for (let i = 0; i + 1 < points.length; i++) {
    const [a, b, c, d] = [points[Math.max(0, i - 1)]!, points[i]!, points[i + 1]!, points[Math.min(points.length - 1, i + 2)]!];
    path += `C${b[0] + (c[0] - a[0]) / 6} ${b[1] + (c[1] - a[1]) / 6} ${c[0] - (d[0] - b[0]) / 6} ${c[1] - (d[1] - b[1]) / 6} ${c[0]} ${c[1]}`;
  }
  return path;
}
