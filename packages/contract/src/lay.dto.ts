import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsOptional,
  IsString,
  Max,
  MaxLength,
  Min,
  MinLength,
  ValidateNested,
} from 'class-validator';
import { Figure, OptionalFigure } from './validators.ts';

export const LAY_LIMITS = { pieces: 500, corners: 5000, copies: 1000 } as const;

/** A shape to be laid. `outline`: corners in mm, as [x, y] pairs. */
export class LayPieceRequest {
  @IsString() @MinLength(1) @MaxLength(120) id: string;
  @IsArray() @ArrayMinSize(3) @ArrayMaxSize(LAY_LIMITS.corners) outline: Array<[number, number]>;
  @IsOptional() @IsInt() @Min(1) @Max(LAY_LIMITS.copies) copies?: number;
  @IsOptional() @IsArray() @ArrayMinSize(1) @ArrayMaxSize(4) @IsIn([0, 90, 180, 270], { each: true }) turns?: number[];
  /** The cloth is good on both sides: copies may be cut from its back. Only then may placements be `mirrored`. */
  @IsOptional() @IsBoolean() mirror?: boolean;
}

/** POST /api/lays/preview. Width mm, seconds of search. */
export class LayPreviewRequest {
  @Figure(1, 100_000) width: number;
  @IsArray() @ArrayMinSize(1) @ArrayMaxSize(LAY_LIMITS.pieces) @ValidateNested({ each: true }) @Type(() => LayPieceRequest) pieces: LayPieceRequest[];
  @IsOptional() @IsIn(['quick', 'thorough']) effort?: 'quick' | 'thorough';
  @OptionalFigure(0.1, 60) seconds?: number;
  @IsOptional() @IsInt() @Min(0) @Max(2 ** 31 - 1) seed?: number;
}
