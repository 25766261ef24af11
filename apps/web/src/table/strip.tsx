import type { View } from './view.ts';

interface Props {
  view: View;
  /** mm; the width with its selvedges. */
  length: number;
  width: number;
  selvedge: number;
  print: string;
  oneWay: boolean;
  /** The near edge is a fold, not a selvedge. */
  folded?: boolean;
  /** Where it begins along the table, mm. */
  from?: number;
}

/** A stretch of cloth along the table: twill, selvedges or fold, and which way the print or the nap runs. */
export function Strip({ view, length, width, selvedge, print, oneWay, folded = false, from = 0 }: Props) {
  const bottom = folded ? 0 : -selvedge;
  const [x, y, w, h] = [view.x(from), view.y(bottom + width), length * view.scale, width * view.scale];
  const edge = Math.max(2, selvedge * view.scale);
  return (
    <g>
      <rect x={x} y={y} width={w} height={h} fill="url(#twill)" stroke="#3c566d" />
      <rect x={x} y={y} width={w} height={edge} fill="#4a647b" />
      {folded ? (
        <line x1={x} x2={x + w} y1={y + h} y2={y + h} stroke="#fff" strokeWidth="2.5" strokeDasharray="14 4 3 4" />
      ) : (
        <rect x={x} y={y + h - edge} width={w} height={edge} fill="#4a647b" />
      )}
      {print === 'up' && arrows(x, y, w, h, oneWay ? 'M0 0h26m-7-5l7 5l-7 5' : 'M0 0h26m-7-5l7 5l-7 5M7-5l-7 5l7 5')}
      {print === 'across' && arrows(x, y, w, h, oneWay ? 'M0 13v-26m-5 7l5-7l5 7' : 'M0 13v-26m-5 7l5-7l5 7M-5 6l5 7l5-7')}
      {print === 'none' && oneWay && arrows(x, y, w, h, 'M0 0h26m-7-5l7 5l-7 5')}
    </g>
  );
}

function arrows(x: number, y: number, w: number, h: number, d: string) {
  const marks = [];
  for (let i = 0.5; i < w / 120; i++)
    for (let k = 0.5; k < h / 90; k++)
      marks.push(
        <path key={`${i}-${k}`} d={d} transform={`translate(${x + i * 120} ${y + k * 90})`} fill="none" stroke="#53708a" strokeWidth="1.5" />,
      );
  return <g>{marks}</g>;
}
