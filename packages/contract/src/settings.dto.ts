import { Type } from 'class-transformer';
import { ArrayMaxSize, IsArray, IsIn, IsString, MaxLength, ValidateNested } from 'class-validator';
import type { Machine, Pace } from '@arcus/core';
import { Figure, Name } from './validators.ts';

/** What stands on the table and how practised its owner is: what a new make starts with. */
export class OnTheTable {
  @IsIn(['zigzag', 'straight', 'hands']) machine: Machine;
  @IsIn(['zigzag', 'overlock', 'pinking']) finish: 'zigzag' | 'overlock' | 'pinking';
  @IsIn(['beginner', 'practised']) pace: Pace;
}

/** Minutes there are for sewing, on a working day and on a day of the weekend. */
export class TimeToSew {
  @Figure(0, 1440) weekday: number;
  @Figure(0, 1440) weekend: number;
}

/** A reel that was begun, or a whole one: its colour in the person's words, and what is left on it, mm. */
export class Thread {
  @Name() name: string;
  @Figure(0, 10_000_000) left: number;
}

/** What is at hand: tools by the ids of the shopping list, and thread. */
export class SewingBox {
  @IsArray() @ArrayMaxSize(100) @IsString({ each: true }) @MaxLength(60, { each: true }) tools: string[];
  @IsArray() @ArrayMaxSize(200) @ValidateNested({ each: true }) @Type(() => Thread) threads: Thread[];
}

/** GET /api/settings: how this household works. PUT /api/settings/table, /hours or /box takes one of them. */
export interface SettingsView {
  table: OnTheTable;
  hours: TimeToSew;
  box: SewingBox;
}
