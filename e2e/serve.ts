import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

export interface Served {
  url: string;
  stop(): Promise<void>;
}

/** The built server on a free port with a data folder of its own, which goes away with it; throws with what it said where it does not start. */
export async function serve({ demo = true, env = {} }: { demo?: boolean; env?: Record<string, string> } = {}): Promise<Served> {
  const data = mkdtempSync(join(tmpdir(), 'arcus-e2e-'));
  const server = spawn(process.execPath, ['apps/server/dist/main.js', ...(demo ? ['--demo'] : [])], {
    cwd: join(import.meta.dirname, '..'),
    env: { ...process.env, PORT: '0', ARCUS_DATA: data, ...env },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const ended = new Promise<void>((done) => server.on('exit', () => done()));
  const url = await new Promise<string>((ready, failed) => {
    let said = '';
    server.stdout.on('data', (part: Buffer) => {
      said += String(part);
      const [, port] = /ready: \S+:(\d+)/.exec(said) ?? [];
      if (port !== undefined) ready(`http://127.0.0.1:${port}`);
    });
    void ended.then(() => failed(new Error(`The server ended instead of starting. ${said}`)));
  });
  return {
    url,
    stop: async () => {
      server.kill('SIGTERM');
      await ended;
      rmSync(data, { recursive: true, force: true });
    },
  };
}
