import type { Units } from '@arcus/core';
import { rulerSteps, type View } from './view.ts';

interface Props {
  view: View;
  units: Units;
  /** Where zero lies and how far to count, mm. */
  x?: { from: number; to: number };
  /** Along the left edge, or at `at` where nothing runs along the top; `down` counts away from the top, or from `zero` where what is measured begins elsewhere. */
  y: { from: number; to: number; down?: boolean; zero?: number; at?: number };
}

/** Tape along the top and the left edge of what is drawn. */
export function Rulers({ view, units, x, y }: Props) {
  const { label, tick, unit } = rulerSteps(view.scale, units);
  const top = Math.min(view.y(y.from), view.y(y.to)) - 8;
  const left = x ? Math.min(view.x(x.from), view.x(x.to)) - 8 : view.x(y.at ?? 0);
  const count = (length: number) => Array.from({ length: Math.floor(length / tick + 1e-6) + 1 }, (_, i) => i * tick);
  const isLabelled = (mm: number) => Math.abs(mm / label - Math.round(mm / label)) < 1e-6;
  const startY = y.zero ?? (y.down ? y.to : y.from);
  const reach = y.down ? startY - y.from : y.to - startY;
  const sign = y.down ? -1 : 1;
  return (
    <g className="tick" stroke="#e9c46a" strokeWidth="1" fontSize="13" aria-hidden="true">
      {count(x ? x.to - x.from : -1).map((mm) => {
        const px = view.x(x!.from + mm);
        return (
          <g key={mm}>
            <line x1={px} x2={px} y1={top} y2={top - (isLabelled(mm) ? 10 : 5)} />
            {isLabelled(mm) && mm > 0 && (
              <text x={px} y={top - 15} textAnchor="middle" stroke="none">
                {Math.round(mm / unit)}
              </text>
            )}
          </g>
        );
      })}
      {count(reach).map((mm) => {
        const py = view.y(startY + sign * mm);
        return (
          <g key={mm}>
            <line x1={left} x2={left - (isLabelled(mm) ? 10 : 5)} y1={py} y2={py} />
            {isLabelled(mm) && (mm > 0 || y.zero !== undefined) && (
              <text x={left - 14} y={py + 4.5} textAnchor="end" stroke="none">
                {Math.round(mm / unit)}
              </text>
            )}
          </g>
        );
      })}
    </g>
  );
}
