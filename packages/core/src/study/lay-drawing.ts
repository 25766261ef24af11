import { centroid } from '../geometry/centroid.ts';
import { boundsOfPoints } from '../geometry/bounds.ts';
import type { Point } from '../geometry/point.ts';
import type { PlanLay } from '../plan/plan-lay.ts';
import type { Plan } from '../plan/plan.ts';
import { formatCloth, formatLength } from '../units/format.ts';
import { INCH } from '../units/units.ts';
import { layPlaces, type LayPlace } from './lay-places.ts';

/** Margin round the drawing, mm of cloth: the rulers stand in it. */
const MARGIN = 130;
/** Letters, mm of cloth. */
const LETTERS = 32;

const escaped = (text: string) => text.replace(/[&<>"]/g, (sign) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[sign]!);
const n = (value: number) => value.toFixed(2);
const path = (ring: readonly Point[]) => `M${ring.map(([x, y]) => `${n(x)} ${n(y)}`).join('L')}Z`;

/**
 * A lay as a drawing of its own, black on white, one user unit a millimetre of cloth and true to size; it lies as on the table: the length
 * from left to right, the near selvedge below. Cut lines solid, seam lines dashed, a number, a name and the grain on every piece, rulers
 * along both edges. SVG 1.1.
 *
 *     0   20   40 …
 *     ┌──────────────┐
 *     │ 1 ◄─►  2 ◄─► │
 *     └──────────────┘
 */
export function laySvg(plan: Pick<Plan, 'pieces' | 'units'>, lay: Pick<PlanLay, 'usableWidth' | 'length' | 'placements'>, title: string): string {
  const { usableWidth, length } = lay;
  const down = (rings: Point[][]) => rings.map((ring) => ring.map(([x, y]): Point => [x, usableWidth - y]));
  const parts = layPlaces(plan.pieces, lay).map((place) => laidPiece({ ...place, cut: down(place.cut), seam: down(place.seam) }));
  const [w, h] = [length + 2 * MARGIN, usableWidth + 2 * MARGIN + 2 * LETTERS];
  const says = `${title}: ${formatLength(usableWidth, plan.units, 'down')} between the selvedges, ${formatCloth(length, plan.units)} long`;
  return `<?xml version="1.0" encoding="UTF-8"?>
<svg xmlns="http://www.w3.org/2000/svg" width="${w.toFixed(1)}mm" height="${h.toFixed(1)}mm" viewBox="${-MARGIN} ${-MARGIN - 2 * LETTERS} ${w.toFixed(1)} ${h.toFixed(1)}" font-family="sans-serif" font-size="${LETTERS}">
<title>${escaped(says)}</title>
<text x="0" y="${-MARGIN}">${escaped(says)}</text>
<rect x="0" y="0" width="${length.toFixed(1)}" height="${usableWidth.toFixed(1)}" fill="#f4f4f4" stroke="#000" stroke-width="1"/>
${ruler(length, plan, 'along')}
${ruler(usableWidth, plan, 'across')}
${parts.join('\n')}
</svg>
`;
}

function laidPiece({ number, piece, turn, cut, seam }: LayPlace): string {
  const [cx, cy] = centroid(cut[0]!);
  const { width, height } = boundsOfPoints(cut[0]!);
  const name = `${number} ${piece.name}`;
  const upright = height > width && width < name.length * LETTERS * 0.6;
  // the arrow points to the top of the garment, along the grain
  const arrow = turn === 0 ? 'M-60 0H60m-18 -12l18 12l-18 12' : 'M60 0H-60m18 -12l-18 12l18 12';
  const grain =
    piece.grain === 'along' && (turn === 0 || turn === 180) && width > 200
      ? `<path d="${arrow}" transform="translate(${n(cx)} ${n(cy + LETTERS)})" fill="none" stroke="#000" stroke-width="2"/>`
      : '';
  return `<path d="${cut.map(path).join(' ')}" fill="#fff" fill-rule="evenodd" stroke="#000" stroke-width="3"/><path d="${seam.map(path).join(' ')}" fill="none" stroke="#000" stroke-width="1.5" stroke-dasharray="12 9"/>${grain}<text transform="translate(${n(cx)} ${n(cy)})${upright ? ' rotate(-90)' : ''}" text-anchor="middle">${escaped(name)}</text>`;
}

/** A tape along one edge of the strip, in the person's units. */
function ruler(long: number, { units }: Pick<Plan, 'units'>, way: 'along' | 'across'): string {
  const step = units === 'cm' ? 100 : 4 * INCH;
  const unit = units === 'cm' ? 10 : INCH;
  const ticks = Array.from({ length: Math.floor(long / step + 1e-6) + 1 }, (_, i) => {
    const at = n(i * step);
    const says = Math.round((i * step) / unit);
    return way === 'along'
      ? `<path d="M${at} 0V-20" stroke="#000" stroke-width="1.5"/><text x="${at}" y="-30" text-anchor="middle">${says}</text>`
      : `<path d="M0 ${n(long - i * step)}H-20" stroke="#000" stroke-width="1.5"/><text x="-28" y="${n(long - i * step + LETTERS / 3)}" text-anchor="end">${says}</text>`;
  });
  return `<g>${ticks.join('')}</g>`;
}
