import { defineConfig } from '@playwright/test';

const PORT = 4899;

export default defineConfig({
  testDir: '.',
  timeout: 60_000,
  expect: { timeout: 8000 },
  workers: 1,
  retries: 0,
  outputDir: '../test-results',
  reporter: [['list'], ['json', { outputFile: '../test-results/e2e.json' }]],
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
  webServer: {
    command: 'node e2e/fresh-server.mjs',
    cwd: '..',
    url: `http://127.0.0.1:${PORT}/api/health`,
    env: { PORT: String(PORT) },
    reuseExistingServer: false,
    timeout: 30_000,
    gracefulShutdown: { signal: 'SIGTERM', timeout: 5000 },
  },
});
