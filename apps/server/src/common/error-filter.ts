import { Catch, HttpException, Logger, type ArgumentsHost, type ExceptionFilter } from '@nestjs/common';
import { STATUS_CODES } from 'node:http';
import { BadInput, Unmakeable } from '@arcus/core';
import type { ApiError } from '@arcus/contract';
import type { Request, Response } from 'express';

/** Every failure in the one shape the contract promises; only what we did not foresee is a 500, and that is logged. */
@Catch()
export class ErrorFilter implements ExceptionFilter {
  private readonly log = new Logger('errors');

  catch(error: unknown, host: ArgumentsHost): void {
    const http = host.switchToHttp();
    const request = http.getRequest<Request>();
    const response = http.getResponse<Response>();
    if (response.headersSent) return;
    const { status, message, current } = this.read(error);
    const body: ApiError = { statusCode: status, error: STATUS_CODES[status] ?? 'Error', message, path: request.originalUrl };
    if (current !== undefined) body.current = current;
    response.status(status).json(body);
  }

  private read(error: unknown): { status: number; message: string[]; current?: unknown } {
    if (error instanceof BadInput) return { status: 400, message: [error.message] };
    if (error instanceof Unmakeable) return { status: 422, message: [error.message] };
    if (error instanceof HttpException) {
      const answer = error.getResponse();
      const said = typeof answer === 'string' ? answer : (answer as { message?: string | string[] }).message;
      const current = typeof answer === 'object' ? (answer as { current?: unknown }).current : undefined;
      return { status: error.getStatus(), message: [said ?? error.message].flat(), current };
    }
    // express' body reader marks its errors with a status
    const { status, type, message } = error as { status?: number; type?: string; message?: string };
    if (type === 'entity.too.large') return { status: 413, message: ['body: is too large; send less at once'] };
    if (typeof status === 'number' && status >= 400 && status < 500) return { status, message: [`body: ${message ?? 'could not be read'}`] };
    this.log.error(error instanceof Error ? (error.stack ?? error.message) : String(error));
    return { status: 500, message: ['Something went wrong on our side. Your data is as it was.'] };
  }
}
