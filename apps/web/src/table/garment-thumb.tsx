import { figureOf, halfWidth, hang, type Plan } from '@arcus/core';
import { skirtPaths } from './skirt-paths.ts';
import { figurePath } from './figure-path.ts';
import { viewOf } from './view.ts';

const SIZE = { width: 150, height: 170 };

/** A garment's front view in small, for choosing by eye. */
export function GarmentThumb({ plan, colour }: { plan: Plan; colour: string }) {
  const garment = plan.view;
  if (!garment) return null;
  const figure = figureOf(plan.body);
  const hip = plan.body['hip-girth'] ?? 1000;
  const hanging = hang(garment, plan.cloth, (drop) => (drop < 60 ? 0 : hip * (drop > 350 ? 0.7 : 0.98)));
  const widest = Math.max(halfWidth(hip), ...hanging.levels.map((level) => level.half));
  const hem = hanging.levels[hanging.levels.length - 1]!.drop;
  const waist = figure.heights.waist;
  const view = viewOf(
    { minX: -widest, maxX: widest, minY: waist - Math.max(hem + (garment.corners ?? 0), 500) - 60, maxY: waist + 220 },
    SIZE.width,
    SIZE.height,
    {
      left: 6,
      right: 6,
      top: 6,
      bottom: 6,
    },
  );
  const { outline, folds, seams, band } = skirtPaths(garment, hanging, waist, view);
  return (
    <svg {...SIZE} viewBox={`0 0 ${SIZE.width} ${SIZE.height}`} aria-hidden="true" className="thumb">
      <path d={figurePath(figure, view)} fill="#20374d" stroke="#5d7489" strokeWidth="1" />
      <path d={outline} fill={colour} stroke="#fff" strokeWidth="1.6" />
      {folds.map((d, i) => (
        <path key={i} d={d} fill="none" stroke={i % 2 ? 'rgb(0 0 0 / 22%)' : 'rgb(255 255 255 / 26%)'} strokeWidth="1" />
      ))}
      {seams.map((d, i) => (
        <path key={i} d={d} fill="none" stroke="#fff" strokeWidth="0.9" strokeDasharray="4 3" />
      ))}
      <path d={band} fill={colour} stroke="#fff" strokeWidth="1.2" />
    </svg>
  );
}
