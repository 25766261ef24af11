import { bodyLevels, figureOf, girthAt, halfWidth, hang, type Plan } from '@arcus/core';
import { GarmentShape } from './garment-shape.tsx';
import { reachOf } from './part-paths.ts';
import { viewOf } from './view.ts';

const SIZE = { width: 150, height: 170 };

/** A garment's front view in small, for choosing by eye. */
export function GarmentThumb({ plan, colour }: { plan: Plan; colour: string }) {
  const garment = plan.view;
  if (!garment) return null;
  const figure = figureOf(plan.body);
  const hip = plan.body['hip-girth'] ?? 1000;
  const body = bodyLevels(plan.body);
  const hanging = hang(garment, plan.cloth, (drop) => girthAt(body, drop));
  const worn = garment.hangsFrom === 'shoulder';
  const widest = worn ? reachOf({ garment, hanging, figure }) : Math.max(halfWidth(hip), ...hanging.levels.map((level) => level.half));
  const hem = hanging.levels[hanging.levels.length - 1]!.drop;
  const waist = figure.heights.waist;
  const view = viewOf(
    {
      minX: -widest,
      maxX: widest,
      minY: waist - Math.max(hem + (garment.corners ?? 0), 500) - 60,
      maxY: worn ? figure.heights.crown + 10 : waist + 220,
    },
    SIZE.width,
    SIZE.height,
    {
      left: 6,
      right: 6,
      top: 6,
      bottom: 6,
    },
  );
  return (
    <svg {...SIZE} viewBox={`0 0 ${SIZE.width} ${SIZE.height}`} aria-hidden="true" className="thumb">
      <GarmentShape {...{ garment, hanging, figure, colour, view }} cloth={plan.cloth} fine={0.6} />
    </svg>
  );
}
