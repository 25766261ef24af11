// Finds Chromium, or installs Debian's where that is allowed.
import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';

const PLACES = [process.env.CHROMIUM, '/usr/bin/chromium', '/usr/bin/chromium-browser', '/snap/bin/chromium'].filter(Boolean);

export function findChromium() {
  const found = PLACES.find((path) => existsSync(path));
  if (found) return found;
  if (process.getuid?.() === 0 && existsSync('/usr/bin/apt-get')) {
    console.log('Installing chromium…');
    const quiet = { stdio: ['ignore', 'ignore', 'inherit'], env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' } };
    spawnSync('apt-get', ['update', '-qq'], quiet);
    spawnSync('apt-get', ['install', '-y', '-qq', '--no-install-recommends', 'chromium'], quiet);
    if (existsSync('/usr/bin/chromium')) return '/usr/bin/chromium';
  }
  console.error('The end-to-end tests need Chromium. Install it (on Debian: "sudo apt-get install chromium") or set CHROMIUM to its path.');
  process.exit(1);
}
