import { boundsOfPoints, centroid, flatten, turned, type Edge, type Piece, type Plan, type Point } from '@arcus/core';
import { useUnits } from '../settings/units.tsx';
import { Board } from './board.tsx';
import { Rulers } from './rulers.tsx';
import { pathOf, type View } from './view.ts';

/** An outline turned and moved to where it lies. */
function placed(outline: readonly Edge[], turn: number, x: number, y: number): Edge[] {
  const move = (point: Point): Point => {
    const [px, py] = turned(point, turn);
    return [px + x, py + y];
  };
  return outline.map((edge) => ({
    ...edge,
    from: move(edge.from),
    to: move(edge.to),
    arc: edge.arc && { ...edge.arc, centre: move(edge.arc.centre) },
  }));
}

/** The strip of cloth as it lies on the table, to scale, with every piece on it. */
export function LayBoard({ plan, colour, laying }: { plan: Plan; colour: string; laying: boolean }) {
  const { units } = useUnits();
  const { lay, cloth } = plan;
  const selvedge = (cloth.width - lay.usableWidth) / 2;
  const length = Math.max(lay.buy * (cloth.prewashed ? 1 : 1 - cloth.shrinkAlong), lay.length);
  // the strip lies along the table, its length from left to right, so x and y change places on the screen
  const frame = { minX: 0, maxX: length, minY: -selvedge, maxY: lay.usableWidth + selvedge };
  const say = (mm: number) => `${(mm / (units === 'cm' ? 10 : 25.4)).toFixed(0)} ${units}`;
  const words = `The cloth, ${say(cloth.width)} wide; ${lay.placements.length} pieces take ${say(lay.length)} of its length. ${lay.placements.map(({ piece, turn }) => `${piece}${turn ? ` turned ${turn}°` : ''}`).join(', ')}.`;
  return (
    <Board frame={frame} describe={words} margins={{ left: 62, top: 58, right: 34, bottom: 44 }}>
      {(view) => (
        <>
          <Strip view={view} length={length} width={cloth.width} selvedge={selvedge} print={cloth.print} oneWay={cloth.oneWay} />
          <Rulers view={view} units={units} x={{ from: 0, to: length }} y={{ from: -selvedge, to: lay.usableWidth + selvedge, down: true }} />
          {lay.placements.map((placement) => {
            const piece = plan.pieces.find((each) => each.id === placement.piece)!;
            return (
              <LaidPiece
                key={`${placement.piece}-${placement.copy}`}
                piece={piece}
                turn={placement.turn}
                x={placement.x}
                y={placement.y}
                view={view}
                colour={colour}
              />
            );
          })}
          <line
            x1={view.x(lay.length)}
            x2={view.x(lay.length)}
            y1={view.y(frame.maxY)}
            y2={view.y(frame.minY)}
            stroke="#e9c46a"
            strokeWidth="1.5"
            strokeDasharray="2 5"
          />
          <text className="tape" x={view.x(0)} y={view.y(frame.minY) + 26} fontSize="15">
            {laying
              ? 'laying closer…'
              : `${lay.fold === 'in-four' ? 'laid open here; fold in four to chalk. ' : 'open, in one layer. '}Length runs along the table.`}
          </text>
        </>
      )}
    </Board>
  );
}

function Strip({
  view,
  length,
  width,
  selvedge,
  print,
  oneWay,
}: {
  view: View;
  length: number;
  width: number;
  selvedge: number;
  print: string;
  oneWay: boolean;
}) {
  const [x, y, w, h] = [view.x(0), view.y(width - selvedge), length * view.scale, width * view.scale];
  const edge = Math.max(2, selvedge * view.scale);
  return (
    <g>
      <rect x={x} y={y} width={w} height={h} fill="url(#twill)" stroke="#3c566d" />
      <rect x={x} y={y} width={w} height={edge} fill="#4a647b" />
      <rect x={x} y={y + h - edge} width={w} height={edge} fill="#4a647b" />
      {print === 'up' && arrows(x, y, w, h, oneWay ? 'M0 0h26m-7-5l7 5l-7 5' : 'M0 0h26m-7-5l7 5l-7 5M7-5l-7 5l7 5')}
      {print === 'across' && arrows(x, y, w, h, oneWay ? 'M0 13v-26m-5 7l5-7l5 7' : 'M0 13v-26m-5 7l5-7l5 7M-5 6l5 7l5-7')}
      {print === 'none' && oneWay && arrows(x, y, w, h, 'M0 0h26m-7-5l7 5l-7 5')}
    </g>
  );
}

function arrows(x: number, y: number, w: number, h: number, d: string) {
  const marks = [];
  for (let i = 0.5; i < w / 120; i++)
    for (let k = 0.5; k < h / 90; k++)
      marks.push(
        <path key={`${i}-${k}`} d={d} transform={`translate(${x + i * 120} ${y + k * 90})`} fill="none" stroke="#53708a" strokeWidth="1.5" />,
      );
  return <g>{marks}</g>;
}

/** Lying along the table: what is y on the cloth runs to the right, x runs up from the near selvedge. */
const alongTable = (edges: readonly Edge[]): Edge[] =>
  edges.map((edge) => ({
    ...edge,
    from: [edge.from[1], edge.from[0]],
    to: [edge.to[1], edge.to[0]],
    arc: edge.arc && { centre: [edge.arc.centre[1], edge.arc.centre[0]], ccw: !edge.arc.ccw },
  }));

function LaidPiece({ piece, turn, x, y, view, colour }: { piece: Piece; turn: number; x: number; y: number; view: View; colour: string }) {
  const draw = (outline: readonly Edge[]) => pathOf(alongTable(placed(outline, turn, x, y)), view);
  const cut = [piece.cut, ...piece.cutHoles].map(draw).join(' ');
  const seam = [piece.seam, ...piece.seamHoles].map(draw).join(' ');
  const ring = flatten(alongTable(placed(piece.cut, turn, x, y)), 5);
  const middle = centroid(ring);
  const { width, height } = boundsOfPoints(ring);
  // a ring's centre is its hole
  const hole = piece.cutHoles.length > 0 ? height * 0.3 : 0;
  const small = Math.min(width, height) * view.scale < 18;
  const upright = width * view.scale < piece.name.length * 8.5 && height > width;
  return (
    <g>
      <path d={cut} fill={colour} fillRule="evenodd" stroke="#fff" strokeWidth="2" />
      <path d={seam} fill="none" stroke="rgb(255 255 255 / 80%)" strokeWidth="1.2" strokeDasharray="6 5" />
      <text
        transform={`translate(${view.x(middle[0])} ${view.y(middle[1] + hole)}) rotate(${upright ? -90 : 0})`}
        dy="5"
        textAnchor="middle"
        fontSize={small ? 13 : 15}
        fontWeight="650"
        style={{ paintOrder: 'stroke', stroke: 'rgb(24 40 56 / 75%)', strokeWidth: 4 }}
      >
        {piece.name}
      </text>
    </g>
  );
}
