import { INCH } from '@arcus/core';

const WIDE = 400;
const HIGH = 30;
const TOP = 22;

/** Strips drawn beside a ruler that reads centimetres below and inches above, so that one sees at once what was typed. */
export function SwatchRuler({ lengths, names }: { lengths: ReadonlyArray<number | undefined>; names: readonly string[] }) {
  const longest = Math.max(100, ...lengths.map((mm) => mm ?? 0)) * 1.08;
  const at = (mm: number) => (mm / longest) * WIDE;
  const strips = lengths.flatMap((mm, i) => (mm === undefined ? [] : [{ mm, name: names[i]! }]));
  if (strips.length === 0) return null;
  const bottom = TOP + strips.length * HIGH + 6;
  const ticks = (unit: number, y: number, up: number) => {
    const step = unit * Math.max(1, Math.ceil(longest / unit / 12));
    return Array.from({ length: Math.floor(longest / step) + 1 }, (_, i) => (
      <g key={i}>
        <path d={`M${at(i * step)} ${y}v${up}`} stroke="currentColor" />
        <text x={at(i * step) + 2} y={up > 0 ? y + 16 : y - 7} fontSize="13" fill="currentColor">
          {Math.round((i * step) / unit)}
        </text>
      </g>
    ));
  };
  return (
    <svg
      className="swatch-ruler"
      viewBox={`-4 0 ${WIDE + 8} ${bottom + 22}`}
      role="img"
      aria-label={strips.map(({ mm, name }) => `${name} ${(mm / 10).toFixed(1)} cm, ${(mm / INCH).toFixed(1)} in`).join('; ')}
    >
      {ticks(INCH, TOP, -5)}
      {strips.map(({ mm, name }, i) => (
        <g key={name}>
          <rect x={0} y={TOP + 3 + i * HIGH} width={at(mm)} height={HIGH - 6} fill="var(--tape)" />
          <text x={6} y={TOP + 20 + i * HIGH} fontSize="14" fill="var(--ink)">
            {name}
          </text>
        </g>
      ))}
      {ticks(10, bottom, 5)}
    </svg>
  );
}
