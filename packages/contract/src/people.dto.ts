import { Type } from 'class-transformer';
import { ArrayMaxSize, ArrayMinSize, IsArray, IsBoolean, IsInt, IsString, MaxLength, Min, ValidateNested } from 'class-validator';
import { Day, Figure, Name, Note, Optional, OwnId } from './validators.ts';

export class PersonCreate {
  @OwnId() id?: string;
  @Name() name: string;
  @Note() note?: string;
  @Optional() @IsBoolean() child?: boolean;
}

export class PersonUpdate {
  @IsInt() @Min(1) version: number;
  @Optional() @Name() name?: string;
  @Note() note?: string;
  @Optional() @IsBoolean() child?: boolean;
}

/** One line of the measure ledger: nothing is overwritten, the newest of each kind counts. Value mm. */
export class MeasureEntry {
  @IsString() @MaxLength(60) measure: string;
  @Figure(1, 5000) value: number;
  @Day() takenOn: string;
  @Note() note?: string;
  /** It puts right what was written down of the same measure for the same day: that is struck out. */
  @Optional() @IsBoolean() putsRight?: boolean;
}

export class MeasureEntries {
  /** Names this lot of entries: sent twice, it is entered once. */
  @OwnId() key?: string;
  @IsArray() @ArrayMinSize(1) @ArrayMaxSize(60) @ValidateNested({ each: true }) @Type(() => MeasureEntry) entries: MeasureEntry[];
}

export interface PersonView {
  id: string;
  name: string;
  note: string;
  child: boolean;
  version: number;
  archived: boolean;
  /** The newest value of each measure, mm. */
  body: Record<string, number>;
  /** Those of them nobody took, and what they were estimated from. */
  estimated: Record<string, string>;
}

export interface MeasureView {
  id: number;
  measure: string;
  value: number;
  takenOn: string;
  note: string;
  /** What it was entered by, where whoever sent it named it. */
  key: string | null;
  /** Struck out as a slip: kept as history, it no longer counts. */
  struck: boolean;
}
