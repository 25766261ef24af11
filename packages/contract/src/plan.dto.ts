import { Type } from 'class-transformer';
import { IsIn, IsObject, IsOptional, IsString, MaxLength, ValidateNested } from 'class-validator';
import { ClothFigures, ElasticFigures } from './cloth.dto.ts';

import { ById } from './validators.ts';

export const UNITS = ['cm', 'in'] as const;

/** POST /api/plans/preview. Measures and choices are checked by name against the construction. */
export class PlanPreviewRequest {
  @IsString() @MaxLength(60) construction: string;
  @ById() body: Record<string, number>;
  @IsOptional() @ById() choices?: Record<string, number | string | boolean>;
  @IsOptional() @IsObject() @ValidateNested() @Type(() => ClothFigures) cloth?: ClothFigures;
  @IsOptional() @IsObject() @ValidateNested() @Type(() => ElasticFigures) elastic?: ElasticFigures;
  @IsOptional() @IsIn(UNITS) units?: (typeof UNITS)[number];
}
