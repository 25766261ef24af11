import { useCallback, useMemo, useRef, useState, type KeyboardEvent, type PointerEvent, type ReactNode } from 'react';
import {
  formatLength,
  HandLay,
  INCH,
  layRequestOf,
  leftovers,
  turned,
  type Cloth,
  type Placement,
  type Plan,
  type PlanLay,
  type Point,
} from '@arcus/core';
import { useUnits } from '../settings/units.tsx';
import { Board } from './board.tsx';
import { LaidPiece } from './laid-piece.tsx';
import { Rulers } from './rulers.tsx';
import { Strip } from './strip.tsx';
import type { View } from './view.ts';

/** A piece that comes this close to something is drawn to it, px. */
const REACH = 10;

/** A placement the person may hold in place. */
export interface HeldPlacement extends Placement {
  locked?: boolean;
}

interface Props {
  plan: Plan;
  lay: PlanLay;
  /** The cloth it lies on. */
  cloth: Cloth;
  colour: string;
  /** What is written under the strip. */
  says: string;
  /** Laying by hand: the placements with their locks, which one is pointed at, and what to do with new ones. */
  hand?: {
    placements: readonly HeldPlacement[];
    selected: number | undefined;
    onSelect(index: number | undefined): void;
    onChange(placements: HeldPlacement[], about: string): void;
    onRefused(): void;
  };
  tools?: ReactNode;
}

/** About how wide a letter of the words under the lay is, px. */
const LETTER = 6.8;

/** The strip of cloth as it lies on the table, to scale, with every piece on it; pieces can be taken in hand. */
export function LayBoard({ plan, lay, cloth, colour, says, hand, tools }: Props) {
  const { units } = useUnits();
  const selvedge = (cloth.width * (cloth.prewashed ? 1 : 1 - cloth.shrinkAcross) - lay.usableWidth) / 2;
  const length = Math.max(lay.buy * (cloth.prewashed ? 1 : 1 - cloth.shrinkAlong), lay.length);
  // the strip lies along the table, its length from left to right, so x and y change places on the screen
  const frame = { minX: 0, maxX: length, minY: -selvedge, maxY: lay.usableWidth + selvedge };
  const say = (mm: number) => `${(mm / (units === 'cm' ? 10 : 25.4)).toFixed(0)} ${units}`;
  const words = `The cloth, ${say(cloth.width)} wide; ${lay.placements.length} pieces take ${say(lay.length)} of its length. ${lay.placements.map(({ piece, turn }) => `${piece}${turn ? ` turned ${turn}°` : ''}`).join(', ')}.`;
  const rest = useMemo(() => restsOf(plan, lay, length), [plan, lay, length]);
  return (
    <Board frame={frame} describe={words} margins={{ left: 62, top: 58, right: 34, bottom: 96 }} handled={hand !== undefined} tools={tools}>
      {(view, { width }) => (
        <>
          <Strip view={view} length={length} width={lay.usableWidth + 2 * selvedge} selvedge={selvedge} print={cloth.print} oneWay={cloth.oneWay} />
          {cloth.repeat ? <Repeats view={view} repeat={cloth.repeat} length={length} from={frame.minY} to={frame.maxY} /> : null}
          <Rulers view={view} units={units} x={{ from: 0, to: length }} y={{ from: -selvedge, to: lay.usableWidth + selvedge, down: true }} />
          {rest.map(({ x, y, width, height }) => {
            const [w, h] = [height * view.scale, width * view.scale];
            if (w < 40 || h < 26) return null;
            return (
              <g key={`${x} ${y}`} aria-hidden="true">
                <rect x={view.x(y)} y={view.y(x + width)} width={w} height={h} fill="none" stroke="#7f97ab" strokeDasharray="3 5" />
                {w > 104 && (
                  <text x={view.x(y) + w / 2} y={view.y(x + width / 2) + 5} textAnchor="middle" fontSize="13" style={{ fill: '#a9bccb' }}>
                    {formatLength(height, units, 'down')} × {formatLength(width, units, 'down')}
                  </text>
                )}
              </g>
            );
          })}
          {hand ? (
            <Hand plan={plan} view={view} colour={colour} hand={hand} />
          ) : (
            lay.placements.map((placement) => (
              <LaidPiece
                key={`${placement.piece}-${placement.copy}`}
                piece={pieceOf(plan, placement)}
                placement={placement}
                view={view}
                colour={colour}
              />
            ))
          )}
          <line
            x1={view.x(lay.length)}
            x2={view.x(lay.length)}
            y1={view.y(frame.maxY)}
            y2={view.y(frame.minY)}
            stroke="#e9c46a"
            strokeWidth="1.5"
            strokeDasharray="2 5"
          />
          <text className="tape" x={Math.min(view.x(0), Math.max(8, width - 8 - says.length * LETTER))} y={view.y(frame.minY) + 26} fontSize="15">
            {says}
          </text>
        </>
      )}
    </Board>
  );
}

const pieceOf = (plan: Plan, { piece }: Placement) => plan.pieces.find((each) => each.id === piece)!;

/** Empty rectangles worth keeping between the pieces and in what is bought beyond them. */
function restsOf(plan: Plan, lay: PlanLay, length: number) {
  const { pieces } = layRequestOf(plan, pieceOf(plan, lay.placements[0] ?? { piece: '', copy: 0, turn: 0, x: 0, y: 0 })?.cloth);
  const rings = lay.placements.flatMap(({ piece, turn, x, y }) => {
    const outline = pieces.find(({ id }) => id === piece)?.outline;
    return outline
      ? [
          outline.map((point): Point => {
            const [px, py] = turned(point, turn);
            return [px + x, py + y];
          }),
        ]
      : [];
  });
  return leftovers(rings, lay.usableWidth, length);
}

/** Where the print begins anew. */
function Repeats({ view, repeat, length, from, to }: { view: View; repeat: number; length: number; from: number; to: number }) {
  const lines = Array.from({ length: Math.floor(length / repeat) }, (_, i) => (i + 1) * repeat);
  return (
    <g stroke="#6f8aa1" strokeDasharray="1 6" aria-hidden="true">
      {lines.map((at) => (
        <line key={at} x1={view.x(at)} x2={view.x(at)} y1={view.y(to)} y2={view.y(from)} />
      ))}
    </g>
  );
}

interface Held {
  index: number;
  placement: HeldPlacement;
  faulty: boolean;
}

/** The pieces to be taken in hand: dragged, nudged, turned, locked. */
function Hand({ plan, view, colour, hand }: { plan: Plan; view: View; colour: string; hand: NonNullable<Props['hand']> }) {
  const { units } = useUnits();
  const { placements, selected, onSelect, onChange, onRefused } = hand;
  const [held, setHeld] = useState<Held>();
  const grip = useRef<{ x: number; y: number; from: HeldPlacement }>(undefined);
  const table = useMemo(() => {
    const { width, pieces, gap } = layRequestOf(plan);
    return new HandLay(width, pieces, gap);
  }, [plan]);
  const now = useRef({ placements, view });
  now.current = { placements, view };

  const faultyAt = useCallback(
    (index: number, placement: Placement) => {
      const { overlapping, outside } = table.faults(now.current.placements.map((each, i) => (i === index ? placement : each)));
      return overlapping.has(index) || outside.has(index);
    },
    [table],
  );
  const commit = useCallback(
    (index: number, placement: HeldPlacement, about: string) => {
      if (faultyAt(index, placement)) return onRefused();
      onChange(
        now.current.placements.map((each, i) => (i === index ? placement : each)),
        about,
      );
    },
    [faultyAt, onChange, onRefused],
  );
  const take = useCallback(
    (index: number, event: PointerEvent) => {
      if (event.button !== 0) return;
      event.preventDefault();
      (event.currentTarget as SVGGElement).focus();
      onSelect(index);
      const from = now.current.placements[index]!;
      grip.current = { x: event.clientX, y: event.clientY, from };
      let last: Held | undefined;
      const move = (moved: globalThis.PointerEvent) => {
        if (moved.pointerId !== event.pointerId) return;
        const { scale } = now.current.view;
        const [dx, dy] = [moved.clientX - grip.current!.x, moved.clientY - grip.current!.y];
        if (!last && Math.hypot(dx, dy) < 4) return;
        const wanted = { ...from, x: from.x - dy / scale, y: from.y + dx / scale };
        const all = now.current.placements.map((each, i) => (i === index ? wanted : each));
        const snapped = { ...table.snapped(all, index, REACH / scale), locked: true };
        last = { index, placement: snapped, faulty: faultyAt(index, snapped) };
        setHeld(last);
      };
      // another pointer's lifting, or a hand that the system took away, is no dropping
      const letGo = (lifted: globalThis.PointerEvent) => {
        if (lifted.pointerId !== event.pointerId) return;
        window.removeEventListener('pointermove', move);
        window.removeEventListener('pointerup', letGo);
        window.removeEventListener('pointercancel', letGo);
        setHeld(undefined);
        if (last && lifted.type === 'pointerup') commit(index, last.placement, `move:${index}:${Date.now()}`);
      };
      window.addEventListener('pointermove', move);
      window.addEventListener('pointerup', letGo);
      window.addEventListener('pointercancel', letGo);
    },
    [commit, faultyAt, onSelect, table],
  );
  const key = useCallback(
    (index: number, event: KeyboardEvent) => {
      const step = (units === 'cm' ? 5 : INCH / 8) * (event.shiftKey ? 10 : 1);
      const [along = 0, across = 0] = { ArrowRight: [step, 0], ArrowLeft: [-step, 0], ArrowUp: [0, step], ArrowDown: [0, -step] }[event.key] ?? [];
      const placement = now.current.placements[index]!;
      if (along !== 0 || across !== 0)
        commit(index, { ...placement, x: placement.x + across, y: placement.y + along, locked: true }, `nudge:${index}`);
      else if (event.key === 'Enter' || event.key === ' ') onSelect(index);
      else return;
      event.preventDefault();
      event.stopPropagation();
    },
    [commit, onSelect, units],
  );
  const order = placements.map((_, i) => i).sort((a, b) => Number(a === held?.index) - Number(b === held?.index));
  return order.map((i) => {
    const placement = held?.index === i ? held.placement : placements[i]!;
    return (
      <LaidPiece
        key={`${placement.piece}-${placement.copy}`}
        piece={pieceOf(plan, placement)}
        placement={placement}
        view={view}
        colour={colour}
        held={held?.index === i || selected === i}
        faulty={held?.index === i && held.faulty}
        locked={placement.locked ?? false}
        index={i}
        onTake={take}
        onKey={key}
      />
    );
  });
}
