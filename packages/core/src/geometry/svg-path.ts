import { sweepOf, type Edge } from './edge.ts';
import { polar, type Point } from './point.ts';

const n = (value: number) => String(Number(value.toFixed(3)));
const at = ([x, y]: Point) => `${n(x)} ${n(y)}`;

/** An outline as an SVG path with true arcs, in millimetres, y upwards as in the piece. */
export function svgPath(outline: readonly Edge[]): string {
  const first = outline[0];
  if (!first) return '';
  const parts = [`M${at(first.from)}`];
  for (const edge of outline) {
    if (!edge.arc) {
      parts.push(`L${at(edge.to)}`);
      continue;
    }
    const { start, sweep, radius } = sweepOf(edge);
    const turn = sweep > 0 ? 1 : 0;
    const large = Math.abs(sweep) > Math.PI ? 1 : 0;
    // a full turn has no direction for SVG: draw it in two halves
    if (Math.abs(sweep) > 1.999 * Math.PI) {
      parts.push(`A${n(radius)} ${n(radius)} 0 0 ${turn} ${at(polar(edge.arc.centre, radius, start + sweep / 2))}`);
      parts.push(`A${n(radius)} ${n(radius)} 0 0 ${turn} ${at(edge.to)}`);
    } else parts.push(`A${n(radius)} ${n(radius)} 0 ${large} ${turn} ${at(edge.to)}`);
  }
  return `${parts.join(' ')} Z`;
}
