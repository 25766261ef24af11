import { ConflictException, NotFoundException } from '@nestjs/common';

/** Thrown when a save was made from an older state than the stored one; carries the stored one so that nothing is lost. */
export class StaleSave extends ConflictException {
  constructor(current: { version: number }) {
    super({
      message: [`version: somebody saved this in the meantime (it is at version ${current.version} now). Look at the newer state and save again.`],
      current,
    });
  }
}

/** Thrown when an id names nothing. */
export class NoSuch extends NotFoundException {
  constructor(what: string, id: string) {
    super(`There is no ${what} with the id ${id}.`);
  }
}
