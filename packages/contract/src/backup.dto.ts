import { IsString, IsUUID, MaxLength } from 'class-validator';
import { Optional } from './validators.ts';

/** POST /api/backups/restore: a copy of the folder by its name, or a file that was sent to /api/backups/look by its token. */
export class RestoreRequest {
  @Optional() @IsString() @MaxLength(120) name?: string;
  @Optional() @IsUUID() token?: string;
}

/** POST /api/session. */
export class SignIn {
  @IsString() @MaxLength(400) passphrase: string;
}

/** What a copy holds, or why it can't be put back. */
export interface Inside {
  /** In words, where it can't be put back. */
  fault?: string;
  dataVersion: number;
  bytes: number;
  /** Rows by table. */
  rows: { people: number; measurements: number; cloths: number; elastics: number; makes: number; logs: number };
  /** When anything in it was last changed, ISO 8601. */
  changedAt: string | null;
}

export interface Copy {
  name: string;
  reason: 'daily' | 'before-migration' | 'before-restore' | 'asked';
  /** ISO 8601. */
  takenAt: string;
  bytes: number;
}

/** GET /api/backups. */
export interface Backups {
  folder: string;
  dataVersion: number;
  /** How many of each kind are kept, the newest. */
  kept: Record<Copy['reason'], number>;
  copies: Copy[];
}
