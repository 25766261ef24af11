import { Lock } from 'lucide-react';
import { memo, type KeyboardEvent, type PointerEvent } from 'react';
import { boundsOfPoints, centroid, flatten, type Piece, type Placement } from '@arcus/core';
import { alongTable, placed } from './placed.ts';
import { pathOf, type View } from './view.ts';

/** A letter of a name, and the lock beside it, px. */
const LETTER = 8.2;
const LOCK = 16;

interface Props {
  piece: Piece;
  placement: Placement;
  view: View;
  colour: string;
  /** In hand or pointed at; lying where it can't be cut; held in place. */
  held?: boolean;
  faulty?: boolean;
  locked?: boolean;
  /** Number of the placement; pieces that can be taken in hand have these. */
  index?: number;
  onTake?(index: number, event: PointerEvent): void;
  onKey?(index: number, event: KeyboardEvent): void;
}

/** One piece where it lies: cut line solid, seam line dashed, its grain and its name. */
export const LaidPiece = memo(function LaidPiece({
  piece,
  placement,
  view,
  colour,
  held = false,
  faulty = false,
  locked = false,
  index,
  onTake,
  onKey,
}: Props) {
  const draw = (outline: Piece['cut']) => pathOf(alongTable(placed(outline, placement)), view);
  const cut = [piece.cut, ...piece.cutHoles].map(draw).join(' ');
  const seam = [piece.seam, ...piece.seamHoles].map(draw).join(' ');
  const ring = flatten(alongTable(placed(piece.cut, placement)), 5);
  const middle = centroid(ring);
  const { width, height } = boundsOfPoints(ring);
  // a ring's centre is its hole
  const hole = piece.cutHoles.length > 0 ? height * 0.3 : 0;
  const small = Math.min(width, height) * view.scale < 18;
  const upright = width * view.scale < piece.name.length * 8.5 && height > width;
  const [cx, cy] = [view.x(middle[0]), view.y(middle[1] + hole)];
  const handled = index !== undefined;
  const said = nameThatFits(piece.name, (upright ? height : width) * view.scale - (locked ? LOCK : 0));
  const words = `${piece.name}${piece.copies > 1 ? `, number ${placement.copy + 1}` : ''}${placement.turn ? `, turned ${placement.turn} degrees` : ''}${locked ? ', locked' : ''}`;
  return (
    <g
      className={`laid${handled ? ' handled' : ''}${held ? ' held' : ''}${faulty ? ' faulty' : ''}`}
      data-piece={`${placement.piece} ${placement.copy}`}
      {...(handled
        ? {
            tabIndex: 0,
            role: 'button',
            'aria-label': words,
            'aria-pressed': locked,
            onPointerDown: (event: PointerEvent) => onTake?.(index, event),
            onKeyDown: (event: KeyboardEvent) => onKey?.(index, event),
          }
        : {})}
    >
      <path className="laid-cut" d={cut} fill={colour} fillRule="evenodd" stroke="#fff" strokeWidth="2" />
      <path d={seam} fill="none" stroke="rgb(255 255 255 / 80%)" strokeWidth="1.2" strokeDasharray="6 5" />
      {piece.grain === 'along' && !small && (
        <GrainArrow cx={cx} cy={cy + (upright ? 0 : 15)} turn={placement.turn} long={Math.min(90, width * view.scale * 0.3)} shown={!upright} />
      )}
      <g transform={`translate(${cx} ${cy}) rotate(${upright ? -90 : 0})`}>
        {locked && (
          <Lock size={LOCK} x={-said.length * (LETTER / 2) - LOCK - 4} y={-LOCK / 2 - 1} color="#fff" strokeWidth={2.4} aria-hidden="true" />
        )}
        <text
          dy="5"
          textAnchor="middle"
          fontSize={small ? 13 : 15}
          fontWeight="650"
          style={{ paintOrder: 'stroke', stroke: 'rgb(24 40 56 / 75%)', strokeWidth: 4 }}
        >
          {said}
        </text>
      </g>
    </g>
  );
});

/** The name, its first word, or nothing: what there is room for on the piece. */
function nameThatFits(name: string, room: number): string {
  const first = name.split(/[ ,]/)[0]!;
  return [name, first].find((each) => each.length * LETTER <= room + LETTER) ?? '';
}

/** Along the table is along the grain; the point shows where the top of the garment lies. */
function GrainArrow({ cx, cy, turn, long, shown }: { cx: number; cy: number; turn: number; long: number; shown: boolean }) {
  if (!shown || long < 24) return null;
  const flip = turn === 180 ? -1 : 1;
  if (turn === 90 || turn === 270) return null;
  return (
    <path
      d={`M${cx - (flip * long) / 2} ${cy}h${flip * long}m${-flip * 7}-4l${flip * 7} 4l${-flip * 7} 4`}
      fill="none"
      stroke="rgb(255 255 255 / 75%)"
      strokeWidth="1.4"
    />
  );
}
