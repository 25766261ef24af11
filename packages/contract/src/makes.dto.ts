import { Type } from 'class-transformer';
import { ArrayMaxSize, IsArray, IsBoolean, IsIn, IsInt, IsOptional, IsString, IsUUID, MaxLength, Min, ValidateNested } from 'class-validator';
import type { WorkTimes } from '@arcus/core';
import { ById, Day, Figure, Name, Note, Optional, OwnId } from './validators.ts';

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
  @OwnId() id?: string;
  @Name() name: string;
  @IsString() @MaxLength(60) construction: string;
  @IsUUID() personId: string;
  @Optional() @IsUUID() clothId?: string;
  @Optional() @IsUUID() elasticId?: string;
  /** Cloths for parts of it, by what they are for: lining, contrast, interfacing. */
  @Optional() @ById() otherCloths?: Record<string, string>;
  @Optional() @ById() choices?: Record<string, number | string | boolean>;
  @Optional() @Day() dueOn?: string;
}

/** Everything optional but the version it was read at; null takes a thing away again. */
export class MakeUpdate {
  @IsInt() @Min(1) version: number;
  @Optional() @Name() name?: string;
  @Optional() @IsUUID() personId?: string;
  @IsOptional() @IsUUID() clothId?: string | null;
  @IsOptional() @IsUUID() elasticId?: string | null;
  @Optional() @ById() otherCloths?: Record<string, string>;
  @Optional() @ById() choices?: Record<string, number | string | boolean>;
  @IsOptional() @Day() dueOn?: string | null;
  /** The lay of the main cloth as arranged by hand; null lets Arcus lay. */
  @IsOptional() @IsArray() @ArrayMaxSize(1000) @ValidateNested({ each: true }) @Type(() => LaidPiece) lay?: LaidPiece[] | null;
  @Optional() @IsIn(STATIONS) station?: Station;
  /** Ids of ticked marks and steps, and of stations passed: "chalk:skirt:hem", "sew:sides", "station:shape". */
  @Optional() @IsArray() @ArrayMaxSize(500) @IsString({ each: true }) @MaxLength(120, { each: true }) done?: string[];
  /** The figures (mm) ticked chalk marks had when they were ticked, by the tick's id: a mark whose figures have moved since no longer holds. */
  @Optional() @ById() chalked?: Record<string, number[]>;
  /**
   * What is counted at the table, by id: "time:STEP" [spent ms, running since (epoch ms; 0: it stands)], "rows:STEP" [rows sewn, then each
   * row before which a fresh bobbin went in], "wait:STEP" [begun at (epoch ms), hours], "used:ROLE" [mm taken off the shelf].
   */
  @Optional() @ById() tally?: Record<string, number[]>;
}

/** A lay found by a closer search. */
export class FoundLay {
  /** Names what it is a lay of (layKey of the core). */
  @IsString() @MaxLength(64) key: string;
  @IsArray() @ArrayMaxSize(1000) @ValidateNested({ each: true }) @Type(() => LaidPiece) placements: LaidPiece[];
  /** The search has ended: it gets no shorter. */
  @IsBoolean() settled: boolean;
}

/** PUT /api/makes/:id/lays: lays found for the pieces of a make, each of all pieces of one stretch of cloth. What does not fit its pieces is passed over. */
export class FoundLays {
  @IsArray() @ArrayMaxSize(12) @ValidateNested({ each: true }) @Type(() => FoundLay) lays: FoundLay[];
}

/** What really came out, kept beside what was planned. Actuals: quantity id to figure (mm, ratio, count, minutes). */
export class LogCreate {
  /** Names this entry: sent twice, it is written once. */
  @OwnId() key?: string;
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
  /** The lays these figures are of are settled: they get no shorter. */
  settled?: boolean;
  /** There was no time yet to work them out again after something changed; they follow shortly. */
  stale?: boolean;
}

/** What a make was last looked at with; what differs from today's has changed under it. Lengths mm. */
export interface MakeBasis {
  body: Record<string, number>;
  cloth: Partial<Record<string, number | string | boolean>> | null;
  /** By what they are for; absent from what was looked at before there were any. */
  otherCloths?: Record<string, Partial<Record<string, number | string | boolean>>>;
  elastic: Partial<Record<string, number | string | boolean>> | null;
}

export interface KeptLay {
  /** Names what it is a lay of. */
  key: string;
  placements: Array<{ piece: string; copy: number; turn: number; x: number; y: number }>;
  length: number;
  utilisation: number;
  settled: boolean;
}

export interface MakeView {
  id: string;
  name: string;
  construction: string;
  personId: string;
  clothId: string | null;
  elasticId: string | null;
  otherCloths: Record<string, string>;
  choices: Record<string, number | string | boolean>;
  dueOn: string | null;
  lay: LaidPiece[] | null;
  station: Station;
  done: string[];
  chalked: Record<string, number[]>;
  /** What was counted at the table so far. */
  tally: Record<string, number[]>;
  /** What it was last looked at with. */
  basis: MakeBasis | null;
  version: number;
  archived: boolean;
  finishedOn: string | null;
  summary: MakeSummary;
  updatedAt: string;
}

/** GET /api/makes/:id: with the lays its figures are of. */
export interface MakeDetail extends MakeView {
  lays: KeptLay[];
}

/** A photograph of what came out: at /api/photos/:id and /api/photos/:id/thumb. Pixels. */
export interface PhotoView {
  id: string;
  width: number;
  height: number;
  createdAt: string;
}

export interface LogView {
  id: number;
  makeId: string;
  finishedOn: string;
  verdict: (typeof VERDICTS)[number];
  actuals: Record<string, number>;
  planned: Record<string, number>;
  /** How long each kind of work took by the clocks, against the rule of thumb, minutes. */
  times: WorkTimes | null;
  note: string;
  nextTime: string;
  /** What it was entered by, where whoever sent it named it. */
  key: string | null;
  /** Taken out again; it can be put back. */
  struck: boolean;
}
