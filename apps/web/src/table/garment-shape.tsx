import { useId } from 'react';
import { hang, type Cloth, type Figure, type GarmentView, type Hanging, type ViewPart } from '@arcus/core';
import { COLOUR } from '../theme/tokens.ts';
import { figurePath } from './figure-path.ts';
import { armsFor, crownPath, halfAt, partOf, partPaths, sleevePaths, type DrawnPart } from './part-paths.ts';
import { skirtPaths } from './skirt-paths.ts';
import type { View } from './view.ts';

interface Props {
  garment: GarmentView;
  hanging: Hanging;
  figure: Figure;
  cloth: Pick<Cloth, 'weight'>;
  colour: string;
  view: View;
  side?: 'front' | 'back';
  /** The head is left out: there is room for the garment only. */
  headless?: boolean;
  /** Thickness of the lines, 1 on the board. */
  fine?: number;
}

/** The figure and the garment on it, part by part; the one painter of boards and of small pictures. */
export function GarmentShape({ garment, hanging, figure, cloth, colour, view, side = 'front', headless = false, fine = 1 }: Props) {
  const chin = useId();
  const waist = figure.heights.waist;
  const drawing = { garment, hanging, figure, view };
  const crown = garment.hangsFrom === 'shoulder' ? crownPath(drawing, side) : undefined;
  const { outline, folds, seams, band, hem } = skirtPaths(garment, hanging, waist, view, crown);
  const sleeves = partOf(garment, 'sleeves', side);
  const seen = garment.parts?.filter((part) => (part.only ?? side) === side) ?? [];
  return (
    <>
      {headless && (
        <clipPath id={chin}>
          <rect x={0} y={view.y(figure.heights.chin)} width="100%" height="100%" />
        </clipPath>
      )}
      <path
        d={figurePath(figure, view, armsFor(garment))}
        fill="#20374d"
        stroke="#7f97ab"
        strokeWidth={1.5 * fine}
        {...(headless ? { clipPath: `url(#${chin})` } : {})}
      />
      {sleeves && <Drawn parts={sleevePaths(drawing, sleeves)} colour={colour} fine={fine} />}
      <Cloth outline={outline} folds={folds} seams={seams} colour={colour} fine={fine} />
      {seen.map((part, i) => (
        <Part key={i} part={part} {...{ garment, hanging, figure, cloth, colour, view, fine, hem }} />
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
      <path d={outline} fill={colour} stroke={COLOUR.chalk} strokeWidth={2.4 * fine} strokeLinejoin="round" />
      {folds.map((d, i) => (
        <path key={i} d={d} fill="none" stroke={i % 2 ? 'rgb(0 0 0 / 22%)' : 'rgb(255 255 255 / 26%)'} strokeWidth={2 * fine} />
      ))}
      {seams.map((d, i) => (
        <path key={i} d={d} fill="none" stroke={COLOUR.chalk} strokeWidth={1.4 * fine} strokeDasharray={`${6 * fine} ${5 * fine}`} />
      ))}
    </>
  );
}

/** Lines and areas of a part, each painted as what it is. */
function Drawn({ parts, colour, fine }: { parts: readonly DrawnPart[]; colour: string; fine: number }) {
  return parts.map(({ d, as, wide }, i) => {
    switch (as) {
      case 'cloth':
        return <path key={i} d={d} fill={colour} stroke={COLOUR.chalk} strokeWidth={2.2 * fine} strokeLinejoin="round" />;
      case 'band':
        return <path key={i} d={d} fill={colour} fillOpacity="0.85" stroke={COLOUR.chalk} strokeWidth={1.7 * fine} strokeLinejoin="round" />;
      case 'strap':
        return (
          <g key={i} fill="none" strokeLinecap="round">
            <path d={d} stroke={COLOUR.chalk} strokeWidth={wide! + 2.6 * fine} />
            <path d={d} stroke={colour} strokeWidth={wide} />
          </g>
        );
      case 'button':
        return <path key={i} d={d} fill={COLOUR.tape} stroke="none" />;
      case 'fold':
        return <path key={i} d={d} fill="none" stroke="rgb(255 255 255 / 26%)" strokeWidth={1.8 * fine} />;
      case 'shirr':
        return <path key={i} d={d} fill="none" stroke="rgb(255 255 255 / 55%)" strokeWidth={1.3 * fine} />;
      default:
        return <path key={i} d={d} fill="none" stroke={COLOUR.chalk} strokeWidth={1.4 * fine} strokeDasharray={`${6 * fine} ${5 * fine}`} />;
    }
  });
}

function Part({
  part,
  garment,
  hanging,
  figure,
  cloth,
  colour,
  view,
  fine,
  hem,
}: { part: ViewPart; hem: string } & Pick<Props, 'garment' | 'hanging' | 'figure' | 'cloth' | 'colour' | 'view'> & { fine: number }) {
  const waist = figure.heights.waist;
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
  if (part.kind === 'pockets')
    return [-1, 1].map((side) => {
      const [width, height] = [part.width * view.scale * 0.8, part.depth * view.scale];
      // what lies round the side is seen at an angle
      const seen = halfAt(hanging, part.drop) * 0.96 - part.width * 0.4;
      const x = view.x(side * Math.min(part.fromMiddle + part.width * 0.4, seen)) - width / 2;
      const y = view.y(waist - part.drop);
      return (
        <g key={side} fill={colour} stroke={COLOUR.chalk} strokeWidth={1.6 * fine}>
          <rect x={x} y={y} width={width} height={height} />
          <line x1={x} x2={x + width} y1={y + 0.14 * height} y2={y + 0.14 * height} strokeDasharray={`${4 * fine} ${3 * fine}`} />
        </g>
      );
    });
  return <Drawn parts={partPaths({ garment, hanging, figure, view }, part)} colour={colour} fine={fine} />;
}
