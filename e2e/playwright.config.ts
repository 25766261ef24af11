import { defineConfig } from '@playwright/test';
import { EMPTY_PORT, PORT } from './ports.ts';

export default defineConfig({
  testDir: '.',
  timeout: 60_000,
  expect: { timeout: 8000 },
  workers: 1,
  retries: 0,
  outputDir: '../test-results',
  reporter: [['list'], ['json', { outputFile: '../reports/e2e.json' }]],
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
    viewport: { width: 1280, height: 800 },
    launchOptions: {
      executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
      args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--disable-component-update', '--disable-sync', '--no-first-run'],
    },
    trace: 'off',
    screenshot: 'only-on-failure',
  },
  webServer: [server(PORT, '--demo'), server(EMPTY_PORT)],
});

function server(port: number, ...args: string[]) {
  return {
    command: ['node e2e/fresh-server.mjs', ...args].join(' '),
    cwd: '..',
    url: `http://127.0.0.1:${port}/api/health`,
    env: { PORT: String(port) },
    reuseExistingServer: false,
    timeout: 30_000,
    gracefulShutdown: { signal: 'SIGTERM' as const, timeout: 5000 },
  };
}
