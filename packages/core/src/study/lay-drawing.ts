import { boundsOfPoints } from '../geometry/bounds.ts';
import { centroid } from '../geometry/centroid.ts';
import { flatten } from '../geometry/flatten.ts';
import { turned, type Point } from '../geometry/point.ts';
import type { PlanLay } from '../plan/plan-lay.ts';
import type { Plan } from '../plan/plan.ts';
import { formatCloth, formatLength } from '../units/format.ts';

/** Margin round the drawing, mm of cloth. */
const MARGIN = 60;
/** Letters, mm of cloth. */
const LETTERS = 32;

const escaped = (text: string) => text.replace(/[&<>"]/g, (sign) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[sign]!);
const path = (ring: readonly Point[]) => `M${ring.map(([x, y]) => `${x.toFixed(2)} ${y.toFixed(2)}`).join('L')}Z`;

/**
 * A lay as a drawing of its own, black on white, one user unit a millimetre of cloth and true to size: the strip with its selvedges, cut
 * lines solid, seam lines dashed, a name on every piece. SVG 1.1.
 */
export function laySvg(plan: Plan, lay: PlanLay, title: string): string {
  const { usableWidth, length, placements } = lay;
  const pieces = new Map(plan.pieces.map((piece) => [piece.id, piece]));
  const parts = placements.map(({ piece: id, turn, x, y }) => {
    const piece = pieces.get(id)!;
    const place = (ring: readonly Point[]) =>
      ring.map((point): Point => {
        const [px, py] = turned(point, turn);
        return [px + x, length - py - y];
      });
    const cut = [piece.cut, ...piece.cutHoles].map((outline) => place(flatten(outline)));
    const seam = [piece.seam, ...piece.seamHoles].map((outline) => place(flatten(outline)));
    const [cx, cy] = centroid(cut[0]!);
    const { width, height } = boundsOfPoints(cut[0]!);
    const upright = height > width && width < piece.name.length * LETTERS * 0.6;
    return `<path d="${cut.map(path).join(' ')}" fill="#fff" fill-rule="evenodd" stroke="#000" stroke-width="3"/><path d="${seam.map(path).join(' ')}" fill="none" stroke="#000" stroke-width="1.5" stroke-dasharray="12 9"/><text transform="translate(${cx.toFixed(1)} ${cy.toFixed(1)})${upright ? ' rotate(-90)' : ''}" text-anchor="middle">${escaped(piece.name)}</text>`;
  });
  const [w, h] = [usableWidth + 2 * MARGIN, length + 2 * MARGIN + 2 * LETTERS];
  const says = `${title}: ${formatLength(usableWidth, plan.units, 'down')} between the selvedges, ${formatCloth(length, plan.units)} long`;
  return `<?xml version="1.0" encoding="UTF-8"?>
<svg xmlns="http://www.w3.org/2000/svg" width="${w.toFixed(1)}mm" height="${h.toFixed(1)}mm" viewBox="${-MARGIN} ${-MARGIN - 2 * LETTERS} ${w.toFixed(1)} ${h.toFixed(1)}" font-family="sans-serif" font-size="${LETTERS}">
<title>${escaped(says)}</title>
<text x="0" y="${-LETTERS}">${escaped(says)}</text>
<rect x="0" y="0" width="${usableWidth.toFixed(1)}" height="${length.toFixed(1)}" fill="#f4f4f4" stroke="#000" stroke-width="1"/>
${parts.join('\n')}
</svg>
`;
}
