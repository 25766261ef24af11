import { Type } from 'class-transformer';
import { ArrayMaxSize, IsArray, IsBoolean, IsIn, IsInt, IsOptional, IsString, IsUUID, MaxLength, Min, ValidateNested } from 'class-validator';
import { ById, Day, Figure, Name, Note } from './validators.ts';

export const STATIONS = ['measure', 'shape', 'cloth', 'chalk', 'sew', 'wear'] as const;
export type Station = (typeof STATIONS)[number];
export const VERDICTS = ['love', 'wear', 'mend', 'pass-on'] as const;

/** A piece as the person laid it: turn in degrees, then moved by (x, y) mm, as in a lay. Locked pieces stay when the rest is laid again. */
export class LaidPiece {
  @IsString() @MaxLength(120) piece: string;
  @IsInt() @Min(0) copy: number;
  @IsIn([0, 90, 180, 270]) turn: number;
  @Figure(-100_000, 100_000) x: number;
  @Figure(-100_000, 100_000) y: number;
  @IsOptional() @IsBoolean() locked?: boolean;
}

export class MakeCreate {
  @Name() name: string;
  @IsString() @MaxLength(60) construction: string;
  @IsUUID() personId: string;
  @IsOptional() @IsUUID() clothId?: string;
  @IsOptional() @IsUUID() elasticId?: string;
  @IsOptional() @ById() choices?: Record<string, number | string | boolean>;
  @IsOptional() @Day() dueOn?: string;
}

/** Everything optional but the version it was read at; null takes a thing away again. */
export class MakeUpdate {
  @IsInt() @Min(1) version: number;
  @IsOptional() @Name() name?: string;
  @IsOptional() @IsUUID() personId?: string;
  @IsOptional() @IsUUID() clothId?: string | null;
  @IsOptional() @IsUUID() elasticId?: string | null;
  @IsOptional() @ById() choices?: Record<string, number | string | boolean>;
  @IsOptional() @Day() dueOn?: string | null;
  /** The lay of the main cloth as arranged by hand; null lets Arcus lay. */
  @IsOptional() @IsArray() @ArrayMaxSize(1000) @ValidateNested({ each: true }) @Type(() => LaidPiece) lay?: LaidPiece[] | null;
  @IsOptional() @IsIn(STATIONS) station?: Station;
  /** Ids of ticked marks and steps, and of stations passed: "chalk:skirt:hem", "sew:sides", "station:shape". */
  @IsOptional() @IsArray() @ArrayMaxSize(500) @IsString({ each: true }) @MaxLength(120, { each: true }) done?: string[];
}

/** What really came out, kept beside what was planned. Actuals: quantity id to figure (mm, ratio, count, minutes). */
export class LogCreate {
  @Day() finishedOn: string;
  @IsIn(VERDICTS) verdict: (typeof VERDICTS)[number];
  @ById() actuals: Record<string, number>;
  @Note() note?: string;
  @Note() nextTime?: string;
}

export interface MakeSummary {
  /** The docket as last worked out: quantity id to figure. */
  figures: Record<string, number>;
  verdict: 'ok' | 'tight' | 'caution' | 'stop' | 'unmakeable';
  says: string;
}

export interface MakeView {
  id: string;
  name: string;
  construction: string;
  personId: string;
  clothId: string | null;
  elasticId: string | null;
  choices: Record<string, number | string | boolean>;
  dueOn: string | null;
  lay: LaidPiece[] | null;
  station: Station;
  done: string[];
  version: number;
  archived: boolean;
  finishedOn: string | null;
  summary: MakeSummary;
  updatedAt: string;
}

export interface LogView {
  id: number;
  makeId: string;
  finishedOn: string;
  verdict: (typeof VERDICTS)[number];
  actuals: Record<string, number>;
  planned: Record<string, number>;
  note: string;
  nextTime: string;
}
