import { boundsOf, formatQuantity, isLongSheet, turnedSheet, type ChalkSheet, type Mark } from '@arcus/core';
import { useUnits } from '../settings/units.tsx';
import { Board } from './board.tsx';
import { Rulers } from './rulers.tsx';
import { pathOf, type Frame, type View } from './view.ts';

interface Size {
  width: number;
  height: number;
}

/** What is chalked beside the folds: cut line solid, seam line dashed, marks as dots, the one in hand in tape yellow. A long piece lies along the table. */
export function ChalkBoard({ sheet, current, colour }: { sheet: ChalkSheet; current?: string; colour: string }) {
  const { units } = useUnits();
  const along = turnedSheet(sheet);
  const lies = ({ width, height }: Size) => (isLongSheet(sheet) && width > height ? along : sheet);
  const words = `${sheet.name}. ${sheet.foldSays} ${sheet.marks.map(({ says }) => says).join('. ')}.`;
  return (
    <Board
      frame={(size) => frameOf(lies(size))}
      describe={words}
      margins={{ left: 68, top: 62, right: 236, bottom: 34 }}
      notes={<FoldNote sheet={sheet} />}
    >
      {(view, size) => <Chalked sheet={lies(size)} along={lies(size) !== sheet} {...{ view, current, colour, units }} />}
    </Board>
  );
}

function frameOf({ cut, origin }: ChalkSheet): Frame {
  const box = boundsOf(cut);
  return {
    minX: Math.min(box.minX, origin[0]),
    maxX: Math.max(box.maxX, origin[0]),
    minY: Math.min(box.minY, origin[1]),
    maxY: Math.max(box.maxY, origin[1]),
  };
}

interface Chalk {
  sheet: ChalkSheet;
  /** It lies along the table, its top to the left. */
  along: boolean;
  view: View;
  current: string | undefined;
  colour: string;
  units: 'cm' | 'in';
}

function Chalked({ sheet, along, view, current, colour, units }: Chalk) {
  const frame = frameOf(sheet);
  const mark = sheet.marks.find(({ id }) => id === current);
  const rulers = along
    ? { x: { from: sheet.origin[0], to: frame.maxX }, y: { from: frame.minY, to: frame.maxY, at: frame.minX } }
    : { x: { from: frame.minX, to: frame.maxX }, y: { from: frame.minY, to: frame.maxY, down: true, zero: sheet.origin[1] } };
  return (
    <>
      <rect
        x={view.x(frame.minX)}
        y={view.y(frame.maxY)}
        width={(frame.maxX - frame.minX) * view.scale}
        height={(frame.maxY - frame.minY) * view.scale}
        fill="url(#twill)"
      />
      <Rulers view={view} units={units} {...rulers} />
      <path d={pathOf(sheet.cut, view)} fill={colour} stroke="#fff" strokeWidth="3" filter="url(#chalk)" />
      <path d={pathOf(sheet.seam, view)} fill="none" stroke="rgb(255 255 255 / 85%)" strokeWidth="1.6" strokeDasharray="8 6" />
      {sheet.folds.map(([a, b]) => (
        <line
          key={`${a.join()}-${b.join()}`}
          x1={view.x(a[0])}
          y1={view.y(a[1])}
          x2={view.x(b[0])}
          y2={view.y(b[1])}
          stroke="#fff"
          strokeWidth="2"
          strokeDasharray="14 4 3 4"
        />
      ))}
      {sheet.marks
        .flatMap((each) => (each.id === current ? [] : (each.dots ?? [])))
        .map(([x, y]) => (
          <circle key={`${x}-${y}`} cx={view.x(x)} cy={view.y(y)} r="3" fill="#fff" />
        ))}
      {along && (
        <text x={view.x(frame.minX)} y={view.y(frame.minY) + 22} fontSize="14">
          top at this end
        </text>
      )}
      {mark && <MarkInHand mark={mark} view={view} units={units} />}
    </>
  );
}

function MarkInHand({ mark, view, units }: { mark: Mark; view: View; units: 'cm' | 'in' }) {
  const [a, b] = mark.line ?? [];
  const quantity = mark.quantities[0];
  const text = quantity ? formatQuantity(quantity.value, quantity.unit, units, quantity.safeSide) : '';
  const angle = a && b ? (Math.atan2(view.y(b[1]) - view.y(a[1]), view.x(b[0]) - view.x(a[0])) * 180) / Math.PI : 0;
  const upright = angle > 90 || angle < -90 ? angle + 180 : angle;
  return (
    <g>
      {a && b && (
        <>
          <line x1={view.x(a[0])} y1={view.y(a[1])} x2={view.x(b[0])} y2={view.y(b[1])} stroke="#f2c84b" strokeWidth="3.5" />
          {text && (
            <text
              transform={`translate(${(view.x(a[0]) + view.x(b[0])) / 2} ${(view.y(a[1]) + view.y(b[1])) / 2}) rotate(${upright}) translate(0 ${labelSide(a, b, upright, view)})`}
              textAnchor="middle"
              fontSize="18"
              fontWeight="700"
              style={{ paintOrder: 'stroke', stroke: 'rgb(24 40 56 / 70%)', strokeWidth: 4 }}
            >
              {mark.kind === 'arc' ? `swing ${text}` : text}
            </text>
          )}
        </>
      )}
      {mark.dots?.map(([x, y]) => (
        <circle key={`${x}-${y}`} cx={view.x(x)} cy={view.y(y)} r="5" fill="#f2c84b" stroke="#182838" strokeWidth="1.5" />
      ))}
    </g>
  );
}

/** Above its line, or under it where above lies the ruler. */
function labelSide(a: readonly [number, number], b: readonly [number, number], angle: number, view: View): number {
  const nearTop = Math.min(view.y(a[1]), view.y(b[1])) < 90;
  return nearTop && Math.abs(angle) < 20 ? 24 : -9;
}

const FOLD_TITLE = { open: 'Open, one layer', once: 'Folded once', 'in-four': 'Folded twice' };

function FoldNote({ sheet }: { sheet: ChalkSheet }) {
  return (
    <div className="board-note wide-only" style={{ right: 18, top: 26, width: 200 }}>
      <h3>{FOLD_TITLE[sheet.fold]}</h3>
      <p>{sheet.fold === 'open' ? 'As said beside.' : sheet.foldSays}</p>
      <svg
        width="190"
        height="74"
        viewBox="0 0 190 74"
        style={{ position: 'static', margin: '12px 0 6px' }}
        aria-hidden="true"
        fill="none"
        stroke="#dfe6ec"
        strokeWidth="1.5"
      >
        <rect x="2" y="8" width="74" height="54" />
        {sheet.fold !== 'open' && (
          <>
            <path d="M2 35h74" strokeDasharray="4 4" />
            <path d="M86 35h16m-6-4l6 4l-6 4" />
            <rect x="110" y="22" width="74" height="27" />
          </>
        )}
        {sheet.fold === 'in-four' && <path d="M147 22v27" strokeDasharray="4 4" />}
      </svg>
      <p>
        {sheet.layers} {sheet.layers === 1 ? 'layer' : 'layers'} · cut {sheet.copies === 1 ? 'once' : `${sheet.copies} times`}
      </p>
    </div>
  );
}
