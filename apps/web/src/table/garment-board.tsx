import { bodyLevels, figureOf, formatLength, formatQuantity, girthAt, hang, type GarmentView, type Hanging, type Plan } from '@arcus/core';
import { useUnits } from '../settings/units.tsx';
import { Board } from './board.tsx';
import { GarmentShape } from './garment-shape.tsx';
import { Rulers } from './rulers.tsx';
import { hemRingPath } from './skirt-paths.ts';

interface Props {
  plan: Plan;
  view: GarmentView;
  colour: string;
  name: string;
}

/** Front view of a garment drawn from its numbers on the person's proportions, with the hem seen from below beside it. */
export function GarmentBoard({ plan, view: garment, colour, name }: Props) {
  const { units } = useUnits();
  const figure = figureOf(plan.body);
  const body = bodyLevels(plan.body);
  const hanging = hang(garment, plan.cloth, (drop) => girthAt(body, drop));
  const hem = hanging.levels[hanging.levels.length - 1]!;
  const waist = figure.heights.waist;
  const widest = Math.max(...hanging.levels.map((level) => level.half), figure.halfWidths.shoulder);
  const ring = hanging.hem.radius + hanging.hem.wave;
  const frame = {
    minX: -widest - 60,
    maxX: widest + 110 + 2 * ring,
    minY: Math.min(-10, waist - hem.drop - (garment.corners ?? 0) - 20),
    maxY: Math.max(figure.heights.shoulder + 60, waist + 120),
  };
  const sweep = formatQuantity(hanging.hem.sweep, 'mm', units);
  const long = formatLength(hem.drop, units);
  const words = `${plan.construction.name} from the front: ${long} long below the band, ${sweep} round the hem, about ${hanging.folds} folds.`;
  return (
    <Board frame={frame} describe={words} margins={{ left: 60, top: 46, right: 24, bottom: 30 }}>
      {(view) => {
        const cx = widest + 70 + ring;
        const cy = Math.max(waist - hem.drop * 0.5, ring + 20);
        return (
          <>
            <line x1={view.x(frame.minX)} x2={view.x(widest + 40)} y1={view.y(0)} y2={view.y(0)} stroke="#5d7489" strokeDasharray="2 6" />
            <GarmentShape {...{ garment, hanging, figure, colour, view }} cloth={plan.cloth} headless />
            <Rulers view={view} units={units} x={{ from: -hem.half, to: hem.half }} y={{ from: waist - hem.drop, to: waist, down: true }} />
            <HemFromBelow
              path={hemRingPath(hanging, cx, cy, view)}
              x={view.x(cx)}
              top={view.y(cy + ring) - 32}
              bottom={view.y(cy - ring) + 24}
              sweep={sweep}
              hanging={hanging}
              colour={colour}
            />
            <text x={view.x(0)} y={view.y(frame.minY) + 20} textAnchor="middle" fontSize="15" opacity="0.85">
              on {name}&apos;s proportions
            </text>
          </>
        );
      }}
    </Board>
  );
}

function HemFromBelow({
  path,
  x,
  top,
  bottom,
  sweep,
  hanging,
  colour,
}: {
  path: { ring: string; waist: string };
  x: number;
  top: number;
  bottom: number;
  sweep: string;
  hanging: Hanging;
  colour: string;
}) {
  return (
    <g>
      <path d={path.ring} fill={colour} fillOpacity="0.35" stroke="#fff" strokeWidth="2" />
      <path d={path.waist} fill="#182838" stroke="#fff" strokeWidth="1.5" strokeDasharray="5 4" />
      <text x={x} y={top} textAnchor="middle" fontSize="15">
        the hem from below
      </text>
      <text x={x} y={bottom} textAnchor="middle" fontSize="17" fontWeight="700">
        {sweep} round
      </text>
      <text x={x} y={bottom + 20} textAnchor="middle" fontSize="14" opacity="0.8">
        about {hanging.folds} folds
      </text>
    </g>
  );
}
