import { useId } from 'react';
import { hang, type Cloth, type Figure, type GarmentView, type Hanging, type ViewPart } from '@arcus/core';
import { COLOUR } from '../theme/tokens.ts';
import { figurePath } from './figure-path.ts';
import { skirtPaths } from './skirt-paths.ts';
import type { View } from './view.ts';

interface Props {
  garment: GarmentView;
  hanging: Hanging;
  figure: Figure;
  cloth: Pick<Cloth, 'weight'>;
  colour: string;
  view: View;
  /** The head is left out: there is room for the garment only. */
  headless?: boolean;
  /** Thickness of the lines, 1 on the board. */
  fine?: number;
}

/** The figure and the garment on it, part by part; the one painter of boards and of small pictures. */
export function GarmentShape({ garment, hanging, figure, cloth, colour, view, headless = false, fine = 1 }: Props) {
  const chin = useId();
  const waist = figure.heights.waist;
  const { outline, folds, seams, band, hem } = skirtPaths(garment, hanging, waist, view);
  return (
    <>
      {headless && (
        <clipPath id={chin}>
          <rect x={0} y={view.y(figure.heights.shoulder + 52)} width="100%" height="100%" />
        </clipPath>
      )}
      <path
        d={figurePath(figure, view)}
        fill="#20374d"
        stroke="#7f97ab"
        strokeWidth={1.5 * fine}
        {...(headless ? { clipPath: `url(#${chin})` } : {})}
      />
      <Cloth outline={outline} folds={folds} seams={seams} colour={colour} fine={fine} />
      {garment.parts?.map((part, i) => (
        <Part key={i} part={part} {...{ garment, hanging, cloth, colour, view, fine, waist, hem }} />
      ))}
      <path d={band} fill={colour} stroke={COLOUR.chalk} strokeWidth={2 * fine} />
    </>
  );
}

interface ClothProps {
  outline: string;
  folds: string[];
  seams: string[];
  colour: string;
  fine: number;
}

/** One layer of cloth with its folds and seams. */
function Cloth({ outline, folds, seams, colour, fine }: ClothProps) {
  return (
    <>
      <path d={outline} fill={colour} stroke={COLOUR.chalk} strokeWidth={2.4 * fine} />
      {folds.map((d, i) => (
        <path key={i} d={d} fill="none" stroke={i % 2 ? 'rgb(0 0 0 / 22%)' : 'rgb(255 255 255 / 26%)'} strokeWidth={2 * fine} />
      ))}
      {seams.map((d, i) => (
        <path key={i} d={d} fill="none" stroke={COLOUR.chalk} strokeWidth={1.4 * fine} strokeDasharray={`${6 * fine} ${5 * fine}`} />
      ))}
    </>
  );
}

function Part({
  part,
  garment,
  cloth,
  colour,
  view,
  fine,
  waist,
  hem,
}: { part: ViewPart; hem: string; waist: number } & Pick<Props, 'garment' | 'cloth' | 'colour' | 'view'> & { fine: number }) {
  if (part.kind === 'over') {
    const over: GarmentView = { ...garment, band: 0, verticalSeams: 0, levels: part.levels, parts: [] };
    const { outline, folds, seams } = skirtPaths(
      over,
      hang(over, cloth, () => part.levels[0]!.heldGirth ?? 0),
      waist,
      view,
    );
    return <Cloth {...{ outline, folds, seams, colour, fine }} />;
  }
  if (part.kind === 'binding') return <path d={hem} fill="none" stroke={COLOUR.tape} strokeWidth={Math.max(2, part.width * view.scale)} />;
  return [-1, 1].map((side) => {
    const [width, height] = [part.width * view.scale * 0.8, part.depth * view.scale];
    const x = view.x(side * (part.fromMiddle + part.width * 0.4)) - width / 2;
    const y = view.y(waist - part.drop);
    return (
      <g key={side} fill={colour} stroke={COLOUR.chalk} strokeWidth={1.6 * fine}>
        <rect x={x} y={y} width={width} height={height} />
        <line x1={x} x2={x + width} y1={y + 0.14 * height} y2={y + 0.14 * height} strokeDasharray={`${4 * fine} ${3 * fine}`} />
      </g>
    );
  });
}
