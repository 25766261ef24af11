import { defineConfig } from '@playwright/test';

export default defineConfig({
  testDir: '.',
  timeout: 120_000,
  // two at once on two cores: what takes a moment alone may take several
  expect: { timeout: 15_000 },
  workers: 2,
  retries: 0,
  outputDir: '../test-results',
  reporter: [['list'], ['json', { outputFile: '../reports/e2e.json' }]],
  use: {
    viewport: { width: 1280, height: 800 },
    launchOptions: {
      executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
      args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--disable-component-update', '--disable-sync', '--no-first-run'],
    },
    trace: 'off',
    screenshot: 'only-on-failure',
  },
});
