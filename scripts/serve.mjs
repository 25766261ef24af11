// Runs the built server as a child and passes signals on, so that Ctrl-C ends it cleanly.
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { root } from './prepare.mjs';

export function serve(args, env) {
  const child = spawn(process.execPath, [join(root, 'apps/server/dist/main.js'), ...args], {
    cwd: root,
    stdio: 'inherit',
    env: { ...process.env, ...env },
  });
  for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill(signal));
  child.on('exit', (code, signal) => process.exit(code ?? (signal ? 0 : 1)));
}
