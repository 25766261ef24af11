import { figureOf, type Body } from '@arcus/core';
import { armOf, ARMS_HANG, figurePath } from './figure-path.ts';
import { viewOf } from './view.ts';

const SIZE = { width: 92, height: 190 };

/** A person in small, drawn from the measures; all at one scale, so that a child is small beside a grown-up. */
export function PersonThumb({ body }: { body: Body }) {
  const figure = figureOf(body);
  const wide = armOf(figure, ARMS_HANG).wrist[0] + 60;
  const tallest = Math.max(1750, figure.heights.crown);
  const view = viewOf({ minX: -wide, maxX: wide, minY: 0, maxY: tallest }, SIZE.width, SIZE.height, { left: 4, right: 4, top: 8, bottom: 8 });
  return (
    <svg {...SIZE} viewBox={`0 0 ${SIZE.width} ${SIZE.height}`} aria-hidden="true" className="thumb person-thumb">
      <path d={figurePath(figure, view)} fill="#33516b" stroke="#fff" strokeWidth="1.4" />
    </svg>
  );
}
