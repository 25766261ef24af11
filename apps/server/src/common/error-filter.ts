import { Catch, HttpException, Logger, type ArgumentsHost, type ExceptionFilter } from '@nestjs/common';
import { STATUS_CODES } from 'node:http';
import { BadInput, Unmakeable } from '@arcus/core';
import type { ApiError } from '@arcus/contract';
import type { Request, Response } from 'express';

interface Said {
  status: number;
  message: string[];
  current?: unknown;
  retryAfterSeconds?: number;
}

/** Every failure in the one shape the contract promises; only what we did not foresee is a 500, and that is logged. */
@Catch()
export class ErrorFilter implements ExceptionFilter {
  private readonly log = new Logger('errors');

  catch(error: unknown, host: ArgumentsHost): void {
    const http = host.switchToHttp();
    this.answer(error, http.getRequest<Request>(), http.getResponse<Response>());
  }

  /** The same for what fails before or beside the handlers. */
  answer(error: unknown, request: Request, response: Response): void {
    if (response.headersSent) return;
    const { status, message, current, retryAfterSeconds } = this.read(error);
    const body: ApiError = { statusCode: status, error: STATUS_CODES[status] ?? 'Error', message, path: request.originalUrl };
    if (current !== undefined) body.current = current;
    if (retryAfterSeconds !== undefined) response.setHeader('Retry-After', String(retryAfterSeconds));
    response.status(status).json(body);
  }

  private read(error: unknown): Said {
    if (error instanceof BadInput) return { status: 400, message: [error.message] };
    if (error instanceof Unmakeable) return { status: 422, message: [error.message] };
    if (error instanceof HttpException) {
      const answer = error.getResponse();
      const said = typeof answer === 'string' ? answer : (answer as { message?: string | string[] }).message;
      const current = typeof answer === 'object' ? (answer as { current?: unknown }).current : undefined;
      const { retryAfterSeconds } = error as { retryAfterSeconds?: number };
      return { status: error.getStatus(), message: [said ?? error.message].flat().map(fieldFirst), current, retryAfterSeconds };
    }
    const kept = storageFault(error);
    if (kept) return kept;
    // express and its body reader mark their errors with a status
    const { status, type, message } = error as { status?: number; type?: string; message?: string };
    if (type === 'entity.too.large') return { status: 413, message: ['body: is too large; send less at once'] };
    if (error instanceof URIError) return { status: 400, message: ['address: is not well-formed'] };
    if (typeof status === 'number' && status >= 400 && status < 500) return { status, message: [`body: ${message ?? 'could not be read'}`] };
    this.log.error(error instanceof Error ? (error.stack ?? error.message) : String(error));
    return { status: 500, message: ['Something went wrong on our side. Your data is as it was.'] };
  }
}

/** What the disk or the database can't do just now: no mistake of the sender's, and it passes. */
function storageFault(error: unknown): Said | undefined {
  const said: string[] = [];
  for (let each = error; each instanceof Error; each = each.cause) said.push(`${(each as { code?: string }).code ?? ''} ${each.message}`);
  const text = said.join(' ');
  if (/SQLITE_FULL|ENOSPC|disk is full/.test(text))
    return {
      status: 507,
      message: ['The disk is full: nothing more can be saved until there is space. What was saved before is safe; free some space and it goes on.'],
    };
  if (/SQLITE_(READONLY|IOERR|CANTOPEN)|EROFS/.test(text))
    return { status: 503, message: ['The database can’t be written just now. What was saved before is safe.'], retryAfterSeconds: 5 };
  if (/SQLITE_BUSY/.test(text)) return { status: 503, message: ['The database is busy. Try again in a moment.'], retryAfterSeconds: 1 };
  return undefined;
}

/** "box.each value in tools must be a string" names its field in the middle of the sentence: the field comes first, as everywhere. */
const fieldFirst = (message: string) => message.replace(/^((?:\w+\.)*)each value in (\w+) /, '$1$2: each ');
