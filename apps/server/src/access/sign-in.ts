import { HttpException, UnauthorizedException } from '@nestjs/common';
import { parse } from 'cookie';
import type { NextFunction, Request, Response } from 'express';
import { SESSION, type Passphrase } from './passphrase.ts';

const COOKIE = 'arcus_session';
/** Wrong passphrases taken in a minute, from one address and from all. */
const MOST = { each: 5, all: 20 };
const MINUTE = 60_000;

/** Thrown when the passphrase was wrong too often. */
class TooManyTries extends HttpException {
  readonly retryAfterSeconds = 60;
  constructor() {
    super('passphrase: was wrong too often. Wait a minute and try again.', 429);
  }
}

/** Lets in whoever has signed in; without a passphrase everybody who reaches this server is on this very machine. */
export class Gate {
  private wrong: Array<{ at: number; from: string }> = [];

  /** `token`: opens the gate to the command line of whoever may read the data folder. */
  constructor(
    private readonly passphrase: Passphrase | undefined,
    private readonly token: string,
  ) {}

  readonly guard = (request: Request, _response: Response, next: NextFunction): void => {
    const path = request.path.toLowerCase();
    const open = !path.startsWith('/api') || path === '/api/health' || path === '/api/session';
    next(open || this.isIn(request) ? undefined : new UnauthorizedException('Sign in first.'));
  };

  isNeeded(): boolean {
    return this.passphrase !== undefined;
  }

  isIn(request: Request): boolean {
    if (!this.passphrase || request.headers['x-arcus-token'] === this.token) return true;
    return this.passphrase.holds(parse(request.headers.cookie ?? '')[COOKIE]);
  }

  /** Throws 401 on a wrong passphrase, 429 on too many of them. */
  async signIn(text: string, request: Request, response: Response): Promise<void> {
    if (!this.passphrase) return;
    const now = performance.now();
    const from = request.socket.remoteAddress ?? '';
    this.wrong = this.wrong.filter(({ at }) => now - at < MINUTE);
    if (this.wrong.length >= MOST.all || this.wrong.filter((each) => each.from === from).length >= MOST.each) throw new TooManyTries();
    // counted before it is known, so that many tries at once are no way round
    const attempt = { at: now, from };
    this.wrong.push(attempt);
    if (!(await this.passphrase.matches(text))) throw new UnauthorizedException('passphrase: is not the one this Arcus was started with');
    this.wrong = this.wrong.filter((each) => each !== attempt);
    response.cookie(COOKIE, this.passphrase.newSession(), { httpOnly: true, sameSite: 'strict', path: '/', maxAge: SESSION });
  }

  signOut(response: Response): void {
    response.clearCookie(COOKIE, { httpOnly: true, sameSite: 'strict', path: '/' });
  }
}
