// npm test: install, types, lint, dependency rules, unit and API tests, build, end-to-end. The last line counts what really ran.
import { spawn, spawnSync } from 'node:child_process';
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { findChromium } from './chromium.mjs';
import { build, install, root } from './prepare.mjs';

const reports = join(root, 'reports');
const problems = [];

function step(name, args, env = {}) {
  console.log(`\n== ${name}`);
  const done = spawnSync('npx', ['--no-install', ...args], { cwd: root, stdio: 'inherit', env: { ...process.env, ...env } });
  if (done.status !== 0) problems.push(name);
}

/** Steps that only read, side by side; what each says is shown when it has ended. */
function together(steps) {
  const one = ([name, args, command = 'npx']) =>
    new Promise((ended) => {
      const child = spawn(command, command === 'npx' ? ['--no-install', ...args] : args, { cwd: root });
      let said = '';
      for (const stream of [child.stdout, child.stderr]) stream.on('data', (part) => (said += part));
      child.on('error', (error) => (said += String(error)));
      child.on('close', (code) => {
        console.log(`\n== ${name}\n${said}`);
        if (code !== 0) problems.push(name);
        ended();
      });
    });
  return Promise.all(steps.map(one));
}

function read(file) {
  try {
    return JSON.parse(readFileSync(join(reports, file), 'utf8'));
  } catch {
    return undefined;
  }
}

const LOAD = ['./scripts/bench/plans.mjs', './scripts/bench/lays.mjs', './e2e/bench-pages.mjs'].map((file) => `await import('${file}');`).join('\n');

install();
rmSync(reports, { recursive: true, force: true });
mkdirSync(reports, { recursive: true });
build();
await together([
  ['types', ['tsc', '--noEmit', '-p', 'tsconfig.json']],
  ['lint', ['eslint', '.']],
  ['format', ['prettier', '--check', '--log-level', 'warn', '.']],
  ['dependency rules', ['depcruise', 'packages', 'apps', 'demo', '--config', '.dependency-cruiser.cjs', '--output-type', 'err']],
  ['dead code', ['knip', '--no-progress']],
  // it is run by hand only: what it takes from the built core may have moved since
  ['the benchmark loads', ['--input-type=module', '-e', LOAD], process.execPath],
]);
step('unit and API tests', ['vitest', 'run', '--reporter=default', '--reporter=json', '--outputFile.json=reports/unit.json']);
console.log('\n== a short soak: kills, odd requests, a full disk');
if (spawnSync(process.execPath, [join(root, 'scripts/soak.mjs'), '16'], { cwd: root, stdio: 'inherit' }).status !== 0) problems.push('soak');
step('end-to-end tests', ['playwright', 'test', '--config', 'e2e/playwright.config.ts'], { CHROMIUM: findChromium() });

const unit = read('unit.json');
const e2e = read('e2e.json');
const passed = (unit?.numPassedTests ?? 0) + (e2e?.stats.expected ?? 0);
const failedTests = (unit ? unit.numFailedTests : 1) + (e2e ? e2e.stats.unexpected + e2e.stats.flaky : 1);
// a step that failed without a failed test (types, lint, a suite that would not load) counts as one
const failed = Math.max(failedTests, problems.length);
if (problems.length > 0) console.log(`\nNot well: ${problems.join(', ')}`);
console.log(`${passed} passed, ${failed} failed`);
process.exit(failed > 0 ? 1 : 0);
