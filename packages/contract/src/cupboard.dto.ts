import { IsIn, IsInt, IsString, Matches, MaxLength, Min } from 'class-validator';
import { CLOTH_KINDS, type CLOTH_PRINTS, type CLOTH_WEIGHTS, ClothTraits, ELASTIC_KINDS } from './cloth.dto.ts';
import { Figure, Name, Note, Optional, OptionalFigure, OwnId } from './validators.ts';

/** What is told of a cloth beside its figures. */
class DescribedCloth extends ClothTraits {
  @Optional() @IsString() @MaxLength(120) fibre?: string;
  /** What the drawing paints it with: #rrggbb. */
  @Optional() @Matches(/^#[0-9a-fA-F]{6}$/, { message: '$property must be a colour such as #b96a5a' }) colour?: string;
  @Note() note?: string;
}

export class ClothCreate extends DescribedCloth {
  @OwnId() id?: string;
  @Name() name: string;
  @Figure(50, 10_000) width: number;
  @IsIn(CLOTH_KINDS) kind: (typeof CLOTH_KINDS)[number];
}

export class ClothUpdate extends DescribedCloth {
  @IsInt() @Min(1) version: number;
  @Optional() @Name() name?: string;
  @Optional() @Figure(50, 10_000) width?: number;
  @Optional() @IsIn(CLOTH_KINDS) kind?: (typeof CLOTH_KINDS)[number];
}

class DescribedElastic {
  @Optional() @Figure(1.01, 6) greatestStretch?: number;
  @OptionalFigure(0, 1_000_000) lengthOnHand?: number;
  @Note() note?: string;
}

export class ElasticCreate extends DescribedElastic {
  @OwnId() id?: string;
  @Name() name: string;
  @Figure(2, 200) width: number;
  @IsIn(ELASTIC_KINDS) kind: (typeof ELASTIC_KINDS)[number];
}

export class ElasticUpdate extends DescribedElastic {
  @IsInt() @Min(1) version: number;
  @Optional() @Name() name?: string;
  @Optional() @Figure(2, 200) width?: number;
  @Optional() @IsIn(ELASTIC_KINDS) kind?: (typeof ELASTIC_KINDS)[number];
}

export interface ClothView {
  id: string;
  name: string;
  fibre: string;
  colour: string;
  note: string;
  width: number;
  selvedge: number;
  kind: (typeof CLOTH_KINDS)[number];
  weight: (typeof CLOTH_WEIGHTS)[number];
  stretchAcross: number;
  stretchAlong: number;
  shrinkAcross: number;
  shrinkAlong: number;
  print: (typeof CLOTH_PRINTS)[number];
  oneWay: boolean;
  sheer: boolean;
  frays: boolean;
  prewashed: boolean;
  repeat: number;
  lengthOnHand: number | null;
  pricePerMetre: number | null;
  version: number;
  archived: boolean;
}

export interface ElasticView {
  id: string;
  name: string;
  kind: (typeof ELASTIC_KINDS)[number];
  width: number;
  greatestStretch: number;
  lengthOnHand: number | null;
  note: string;
  version: number;
  archived: boolean;
}
