// Installs and builds only what is missing or out of date, so that the README's commands work on a fresh clone and start fast afterwards.
import { spawnSync } from 'node:child_process';
import { existsSync, readdirSync, statSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const root = dirname(dirname(fileURLToPath(import.meta.url)));
const windows = process.platform === 'win32';

/** Runs a command in the project; ends this process with its code where it fails. */
export function run(command, args, options = {}) {
  const done = spawnSync(command, args, { cwd: root, stdio: 'inherit', shell: windows, ...options });
  if (done.status !== 0) process.exit(done.status ?? 1);
}

export function install() {
  const lock = join(root, 'package-lock.json');
  const installed = join(root, 'node_modules', '.package-lock.json');
  if (!existsSync(installed) || statSync(installed).mtimeMs < statSync(lock).mtimeMs - 1000) {
    console.log('Installing packages…');
    run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error']);
  }
}

function newest(folder) {
  let latest = 0;
  for (const entry of readdirSync(folder, { withFileTypes: true })) {
    if (entry.name === 'node_modules' || entry.name === 'dist') continue;
    const path = join(folder, entry.name);
    latest = Math.max(latest, entry.isDirectory() ? newest(path) : statSync(path).mtimeMs);
  }
  return latest;
}

export function build() {
  const built = ['apps/web/dist/index.html', 'apps/server/dist/.tsbuildinfo'].map((path) => join(root, path));
  const source = Math.max(...['packages', 'apps', 'demo'].map((folder) => newest(join(root, folder))));
  if (built.every((path) => existsSync(path) && statSync(path).mtimeMs > source)) return;
  console.log('Building…');
  run('npm', ['run', '--silent', 'build'], { stdio: ['ignore', 'ignore', 'inherit'] });
}
