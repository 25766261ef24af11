/** Thrown when the server can't start on a data folder; the message says in one sentence what is wrong and what to do. */
export class StartupProblem extends Error {
  override readonly name: string = 'StartupProblem';
}

/** Thrown when the database was made by a newer version of Arcus than this one. */
export class FutureDatabase extends StartupProblem {
  override readonly name = 'FutureDatabase';
  constructor(folder: string, found: number, known: number) {
    super(
      `The data in ${folder} was written by a newer Arcus (data version ${found}; this one knows up to ${known}). Start the newer version, or set ARCUS_DATA to another folder.`,
    );
  }
}

const CODES: Record<string, string> = {
  EACCES: 'may not be read and written by this user. Change its permissions',
  EPERM: 'may not be read and written by this user. Change its permissions',
  EROFS: 'lies on a disk that can only be read. Make it writable',
  ENOTDIR: 'is no folder, or lies in something that is none. Name a folder',
  EEXIST: 'is a file, not a folder. Name a folder',
  ENOSPC: 'lies on a full disk. Free some space',
  ENAMETOOLONG: 'has too long a name. Name a shorter one',
  ELOOP: 'is a link that leads in a circle. Name a folder',
};

/** Any failure to open the data in `folder` in one sentence, with what to do and where the copies are. */
export function startupProblem(error: unknown, folder: string): StartupProblem {
  if (error instanceof StartupProblem) return error;
  const { code = '', message = '' } = error as { code?: string; message?: string };
  const elsewhere = ', or set ARCUS_DATA to another folder.';
  const known = CODES[code];
  if (known) return new StartupProblem(`The data folder ${folder} ${known}${elsewhere}`);
  const said = `${code} ${message}`;
  if (/SQLITE_(READONLY|CANTOPEN|PERM|AUTH)|unable to open|readonly/i.test(said))
    return new StartupProblem(
      `The database in ${folder} may not be opened and written by this user. Change the permissions of the folder and its files${elsewhere}`,
    );
  if (/SQLITE_FULL|ENOSPC|database or disk is full/i.test(said))
    return new StartupProblem(`The data folder ${folder} ${CODES['ENOSPC']}${elsewhere}`);
  if (/SQLITE_(NOTADB|CORRUPT)|malformed|not a database/i.test(said)) return damaged(folder, 'is damaged');
  return new StartupProblem(`The data in ${folder} can't be opened (${message || String(error)}). ${wayBack(folder)}`);
}

/** The database file is not what it was. */
export const damaged = (folder: string, how: string) => new StartupProblem(`The database in ${folder} ${how}. ${wayBack(folder)}`);

const wayBack = (folder: string) =>
  `Put back a copy with "npm run restore FILE" (copies are in ${folder}/copies), or set ARCUS_DATA to another folder to begin anew; nothing was changed.`;
