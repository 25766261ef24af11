import { ArrayMaxSize, IsArray, IsIn, IsString, IsUUID, MaxLength } from 'class-validator';
import type { Experience, Outcome, SwatchSeen } from '@arcus/core';
import { Day, Figure, Note, Optional, OptionalFigure, OwnId } from './validators.ts';

export const SWATCH_KINDS = ['gather', 'shirring', 'stretch', 'shrinkage', 'elastic', 'crinkle'] as const;

/** A strip that was tried: its length before and after (mm), and after steam. Of a cloth or of an elastic. */
export class SwatchCreate {
  @OwnId() id?: string;
  @IsIn(SWATCH_KINDS) kind: (typeof SWATCH_KINDS)[number];
  @Optional() @IsUUID() clothId?: string;
  @Optional() @IsUUID() elasticId?: string;
  @Optional() @IsIn(['along', 'across']) way?: 'along' | 'across';
  @Figure(5, 5000) before: number;
  @Figure(5, 10_000) after: number;
  @OptionalFigure(5, 5000) steamed?: number;
  @Day() takenOn: string;
  @Note() note?: string;
}

export interface SwatchView extends SwatchSeen {
  id: string;
  note: string;
}

/** PUT /api/experience/declined: the figures for which the defaults are wanted. */
export class Declined {
  @IsArray() @ArrayMaxSize(500) @IsString({ each: true }) @MaxLength(60, { each: true }) ids: string[];
}

/** An entry of a log with the make it is of. */
export interface OutcomeView extends Outcome {
  id: number;
  construction: string;
  personId: string;
  elasticId: string | null;
  verdict: 'love' | 'wear' | 'mend' | 'pass-on';
  note: string;
  nextTime: string;
}

/** GET /api/experience: everything that was tried and made. */
export interface ExperienceView extends Experience {
  swatches: SwatchView[];
  outcomes: OutcomeView[];
}
