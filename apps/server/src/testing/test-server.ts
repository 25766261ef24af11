import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { createApp, type AppOptions } from '../create-app.ts';

export interface Answer<T = unknown> {
  status: number;
  body: T;
  headers: Headers;
}

/** A server of its own on an empty data folder, reached over real HTTP. */
export class TestServer {
  private constructor(
    readonly app: NestExpressApplication,
    readonly url: string,
    readonly folder: string,
  ) {}

  static async start(options: Omit<AppOptions, 'data'> = {}): Promise<TestServer> {
    const folder = mkdtempSync(join(tmpdir(), 'arcus-api-'));
    const app = await createApp({ data: folder, quiet: true, ...options });
    await app.listen(0, '127.0.0.1');
    const { port } = app.getHttpServer().address() as { port: number };
    return new TestServer(app, `http://127.0.0.1:${port}`, folder);
  }

  async stop(): Promise<void> {
    await this.app.close();
    rmSync(this.folder, { recursive: true, force: true });
  }

  /** Sends JSON (or, as text, anything at all) and reads JSON back. */
  async send<T = Record<string, unknown>>(method: string, path: string, body?: unknown, headers: Record<string, string> = {}): Promise<Answer<T>> {
    const answer = await fetch(this.url + path, {
      method,
      headers: { ...(body === undefined ? {} : { 'content-type': 'application/json' }), ...headers },
      body: body === undefined ? undefined : typeof body === 'string' ? body : JSON.stringify(body),
    });
    const text = await answer.text();
    return { status: answer.status, body: (text === '' ? undefined : JSON.parse(text)) as T, headers: answer.headers };
  }

  get<T = Record<string, unknown>>(path: string): Promise<Answer<T>> {
    return this.send<T>('GET', path);
  }

  post<T = Record<string, unknown>>(path: string, body: unknown): Promise<Answer<T>> {
    return this.send<T>('POST', path, body);
  }

  patch<T = Record<string, unknown>>(path: string, body: unknown): Promise<Answer<T>> {
    return this.send<T>('PATCH', path, body);
  }
}
