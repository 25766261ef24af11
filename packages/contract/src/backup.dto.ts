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
