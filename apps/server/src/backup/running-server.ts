import { randomBytes } from 'node:crypto';
import { readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

/** How the command line reaches the server that has a data folder open. */
export interface RunningServer {
  url: string;
  /** Sent as x-arcus-token: whoever may read the data folder may act on it. */
  token: string;
}

const FILE = 'arcus-server.json';
export const newToken = () => randomBytes(24).toString('base64url');

export function announce(folder: string, server: RunningServer): () => void {
  writeFileSync(join(folder, FILE), JSON.stringify(server), { mode: 0o600 });
  return () => rmSync(join(folder, FILE), { force: true });
}

export function runningServer(folder: string): RunningServer | undefined {
  try {
    return JSON.parse(readFileSync(join(folder, FILE), 'utf8')) as RunningServer;
  } catch {
    return undefined;
  }
}
