import {
  bodyLevels,
  figureOf,
  formatLength,
  formatQuantity,
  girthAt,
  hang,
  type GarmentView,
  type Hanging,
  type PassedPlace,
  type Plan,
  type Units,
} from '@arcus/core';
import { useUnits } from '../settings/units.tsx';
import { Board, NARROW } from './board.tsx';
import { GarmentShape } from './garment-shape.tsx';
import { Rulers } from './rulers.tsx';
import { halfAt, partOf, reachOf } from './part-paths.ts';
import { hemRingPath } from './skirt-paths.ts';
import type { View } from './view.ts';

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
  const worn = garment.hangsFrom === 'shoulder';
  const widest = Math.max(reachOf({ garment, hanging, figure }), figure.halfWidths.shoulder);
  const ring = hanging.hem.radius + hanging.hem.wave;
  const lowest = waist - hem.drop - (garment.corners ?? 0) - 20;
  // what hangs from the shoulders is seen from behind too; of a skirt the hem is seen from below
  const beside = worn ? 2 * widest + 60 : 110 + 2 * ring;
  const frame = {
    minX: -widest - 60,
    maxX: widest + beside,
    minY: Math.min(-10, lowest),
    maxY: worn ? figure.heights.crown + 10 : Math.max(figure.heights.shoulder + 60, waist + 120),
  };
  const sweep = formatQuantity(hanging.hem.sweep, 'mm', units);
  const top = garment.levels[0]!.drop;
  // where it begins: at the neck, or at its top edge
  const reaches = Math.min(top, -(shoulderTop(garment) ?? -top));
  const long = formatLength(worn ? hem.drop - reaches : hem.drop, units);
  const words = worn
    ? `${plan.construction.name} from the front and from behind: ${long} long, ${sweep} round the hem.`
    : `${plan.construction.name} from the front: ${long} long below the band, ${sweep} round the hem, about ${hanging.folds} folds.`;
  const shape = { garment, hanging, figure, colour, cloth: plan.cloth };
  return (
    <Board frame={frame} describe={words} margins={{ left: 60, top: 46, right: 24, bottom: 30 }}>
      {(view, { width }) => {
        const cx = widest + 70 + ring;
        const cy = Math.max(waist - hem.drop * 0.5, ring + 20);
        const behind = { ...view, x: (mm: number) => view.x(mm + 2 * widest + 40) };
        return (
          <>
            <line
              x1={view.x(frame.minX)}
              x2={view.x(worn ? frame.maxX : widest + 40)}
              y1={view.y(0)}
              y2={view.y(0)}
              stroke="#5d7489"
              strokeDasharray="2 6"
            />
            <GarmentShape {...shape} view={view} headless={!worn} />
            {worn ? (
              <>
                <GarmentShape {...shape} view={behind} side="back" />
                <text x={behind.x(0)} y={view.y(frame.minY) + 20} textAnchor="middle" fontSize="15" opacity="0.85">
                  from behind
                </text>
              </>
            ) : (
              <HemFromBelow
                path={hemRingPath(hanging, cx, cy, view)}
                x={view.x(cx)}
                top={view.y(cy + ring) - 32}
                bottom={view.y(cy - ring) + 24}
                sweep={sweep}
                hanging={hanging}
                colour={colour}
              />
            )}
            <Rulers
              view={view}
              units={units}
              {...(worn ? {} : { x: { from: -hem.half, to: hem.half } })}
              y={{ from: waist - hem.drop, to: waist - (worn ? reaches : 0), down: true, ...(worn ? { at: -widest - 30 } : {}) }}
            />
            <WayIn
              places={plan.wayIn}
              view={view}
              waist={waist}
              hanging={hanging}
              units={units}
              x={Math.max(6, view.x(frame.minX) - 50)}
              narrow={width < NARROW}
              y={view.y(frame.maxY) - 26}
            />
            <text x={view.x(0)} y={view.y(frame.minY) + 20} textAnchor="middle" fontSize="15" opacity="0.85">
              {worn ? (width < NARROW ? 'from the front' : `from the front, on ${name}’s proportions`) : `on ${name}’s proportions`}
            </text>
          </>
        );
      }}
    </Board>
  );
}

const STANDS = { ok: '#9fd0a8', tight: '#f2c84b', caution: '#f2c84b', stop: '#ff8a75' } as const;

const PASSES = { ok: 'passes', tight: 'tight', caution: 'tight', stop: 'does not pass' } as const;

/** Where one goes in, place by place: a ring on the figure and what opens for what. */
function WayIn({
  places,
  view,
  waist,
  hanging,
  units,
  x,
  y,
  narrow,
}: {
  places: readonly PassedPlace[];
  view: View;
  waist: number;
  hanging: Hanging;
  units: Units;
  x: number;
  y: number;
  narrow: boolean;
}) {
  return (
    <g>
      {places.map(({ what, body, drop, opens, girth, verdict }, i) => {
        const [half, at] = [halfAt(hanging, drop) * view.scale + 7, view.y(waist - drop)];
        const at0 = view.x(0);
        return (
          <g key={`${what} ${body}`}>
            {i === 0 || places[i - 1]!.drop !== drop ? (
              <path
                d={`M${at0 - half} ${at}a${half} ${half * 0.2} 0 1 0 ${2 * half} 0a${half} ${half * 0.2} 0 1 0 ${-2 * half} 0`}
                fill="none"
                stroke={STANDS[verdict]}
                strokeWidth="2.5"
                strokeDasharray="3 5"
              />
            ) : null}
            <circle cx={x + 6} cy={y + 22 * i - 5} r="5" fill={STANDS[verdict]} />
            <text x={x + 18} y={y + 22 * i} fontSize={narrow ? 13 : 14}>
              {narrow
                ? `${body} ${formatLength(girth, units)}, opens to ${formatLength(opens, units)}: ${PASSES[verdict]}`
                : `${what} opens to ${formatLength(opens, units)}, ${body} ${formatLength(girth, units)}: ${PASSES[verdict]}`}
            </text>
          </g>
        );
      })}
    </g>
  );
}

/** Height of the side of the neck above the waist, mm, where the garment reaches it. */
const shoulderTop = (garment: GarmentView): number | undefined => partOf(garment, 'shoulders', 'front')?.top;

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
