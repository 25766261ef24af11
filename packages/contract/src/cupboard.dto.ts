import { IsDefined, IsIn, IsInt, IsOptional, IsString, Matches, MaxLength, Min } from 'class-validator';
import { CLOTH_KINDS, type CLOTH_PRINTS, CLOTH_WEIGHTS, ClothFigures, ELASTIC_KINDS, ElasticFigures } from './cloth.dto.ts';
import { Figure, Name, Note, OptionalFigure } from './validators.ts';

/** What is told of a cloth beside its figures. */
class DescribedCloth extends ClothFigures {
  @IsOptional() @IsString() @MaxLength(120) fibre?: string;
  /** What the drawing paints it with: #rrggbb. */
  @IsOptional() @Matches(/^#[0-9a-fA-F]{6}$/, { message: '$property must be a colour such as #b96a5a' }) colour?: string;
  @Note() note?: string;
}

export class ClothCreate extends DescribedCloth {
  @Name() name: string;
  @IsDefined() @Figure(50, 10_000) declare width: number;
  @IsDefined() @IsIn(CLOTH_KINDS) declare kind: (typeof CLOTH_KINDS)[number];
}

export class ClothUpdate extends DescribedCloth {
  @IsInt() @Min(1) version: number;
  @IsOptional() @Name() name?: string;
}

class DescribedElastic extends ElasticFigures {
  @OptionalFigure(0, 1_000_000) lengthOnHand?: number;
  @Note() note?: string;
}

export class ElasticCreate extends DescribedElastic {
  @Name() name: string;
  @IsDefined() @Figure(2, 200) declare width: number;
  @IsDefined() @IsIn(ELASTIC_KINDS) declare kind: (typeof ELASTIC_KINDS)[number];
}

export class ElasticUpdate extends DescribedElastic {
  @IsInt() @Min(1) version: number;
  @IsOptional() @Name() name?: string;
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
