import { HttpException } from '@nestjs/common';

/** Thrown when more is asked at once than can be answered in time; says in how many seconds to ask again. */
export class TooBusy extends HttpException {
  constructor(readonly retryAfterSeconds: number) {
    super('Too much is being worked out at once. Ask again in a moment.', 503);
  }
}
