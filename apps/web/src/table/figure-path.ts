import type { Figure } from '@arcus/core';
import type { View } from './view.ts';

/** Arms hang this far from the plumb line where nothing says otherwise, degrees. */
export const ARMS_HANG = 16;

/** Points of a figure that garments and tapes hang from: the end of the shoulder, and the way an arm points from there. */
export function armOf({ heights: h, halfWidths: w, arm }: Figure, angleDeg: number) {
  const angle = (angleDeg * Math.PI) / 180;
  const along: [number, number] = [Math.sin(angle), -Math.cos(angle)];
  const across: [number, number] = [-along[1], along[0]];
  const joint: [number, number] = [w.shoulder - w.arm * 0.75, h.shoulder - w.arm * 0.75];
  return { joint, along, across, wrist: [joint[0] + along[0] * arm, joint[1] + along[1] * arm] as [number, number] };
}

/** The outline of a standing figure as smooth screen paths: body and legs, both arms, head. Its arms point `arms` degrees away from the plumb line. */
export function figurePath(figure: Figure, view: View, arms = ARMS_HANG): string {
  const { heights: h, halfWidths: w } = figure;
  const p = ([x, y]: readonly [number, number]) => [view.x(x), view.y(y)] as const;
  const foot = w.hip * 0.34;
  const right: Array<[number, number]> = [
    [w.neck * 0.86, h.chin + 4],
    [w.neck * 0.88, h.neck + 6],
    [w.neck * 1.25, h.neck - (h.neck - h.shoulder) * 0.28],
    [w.shoulder * 0.82, h.shoulder + (h.neck - h.shoulder) * 0.12],
    [w.shoulder, h.shoulder - w.arm * 0.5],
    [w.bust * 0.96, h.bust + (h.shoulder - h.bust) * 0.35],
    [w.bust, h.bust],
    [w.bust * 0.45 + w.waist * 0.55, h.waist + (h.bust - h.waist) * 0.35],
    [w.waist, h.waist],
    [w.waist * 0.4 + w.hip * 0.6, h.hip + (h.waist - h.hip) * 0.45],
    [w.hip, h.hip],
    [w.hip * 0.96, h.hip - (h.hip - h.knee) * 0.2],
    [w.hip * 0.66, h.knee + (h.hip - h.knee) * 0.12],
    [w.hip * 0.6, h.knee],
    [w.hip * 0.6, h.knee * 0.72],
    [foot * 1.05, h.knee * 0.16],
    [foot * 1.25, 8],
    [foot * 1.2, 0],
  ];
  const left = [...right].reverse().map(([x, y]): [number, number] => [-x, y]);
  const crotch: Array<[number, number]> = [
    [w.hip * 0.1, 0],
    [w.hip * 0.07, h.knee],
    [0, h.hip - (h.hip - h.knee) * 0.22],
    [-w.hip * 0.07, h.knee],
    [-w.hip * 0.1, 0],
  ];
  const body = `${smooth(right.map(p))}L${crotch.map((each) => p(each).join(' ')).join('L')}${smooth(left.map(p), 'L')}Z`;
  return `${body} ${armPath(figure, arms, 1, view)} ${armPath(figure, arms, -1, view)} ${headPath(figure, view)}`;
}

/** Head with a chin: wider above, narrower below. */
function headPath({ heights: h, halfWidths: w }: Figure, view: View): string {
  const tall = h.crown - h.chin;
  const side: Array<[number, number]> = [
    [0, h.crown],
    [w.head * 0.72, h.crown - tall * 0.1],
    [w.head, h.crown - tall * 0.42],
    [w.head * 0.86, h.chin + tall * 0.26],
    [w.head * 0.42, h.chin + tall * 0.03],
    [0, h.chin - tall * 0.01],
  ];
  const other = [...side].reverse().map(([x, y]): [number, number] => [-x, y]);
  return `${smooth([...side, ...other.slice(1)].map(([x, y]) => [view.x(x), view.y(y)] as const))}Z`;
}

/** One arm with its hand; `hand` 1 is at the right of the picture. */
function armPath(figure: Figure, angleDeg: number, hand: 1 | -1, view: View): string {
  const { halfWidths: w, arm } = figure;
  const { joint, along, across } = armOf(figure, angleDeg);
  const at = (down: number, out: number) => {
    const [x, y] = [joint[0] + along[0] * down + across[0] * out, joint[1] + along[1] * down + across[1] * out];
    return [view.x(hand * x), view.y(y)] as const;
  };
  const [elbow, palm] = [(w.arm + w.wrist) * 0.5, w.wrist * 1.25];
  return `${smooth([
    at(-w.arm * 0.55, w.arm * 0.35),
    at(0, w.arm * 0.95),
    at(arm * 0.25, w.arm),
    at(arm * 0.52, elbow),
    at(arm * 0.68, elbow),
    at(arm, w.wrist),
    at(arm + palm * 1.6, palm),
    at(arm + palm * 3.6, palm * 0.6),
    at(arm + palm * 3.7, -palm * 0.3),
    at(arm + palm * 1.6, -palm),
    at(arm, -w.wrist),
    at(arm * 0.65, -elbow),
    at(arm * 0.25, -w.arm),
    at(w.arm, -w.arm * 0.9),
  ])}Z`;
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
