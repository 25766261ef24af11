import { sweepOf, type Edge, type Point } from '@arcus/core';

/** A window on the table: which millimetres are shown where, in pixels. y runs up on the cloth and down on the screen. */
export interface View {
  /** Pixels a millimetre. */
  scale: number;
  x(mm: number): number;
  y(mm: number): number;
}

export interface Frame {
  minX: number;
  maxX: number;
  minY: number;
  maxY: number;
}

export interface Margins {
  left: number;
  top: number;
  right: number;
  bottom: number;
}

/** The largest scale at which a frame (mm) fits a drawing of this size (px) within its margins, centred where there is room. */
export function viewOf(frame: Frame, width: number, height: number, margins: Margins): View {
  const [w, h] = [Math.max(1, frame.maxX - frame.minX), Math.max(1, frame.maxY - frame.minY)];
  const scale = Math.max(0.01, Math.min((width - margins.left - margins.right) / w, (height - margins.top - margins.bottom) / h));
  const left = margins.left + Math.max(0, (width - margins.left - margins.right - w * scale) / 2);
  const top = margins.top + Math.max(0, (height - margins.top - margins.bottom - h * scale) / 2);
  return { scale, x: (mm) => left + (mm - frame.minX) * scale, y: (mm) => top + (frame.maxY - mm) * scale };
}

const n = (value: number) => value.toFixed(2);

/** An outline with true arcs as a screen path. */
export function pathOf(outline: readonly Edge[], view: View, close = true): string {
  const first = outline[0];
  if (!first) return '';
  const at = ([x, y]: Point) => `${n(view.x(x))} ${n(view.y(y))}`;
  let path = `M${at(first.from)}`;
  for (const edge of outline) path += segment(edge, view, at);
  return close ? `${path}Z` : path;
}

function segment(edge: Edge, view: View, at: (point: Point) => string): string {
  if (!edge.arc) return `L${at(edge.to)}`;
  const { sweep, radius } = sweepOf(edge);
  const r = n(radius * view.scale);
  // the screen's y runs the other way, and so does the sweep
  return `A${r} ${r} 0 ${Math.abs(sweep) > Math.PI ? 1 : 0} ${sweep > 0 ? 0 : 1} ${at(edge.to)}`;
}

/** Round figures for a ruler: the labelled step and the small one, mm. */
export function rulerSteps(scale: number, units: 'cm' | 'in'): { label: number; tick: number; unit: number } {
  const unit = units === 'cm' ? 10 : 25.4;
  const wide = [1, 2, 5, 10, 20, 50, 100, 200].map((each) => each * unit).find((step) => step * scale >= 46) ?? 200 * unit;
  const fine = [1, 2, 5, 10, 20, 50].map((each) => each * unit).find((step) => step * scale >= 6) ?? wide;
  return { label: wide, tick: Math.min(fine, wide), unit };
}
