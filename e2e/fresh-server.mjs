// The built server on a new data folder, with the demo scenario where it is asked for; the folder goes away with it.
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const data = mkdtempSync(join(tmpdir(), 'arcus-e2e-'));
const server = spawn(process.execPath, ['apps/server/dist/main.js', ...process.argv.slice(2)], {
  stdio: 'inherit',
  env: { ...process.env, ARCUS_DATA: data },
});
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => {
  rmSync(data, { recursive: true, force: true });
  process.exit(code ?? 0);
});
