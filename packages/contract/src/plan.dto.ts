import { Type } from 'class-transformer';
import { IsIn, IsObject, IsOptional, IsString, MaxLength, ValidateNested } from 'class-validator';
import { ClothFigures, ElasticFigures } from './cloth.dto.ts';

import { ById } from './validators.ts';

export const UNITS = ['cm', 'in'] as const;
export const WEARERS = ['adult', 'child', 'infant'] as const;

/** POST /api/plans/preview. Measures and choices are checked by name against the construction. */
export class PlanPreviewRequest {
  @IsString() @MaxLength(60) construction: string;
  @ById() body: Record<string, number>;
  @IsOptional() @ById() choices?: Record<string, number | string | boolean>;
  @IsOptional() @IsObject() @ValidateNested() @Type(() => ClothFigures) cloth?: ClothFigures;
  @IsOptional() @IsObject() @ValidateNested() @Type(() => ElasticFigures) elastic?: ElasticFigures;
  /** Further cloths by what they are for; each is checked by name and field. */
  @IsOptional() @ById() cloths?: Record<string, Partial<ClothFigures>>;
  @IsOptional() @IsIn(WEARERS) wearer?: (typeof WEARERS)[number];
  /** Measures nobody took, and what each was estimated from. */
  @IsOptional() @ById() estimated?: Record<string, string>;
  /** The maker’s own figures, in place of the defaults. */
  @IsOptional() @ById() figures?: Record<string, number>;
  @IsOptional() @IsIn(UNITS) units?: (typeof UNITS)[number];
}
